import 'reflect-metadata';
import { IsBoolean, IsIn, Matches } from 'class-validator';
import { checked, IsId, IsName, IsText, Maybe, Nested } from './fields.js';
import { SeesDto } from './shown.js';

/**
 * What a device may do: a keeper's own may do all; a helper's taps along in a run and adds pictures; a reader's sees
 * the fish that its keeper lets it, without places.
 */
export const ROLES = ['keeper', 'helper', 'reader'] as const;
export type Role = (typeof ROLES)[number];

/** Where the passphrase begins to be long enough, and the longest that is taken (OWASP ASVS 4.0.3, 2.1.1 and 2.1.2). */
export const LEAST_PASSPHRASE = 12;
export const LONGEST_PASSPHRASE = 128;

/** Signs of a pairing code: none that is taken for another when it is read off a screen and typed. */
export const CODE_ALPHABET = '23456789ABCDEFGHJKMNPQRSTVWXYZ';
export const CODE_LENGTH = 8;
export const CODE_LIVES_MS = 2 * 60_000;

/** A code as it is typed: small letters and gaps do no harm. */
export function readCode(typed: string): string {
  return typed.toUpperCase().replace(/[\s-]/g, '');
}

/** Signs are counted as the keeper sees them, not as they are stored. */
export function IsPassphrase(): PropertyDecorator {
  return checked({
    name: 'isPassphrase',
    constraints: [LEAST_PASSPHRASE, LONGEST_PASSPHRASE],
    validate: (value) => {
      const length = typeof value === 'string' ? [...value.normalize('NFC')].length : 0;
      return length >= LEAST_PASSPHRASE && length <= LONGEST_PASSPHRASE;
    },
    sentence: `A passphrase has ${LEAST_PASSPHRASE} to ${LONGEST_PASSPHRASE} signs; a few words in a row are good.`,
  });
}

/** A new passphrase, with the one that stands where there is one. */
export class SetPassphraseDto {
  @Maybe() @IsText(LONGEST_PASSPHRASE * 4) current?: string;
  @IsPassphrase() next: string;
}

/** The passphrase, given by a device that is to be let in. */
export class EnterDto {
  @IsText(LONGEST_PASSPHRASE * 4) passphrase: string;
  @IsName(60, 'A device needs a name, such as: Phone in the pocket.') name: string;
  /** The name that the device signs its entries with. */
  @IsId() deviceId: string;
}

/** What a reader sees is said with its code, and with no other. */
function HasWhatItSees(): PropertyDecorator {
  return checked({
    name: 'hasWhatItSees',
    validate: (role, args) => (role === 'reader') === ((args?.object as Partial<OfferPairingDto>).sees !== undefined),
    sentence: 'Say what a reader is to see, and for others say nothing of it.',
  });
}

/** A code is asked for a device of this kind. */
export class OfferPairingDto {
  @IsIn(ROLES) @HasWhatItSees() role: Role;
  /** Which keeper the device is of, or is let in by; the one who asks, where nothing is said. */
  @Maybe() @IsId() keeperId?: string;
  /** What a reader sees. */
  @Maybe() @Nested(() => SeesDto) sees?: SeesDto;
  /** The fish that is handed over with it. */
  @Maybe() @IsId() captureId?: string;
}

/** A code that was read off the keeper's screen. */
export class PairDto {
  @Matches(new RegExp(`^[${CODE_ALPHABET}]{${CODE_LENGTH}}$`), { message: 'A code has eight signs.' }) code: string;
  @IsName(60, 'A device needs a name, such as: Phone in the pocket.') name: string;
  @IsId() deviceId: string;
}

/** Whether the book is open to the home network. */
export class SwitchHomeDto {
  @IsBoolean() on: boolean;
}

/** Whether the passphrase is asked on the machine that keeps the book too. */
export class AskHereDto {
  @IsBoolean() asked: boolean;
}

/** Who is asking, and how the book can be reached. */
export interface Access {
  /** It is asked on the machine that keeps the book. */
  readonly isHere: boolean;
  /** And there nobody is asked who they are, or the passphrase was given. */
  readonly onMachine: boolean;
  /** Null for a device that is not let in. */
  readonly role: Role | null;
  /** The keeper whose device it is, or who let it in; null where it is said on the device itself: on the machine. */
  readonly keeperId: string | null;
  /** The device as it is listed; null on the machine itself. */
  readonly deviceRowId: string | null;
  /** Put out by the keeper: it may hand in what waits on it, and nothing more. */
  readonly putOut: boolean;
  readonly hasPassphrase: boolean;
  /** Whether the passphrase is asked on the machine that keeps the book too. */
  readonly isAskedHere: boolean;
}

/** What a device is told that was let in. */
export interface LetIn extends Access {
  /** The fish that it was handed; null where none was. */
  readonly captureId: string | null;
}

export interface PairingOffer {
  readonly code: string;
  readonly role: Role;
  readonly keeperId: string;
  readonly sees: SeesDto | null;
  /** The fish that is handed over with it; null where none is. */
  readonly captureId: string | null;
  readonly untilMs: number;
}

export interface PairedDevice {
  readonly id: string;
  readonly name: string;
  readonly role: Role;
  readonly keeperId: string;
  readonly pairedAt: string;
  readonly lastSeenAt: string;
  /** Entries and pictures that waited on it when it was last seen. */
  readonly waiting: number;
  /** Put out then, and not come back since. */
  readonly putOutAt: string | null;
  /** Its session ended with a change of the passphrase: it has to be paired again. */
  readonly isOver: boolean;
}

/** How the book stands open to the home network. */
export interface Home {
  /** As the keeper wants it; it opens only once there is a passphrase. */
  readonly wanted: boolean;
  readonly isOpen: boolean;
  /** Addresses for a phone, the likeliest first. */
  readonly urls: readonly string[];
  /** What the certificate is: the book's own authority, the keeper's own, or a proxy's business. */
  readonly certificate: 'own-authority' | 'given' | 'of-proxy';
  /** SHA-256 of the authority's certificate, in pairs of hexadecimal digits; null where there is none. */
  readonly fingerprint: string | null;
  /** Why it could not be opened, in a sentence; null while all is well. */
  readonly trouble: string | null;
}
