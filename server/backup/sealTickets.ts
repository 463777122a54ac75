import { randomBytes } from 'node:crypto';

/** So long a ticket is good. */
export const TICKET_MS = 60_000;

/** Passphrases of downloads that are about to be fetched: each behind a ticket that is good once, and soon. */
export class SealTickets {
  private readonly issued = new Map<string, { readonly passphrase: string; readonly untilMs: number }>();

  constructor(private readonly nowMs: () => number) {}

  issue(passphrase: string): string {
    this.forgetOld();
    const ticket = randomBytes(24).toString('base64url');
    this.issued.set(ticket, { passphrase, untilMs: this.nowMs() + TICKET_MS });
    return ticket;
  }

  take(ticket: string): string | undefined {
    this.forgetOld();
    const found = this.issued.get(ticket);
    this.issued.delete(ticket);
    return found?.passphrase;
  }

  private forgetOld(): void {
    for (const [ticket, { untilMs }] of this.issued) if (untilMs <= this.nowMs()) this.issued.delete(ticket);
  }
}
