import 'reflect-metadata';
import { webcrypto } from 'node:crypto';
import { AsnConvert } from '@peculiar/asn1-schema';
import { GeneralName, GeneralSubtree, GeneralSubtrees, NameConstraints } from '@peculiar/asn1-x509';
import {
  BasicConstraintsExtension,
  ExtendedKeyUsageExtension,
  Extension,
  KeyUsageFlags,
  KeyUsagesExtension,
  PemConverter,
  SubjectAlternativeNameExtension,
  SubjectKeyIdentifierExtension,
  AuthorityKeyIdentifierExtension,
  X509Certificate,
  X509CertificateGenerator,
  cryptoProvider,
  type JsonGeneralName,
} from '@peculiar/x509';
import { PRIVATE_BLOCKS, type HomeNames } from './homeNames.js';

cryptoProvider.set(webcrypto);

/** A certificate with its key, both as PEM. */
export interface Certified {
  readonly key: string;
  readonly certificate: string;
}

const DAY_MS = 24 * 3600_000;
/** A phone whose clock is slow by up to a day takes a certificate that was made just now. */
const BEFORE_MS = DAY_MS;
/** Installed once on each phone, it should outlive the phone. */
const AUTHORITY_LIVES_MS = 10 * 365 * DAY_MS;
/** The certificate of the server is short-lived and renewed by itself. */
export const LEAF_LIVES_MS = 30 * DAY_MS;
export const RENEWED_BEFORE_MS = 10 * DAY_MS;

const ALGORITHM = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' } as const;
const NAME_CONSTRAINTS = '2.5.29.30';
const SERVER_AUTH = '1.3.6.1.5.5.7.3.1';

function makeKeys(): Promise<webcrypto.CryptoKeyPair> {
  return webcrypto.subtle.generateKey(ALGORITHM, true, ['sign', 'verify']);
}

async function pemOf(key: webcrypto.CryptoKey): Promise<string> {
  return PemConverter.encode(await webcrypto.subtle.exportKey('pkcs8', key), 'PRIVATE KEY');
}

/**
 * What the authority may speak for: the home's names and private addresses, and nothing else (RFC 5280, 4.2.1.10). Who
 * steals its key can pose as nothing beyond the keeper's own network.
 */
function homeOnly({ names }: HomeNames): Extension {
  const dns = ['local', 'localhost', ...names].map((dNSName) => new GeneralName({ dNSName }));
  const ip = [...PRIVATE_BLOCKS, { address: '127.0.0.0', bits: 8 }].map(
    ({ address, bits }) => new GeneralName({ iPAddress: `${address}/${bits}` }),
  );
  const subtrees = [...dns, ...ip].map((base) => new GeneralSubtree({ base }));
  const constraints = new NameConstraints({ permittedSubtrees: new GeneralSubtrees(subtrees) });
  return new Extension(NAME_CONSTRAINTS, true, AsnConvert.serialize(constraints));
}

/** Makes a certificate authority for one home (ECDSA, P-256). */
export async function makeAuthority(home: HomeNames, now: Date): Promise<Certified> {
  const keys = await makeKeys();
  const certificate = await X509CertificateGenerator.createSelfSigned({
    serialNumber: serialNumber(),
    name: 'CN=Unhurried Keeper of this home, O=Made by your own book',
    notBefore: new Date(now.getTime() - BEFORE_MS),
    notAfter: new Date(now.getTime() + AUTHORITY_LIVES_MS),
    signingAlgorithm: ALGORITHM,
    keys,
    extensions: [
      new BasicConstraintsExtension(true, 0, true),
      new KeyUsagesExtension(KeyUsageFlags.keyCertSign | KeyUsageFlags.cRLSign, true),
      homeOnly(home),
      await SubjectKeyIdentifierExtension.create(keys.publicKey),
    ],
  });
  return { key: await pemOf(keys.privateKey), certificate: certificate.toString('pem') };
}

/** Makes the server's certificate, signed by the authority, for the names and addresses that it has now. */
export async function makeLeaf(authority: Certified, home: HomeNames, now: Date): Promise<Certified> {
  const issuer = new X509Certificate(authority.certificate);
  const signingKey = await webcrypto.subtle.importKey(
    'pkcs8',
    PemConverter.decodeFirst(authority.key),
    ALGORITHM,
    false,
    ['sign'],
  );
  const keys = await makeKeys();
  const alternatives: JsonGeneralName[] = [
    ...['localhost', ...home.names].map((value) => ({ type: 'dns' as const, value })),
    ...['127.0.0.1', ...home.addresses].map((value) => ({ type: 'ip' as const, value })),
  ];
  const certificate = await X509CertificateGenerator.create({
    serialNumber: serialNumber(),
    subject: 'CN=Unhurried Keeper',
    issuer: issuer.subject,
    notBefore: new Date(now.getTime() - BEFORE_MS),
    notAfter: new Date(now.getTime() + LEAF_LIVES_MS),
    signingAlgorithm: ALGORITHM,
    publicKey: keys.publicKey,
    signingKey,
    extensions: [
      new BasicConstraintsExtension(false, undefined, true),
      new KeyUsagesExtension(KeyUsageFlags.digitalSignature, true),
      new ExtendedKeyUsageExtension([SERVER_AUTH]),
      new SubjectAlternativeNameExtension(alternatives),
      await SubjectKeyIdentifierExtension.create(keys.publicKey),
      await AuthorityKeyIdentifierExtension.create(issuer),
    ],
  });
  return { key: await pemOf(keys.privateKey), certificate: certificate.toString('pem') };
}

/** 127 random bits: positive, as RFC 5280 (4.1.2.2) asks. */
function serialNumber(): string {
  const bytes = webcrypto.getRandomValues(new Uint8Array(16));
  bytes[0] = ((bytes[0] ?? 0) & 0x7f) | 0x40;
  return Buffer.from(bytes).toString('hex');
}
