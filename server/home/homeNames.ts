import type { NetworkInterfaceInfo } from 'node:os';

/** Under what the machine can be reached in the home network. */
export interface HomeNames {
  /** IPv4 addresses, the likeliest first; loopback is not among them. */
  readonly addresses: readonly string[];
  readonly names: readonly string[];
}

/**
 * Private and link-local blocks (RFC 1918, RFC 3927, RFC 6598), in the order in which a home router is likely to use
 * them. Loopback stands apart.
 */
export const PRIVATE_BLOCKS = [
  { address: '192.168.0.0', bits: 16 },
  { address: '10.0.0.0', bits: 8 },
  { address: '172.16.0.0', bits: 12 },
  { address: '100.64.0.0', bits: 10 },
  { address: '169.254.0.0', bits: 16 },
] as const;

function toNumber(address: string): number {
  return address.split('.').reduce((sum, part) => sum * 256 + Number(part), 0);
}

/** Which of the private blocks an address lies in; -1 for a public one. */
function blockOf(address: string): number {
  return PRIVATE_BLOCKS.findIndex(({ address: from, bits }) => {
    const size = 2 ** (32 - bits);
    return Math.floor(toNumber(address) / size) === Math.floor(toNumber(from) / size);
  });
}

/**
 * The private addresses of this machine, and its names as home networks know them. A public address is none: the book
 * is for the home network.
 *
 * @example
 * homeNames(os.networkInterfaces(), 'attic').names; // ['attic', 'attic.local']
 */
export function homeNames(interfaces: NodeJS.Dict<NetworkInterfaceInfo[]>, hostname: string): HomeNames {
  const addresses = Object.values(interfaces)
    .flatMap((each) => each ?? [])
    .filter(({ family, internal, address }) => family === 'IPv4' && !internal && blockOf(address) >= 0)
    .map(({ address }) => address)
    .sort((a, b) => blockOf(a) - blockOf(b) || toNumber(a) - toNumber(b));
  const bare = hostname.toLowerCase().replace(/\.local$|\.lan$|\.home$/, '');
  const isName = /^[a-z0-9]([a-z0-9-]{0,61}[a-z0-9])?$/.test(bare) && bare !== 'localhost';
  return { addresses: [...new Set(addresses)], names: isName ? [bare, `${bare}.local`] : [] };
}
