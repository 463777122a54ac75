import { createServer, type RequestListener, type Server } from 'node:http';
import { ExpressAdapter } from '@nestjs/platform-express';
import { cutOffSlowSenders, HEAD_WITHIN_MS } from './slowSenders.js';

/** A server waits for no head for ever, and looks at its connections so often. */
export const PATIENCE = {
  headersTimeout: HEAD_WITHIN_MS,
  requestTimeout: 0,
  connectionsCheckingInterval: 2000,
} as const;

/**
 * Express over a server that waits for no head for ever; how long a body may take depends on how it comes, not on the
 * clock.
 */
export class PatientAdapter extends ExpressAdapter {
  override initHttpServer(): void {
    const server = createServer(PATIENCE, this.getInstance<RequestListener>());
    cutOffSlowSenders(server);
    this.httpServer = server;
  }

  override async close(): Promise<undefined> {
    const server: Server = this.httpServer;
    const closed = new Promise<void>((resolve) => server.close(() => resolve()));
    server.closeAllConnections();
    await closed;
  }
}
