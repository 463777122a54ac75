import { createHash, randomBytes } from 'node:crypto';
import { parseCookie, stringifySetCookie } from 'cookie';

/** 256 bits, as OWASP ASVS 4.0.3 asks for (3.2.2: at least 64). */
const TOKEN_BYTES = 32;
/** As long as browsers keep a cookie at most: a phone that lay in a drawer all winter is still known. */
const LIVES_S = 400 * 24 * 3600;
/** Bound to this host and to HTTPS by its very name (RFC 6265bis, 4.1.3.2). */
const SEALED = '__Host-keeper';
/** On the machine itself there is no HTTPS: what is sent there does not leave it. */
const HERE = 'keeper-here';

/** Whether a session is of a device over HTTPS, or of a browser on the machine that keeps the book. */
export type Door = 'sealed' | 'here';

const WAYS = { path: '/', httpOnly: true, sameSite: 'strict' } as const;
const nameOf = (door: Door) => (door === 'sealed' ? SEALED : HERE);

export function newToken(): string {
  return randomBytes(TOKEN_BYTES).toString('base64url');
}

/** What is kept of a token: who reads the book's file cannot ask with it. */
export function hashToken(token: string): string {
  return createHash('sha256').update(token).digest('hex');
}

/** The token that a request brought; undefined where it brought none. */
export function readToken(cookies: string | undefined, door: Door): string | undefined {
  return cookies === undefined ? undefined : parseCookie(cookies)[nameOf(door)];
}

export function cookieOf(token: string, door: Door): string {
  return stringifySetCookie({
    ...WAYS,
    name: nameOf(door),
    value: token,
    maxAge: LIVES_S,
    secure: door === 'sealed',
  });
}

export function cookieGone(door: Door): string {
  return stringifySetCookie({ ...WAYS, name: nameOf(door), value: '', maxAge: 0, secure: door === 'sealed' });
}
