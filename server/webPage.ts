import type { ServerResponse } from 'node:http';
import { sep } from 'node:path';
import type { ServeStaticModuleOptions } from '@nestjs/serve-static';

/** How the web application is handed out: its files are named after their content and never change; its page may. */
export function webPage(folder: string): ServeStaticModuleOptions {
  return {
    rootPath: folder,
    exclude: ['/api/{*rest}', '/assets/{*rest}'],
    serveStaticOptions: {
      setHeaders: (response: ServerResponse, path: string) => {
        const named = path.includes(`${sep}assets${sep}`);
        response.setHeader('Cache-Control', named ? 'public, max-age=31536000, immutable' : 'no-cache');
      },
    },
  };
}
