import { CODE_ALPHABET, CODE_LENGTH, CODE_LIVES_MS, type PairingOffer } from '@keeper/contract/access';

/** Draws a whole number from 0 up to, but without, a bound. */
export type DrawBelow = (bound: number) => number;

/** So many codes stand at once; an older one gives way. */
const MOST_CODES = 20;

/** Codes that pair one device each: they live two minutes, in memory alone, and work once. */
export class PairingCodes {
  private readonly offers = new Map<string, PairingOffer>();

  constructor(private readonly drawBelow: DrawBelow) {}

  offer(of: Omit<PairingOffer, 'code' | 'untilMs'>, nowMs: number): PairingOffer {
    const signs = Array.from({ length: CODE_LENGTH }, () => CODE_ALPHABET[this.drawBelow(CODE_ALPHABET.length)]);
    const offer = { ...of, code: signs.join(''), untilMs: nowMs + CODE_LIVES_MS };
    this.offers.set(offer.code, offer);
    const [oldest] = this.offers.keys();
    if (this.offers.size > MOST_CODES && oldest !== undefined) this.offers.delete(oldest);
    return offer;
  }

  /** What a code was offered for; undefined for one that is none, is too old or was used. */
  use(code: string, nowMs: number): PairingOffer | undefined {
    const offer = this.offers.get(code);
    this.offers.delete(code);
    return offer && nowMs < offer.untilMs ? offer : undefined;
  }
}
