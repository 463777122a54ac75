import { randomInt, randomUUID } from 'node:crypto';
import { Inject, Injectable, Logger } from '@nestjs/common';
import type { EnterDto, OfferPairingDto, PairDto, PairingOffer, SetPassphraseDto } from '@keeper/contract/access';
import { readCode } from '@keeper/contract/access';
import { FIRST_KEEPER } from '@keeper/core/domain/capture/angler';
import { notFound, Problem } from '../errors/problem.js';
import { Semaphore } from '../semaphore.js';
import { keeperAsked, type Asking } from './asking.js';
import { Attempts } from './attempts.js';
import { DevicesRepository } from './devices.repository.js';
import { PairingCodes } from './pairingCodes.js';
import { COST, isPassphrase, keepPassphrase, PASSPHRASE_COST, type ScryptCost } from './passphrase.js';
import { PassphraseRepository } from './passphrase.repository.js';

/** The time of day, asked for when it is needed. */
type Clock = () => Date;

/** What a device has by its code: its session, and the fish that it was handed. */
interface Paired {
  readonly token: string;
  readonly captureId: string | null;
}

/** Lets devices in, by the passphrase or by a code. */
@Injectable()
export class AccessService {
  private readonly log = new Logger('Access');
  private readonly attempts = new Attempts();
  private readonly codes = new PairingCodes((bound) => randomInt(bound));
  /** A guess takes 128 MiB while it is weighed: one at a time. */
  private readonly weighing = new Semaphore(1);

  constructor(
    private readonly devices: DevicesRepository,
    private readonly passphrase: PassphraseRepository,
    @Inject(PASSPHRASE_COST) private readonly cost: ScryptCost = COST,
  ) {}

  hasPassphrase(): boolean {
    return this.passphrase.read() !== undefined;
  }

  isAskedHere(): boolean {
    return this.passphrase.isAskedHere();
  }

  /** Whether the passphrase is asked on the machine that keeps the book too. */
  askHere(isAsked: boolean, now: Date): void {
    if (isAsked && !this.hasPassphrase()) throw noPassphrase();
    this.passphrase.askHere(isAsked, now);
  }

  /** A code for a device of the keeper who is named, or of the one who asks. */
  offer({ role, keeperId, sees, captureId }: OfferPairingDto, asking: Asking, nowMs: number): PairingOffer {
    if (!this.hasPassphrase()) throw noPassphrase();
    const whose = keeperAsked(asking, keeperId);
    if (!this.devices.hasKeeper(whose)) throw notFound('That keeper');
    const of = { role, keeperId: whose, sees: sees ?? null, captureId: captureId ?? null };
    return this.codes.offer(of, nowMs);
  }

  /** Lets a device in by its code; one that helped before keeps its name. @returns its token, and its fish */
  pair({ code, name, deviceId }: PairDto, { device }: Asking, address: string, now: Date): Paired {
    this.assertMayTry(address, now);
    const offer = this.codes.use(readCode(code), now.getTime());
    if (!offer) {
      this.noteWrong('A pairing code', address, now);
      throw new Problem(403, {
        code: 'wrong-code',
        sentence: 'That code does not hold: it lives two minutes and works once. Show a new one on the other device.',
      });
    }
    this.attempts.right(address);
    const known = device?.deviceId === deviceId ? device.name : name;
    const token = this.devices.add({ ...offer, id: randomUUID(), name: known, deviceId }, now);
    return { token, captureId: offer.captureId };
  }

  /** Lets a device of the first keeper's own in: the others' are paired. @returns its token */
  async enter({ passphrase, name, deviceId }: EnterDto, address: string, now: Clock): Promise<string> {
    await this.assertPassphrase(passphrase, address, now);
    return this.devices.add(
      { id: randomUUID(), role: 'keeper', keeperId: FIRST_KEEPER, sees: null, name, deviceId },
      now(),
    );
  }

  /** Sets the passphrase, or changes it for one who knows it; all other devices have to be let in again. */
  async setPassphrase({ current, next }: SetPassphraseDto, asking: Asking, address: string, now: Clock): Promise<void> {
    if (this.hasPassphrase()) await this.assertPassphrase(current ?? '', address, now);
    const kept = await this.weighing.through(() => keepPassphrase(next, this.cost));
    this.passphrase.write(kept, now());
    this.devices.endAllBut(asking.device?.id ?? null);
    this.log.log('The passphrase was changed; the sessions of all other devices are over.');
  }

  private assertPassphrase(typed: string, address: string, now: Clock): Promise<void> {
    // Looked at when its turn comes: many at once are tried one after the other, and slowed down as such.
    return this.weighing.through(async () => {
      this.assertMayTry(address, now());
      const kept = this.passphrase.read();
      if (kept === undefined) throw noPassphrase();
      if (!(await isPassphrase(typed, kept))) {
        // Weighing takes a while: the pause begins when it is over.
        this.noteWrong('A passphrase', address, now());
        throw new Problem(403, { code: 'wrong-passphrase', sentence: 'That is not the passphrase of this book.' });
      }
      this.attempts.right(address);
    });
  }

  private assertMayTry(address: string, now: Date): void {
    const waitS = Math.ceil(this.attempts.waitMs(address, now.getTime()) / 1000);
    if (waitS === 0) return;
    throw new Problem(429, {
      code: 'wait',
      sentence: `Too many wrong ones in a row. Try again in ${waitS} seconds.`,
    });
  }

  private noteWrong(what: string, address: string, now: Date): void {
    const wrong = this.attempts.wrong(address, now.getTime());
    this.log.warn(`${what} that does not hold, from ${address}: ${wrong} in a row.`);
  }
}

function noPassphrase(): Problem {
  return new Problem(409, {
    code: 'not-allowed',
    sentence: 'Set a passphrase first: without one nobody but this machine can reach the book.',
  });
}
