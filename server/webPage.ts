import { existsSync } from 'node:fs';
import type { ServerResponse } from 'node:http';
import { join, sep } from 'node:path';
import express, { type RequestHandler } from 'express';
import { isPage } from '@keeper/contract/pages';

/** Names that have an ending are files, such as `/assets/x.js`; what has none is a page. */
const FILE = /\.[a-z0-9]+$/i;

/**
 * Hands out the web application: its files are named after their content and never change; its page may. Every page is
 * the same document, with 404 where the application has none at that address.
 */
export function webPage(folder: string): RequestHandler[] {
  const page = join(folder, 'index.html');
  if (!existsSync(page)) return [];
  const files = express.static(folder, {
    index: false,
    setHeaders: (response: ServerResponse, path: string) => {
      const named = path.includes(`${sep}assets${sep}`);
      response.setHeader('Cache-Control', named ? 'public, max-age=31536000, immutable' : 'no-cache');
    },
  });
  const pages: RequestHandler = (request, response, next) => {
    const isRead = request.method === 'GET' || request.method === 'HEAD';
    if (!isRead || request.path === '/api' || request.path.startsWith('/api/') || FILE.test(request.path)) {
      next();
      return;
    }
    response.status(isPage(request.path) ? 200 : 404).setHeader('Cache-Control', 'no-cache');
    response.sendFile(page);
  };
  return [files, pages];
}
