import { readFileSync } from 'node:fs';
import { createServer, type Server } from 'node:https';
import type { RequestListener } from 'node:http';
import { once } from 'node:events';
import { hostname, networkInterfaces } from 'node:os';
import { join } from 'node:path';
import type { AddressInfo } from 'node:net';
import { Injectable, Logger, type OnApplicationShutdown } from '@nestjs/common';
import { eq } from 'drizzle-orm';
import type { Home } from '@keeper/contract/access';
import { PassphraseRepository } from '../access/passphrase.repository.js';
import type { Options } from '../options.js';
import { PATIENCE } from '../patientAdapter.js';
import { cutOffSlowSenders, realTime } from '../slowSenders.js';
import { Database } from '../storage/database.js';
import { keepSetting } from '../storage/keepSetting.js';
import { settings } from '../storage/schema.js';
import type { Certified } from './authority.js';
import { homeNames, type HomeNames } from './homeNames.js';

const SETTING = 'home';
/** Whether the addresses of the machine or the age of its certificate ask for another one is looked at so often. */
const LOOK_MS = 30_000;

/** What stands between the book and the home network: the door itself, and the certificate that it shows. */
@Injectable()
export class HomeService implements OnApplicationShutdown {
  private readonly log = new Logger('Home');
  private readonly folder: string;
  private handler: RequestListener | undefined;
  private server: Server | undefined;
  private looking: { stop(): void } | undefined;
  private names: HomeNames = { addresses: [], names: [] };
  private fingerprint: string | null = null;
  private authority: Certified | undefined;
  private trouble: string | null = null;

  constructor(
    private readonly options: Options,
    private readonly database: Database,
    private readonly passphrase: PassphraseRepository,
  ) {
    this.folder = join(options.dataFolder, 'home');
  }

  /** Who answers what comes in; then the door is opened, if it is to be open. */
  async begin(handler: RequestListener): Promise<void> {
    this.handler = handler;
    this.looking = realTime.every(LOOK_MS, () => void this.look());
    await this.apply();
  }

  /** The port of the door; undefined while it is shut. */
  port(): number | undefined {
    return (this.server?.address() as AddressInfo | null | undefined)?.port;
  }

  state(): Home {
    const port = this.port();
    const hosts = [...this.names.addresses, ...this.names.names];
    return {
      wanted: this.wanted(),
      isOpen: this.server !== undefined,
      urls: port === undefined ? [] : hosts.map((host) => `https://${host}:${port}`),
      certificate: this.options.proxies.length > 0 ? 'of-proxy' : this.options.certificate ? 'given' : 'own-authority',
      fingerprint: this.fingerprint,
      trouble: this.trouble,
    };
  }

  /** Names under which the home network may ask. */
  hosts(): readonly string[] {
    return [...this.names.addresses, ...this.names.names];
  }

  /** The certificate that a phone installs; undefined where the server has no authority of its own. */
  authorityCertificate(): string | undefined {
    return this.authority?.certificate;
  }

  async want(on: boolean): Promise<Home> {
    this.database.write(() => keepSetting(this.database.drizzle, SETTING, on ? 'open' : 'closed', new Date()));
    await this.apply();
    return this.state();
  }

  /** Opens or closes the door, as it is wanted and as there is a passphrase. */
  async apply(): Promise<void> {
    const isToBeOpen = this.wanted() && this.passphrase.read() !== undefined;
    if (isToBeOpen && !this.server) await this.open();
    if (!isToBeOpen && this.server) await this.close();
  }

  async onApplicationShutdown(): Promise<void> {
    this.looking?.stop();
    await this.close();
  }

  private wanted(): boolean {
    if (this.options.home) return true;
    const row = this.database.drizzle.select().from(settings).where(eq(settings.name, SETTING)).get();
    return row?.value === 'open';
  }

  private async open(): Promise<void> {
    const { handler } = this;
    if (!handler) return;
    this.trouble = null;
    try {
      this.names = homeNames(networkInterfaces(), hostname());
      const shown = await this.certified(new Date());
      const server = createServer({ ...PATIENCE, ...tlsOf(shown) }, handler);
      cutOffSlowSenders(server);
      const listening = once(server, 'listening');
      server.listen(this.options.homePort, '0.0.0.0');
      await listening;
      this.server = server;
    } catch (cause) {
      this.trouble = troubleOf(cause, this.options.homePort);
      this.log.error(this.trouble);
    }
  }

  private async close(): Promise<void> {
    const { server } = this;
    this.server = undefined;
    if (!server) return;
    const closed = new Promise<void>((resolve) => server.close(() => resolve()));
    server.closeAllConnections();
    await closed;
  }

  /**
   * Notices a passphrase that was set beside the server, other addresses, and a certificate that is soon over; phones
   * that are connected stay so.
   */
  private async look(): Promise<void> {
    await this.apply();
    if (!this.server) return;
    try {
      const names = homeNames(networkInterfaces(), hostname());
      if (names.addresses.join() !== this.names.addresses.join()) {
        this.log.log(`The addresses of this machine changed: ${names.addresses.join(', ') || 'none just now'}.`);
      }
      this.names = names;
      this.server?.setSecureContext(tlsOf(await this.certified(new Date())));
      this.trouble = null;
    } catch (cause) {
      this.trouble = troubleOf(cause, this.options.homePort);
    }
  }

  /** The certificate to show: the keeper's own, or one that is made here and renewed when it is time. */
  private async certified(now: Date): Promise<Certified> {
    const given = this.options.certificate;
    if (given) return { key: readFileSync(given.key, 'utf8'), certificate: readFileSync(given.cert, 'utf8') };
    // Fetched only by those who open the door: everybody else starts the sooner.
    const { keepAuthority, keepLeaf } = await import('./ownCertificates.js');
    const { fingerprintOf } = await import('./certificateFiles.js');
    const kept = await keepAuthority(this.folder, this.names, now);
    if (kept.wasLost) {
      this.log.warn(
        'The certificate authority of this book was damaged and is made anew: install it on each phone again.',
      );
    }
    this.authority = kept.authority;
    this.fingerprint = fingerprintOf(kept.authority);
    return keepLeaf(this.folder, kept.authority, this.names, now);
  }
}

/** Ciphers with forward secrecy and authenticated encryption (the intermediate list of Mozilla, from memory). */
const CIPHERS = [
  ...['TLS_AES_128_GCM_SHA256', 'TLS_AES_256_GCM_SHA384', 'TLS_CHACHA20_POLY1305_SHA256'],
  ...['ECDHE-ECDSA-AES128-GCM-SHA256', 'ECDHE-ECDSA-AES256-GCM-SHA384', 'ECDHE-ECDSA-CHACHA20-POLY1305'],
  ...['ECDHE-RSA-AES128-GCM-SHA256', 'ECDHE-RSA-AES256-GCM-SHA384', 'ECDHE-RSA-CHACHA20-POLY1305'],
].join(':');

function tlsOf({ key, certificate }: Certified) {
  const ways = { minVersion: 'TLSv1.2', ciphers: CIPHERS, ALPNProtocols: ['http/1.1'] } as const;
  return { key, cert: certificate, ...ways };
}

function troubleOf(cause: unknown, port: number): string {
  const { code, message } = cause as NodeJS.ErrnoException;
  if (code === 'EADDRINUSE') {
    return `The book could not be opened to the home network: port ${port} is taken. Choose another with --home-port.`;
  }
  return `The book could not be opened to the home network: ${message}`;
}
