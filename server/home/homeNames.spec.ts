import type { NetworkInterfaceInfo } from 'node:os';
import { homeNames } from './homeNames.js';

const at = (address: string, internal = false, family: 'IPv4' | 'IPv6' = 'IPv4') =>
  ({ address, internal, family }) as NetworkInterfaceInfo;

// RFC 1918: 10/8, 172.16/12, 192.168/16; RFC 3927: 169.254/16; RFC 6598: 100.64/10.
test.each([
  ['192.168.0.0', true],
  ['192.168.255.255', true],
  ['192.167.255.255', false],
  ['192.169.0.0', false],
  ['10.255.255.255', true],
  ['11.0.0.0', false],
  ['172.15.255.255', false],
  ['172.16.0.0', true],
  ['172.31.255.255', true],
  ['172.32.0.0', false],
  ['100.63.255.255', false],
  ['100.64.0.0', true],
  ['100.127.255.255', true],
  ['100.128.0.0', false],
  ['169.254.1.1', true],
  ['203.0.113.9', false],
])('%s is an address of a home network: %s', (address, is) => {
  expect(homeNames({ lan: [at(address)] }, 'attic').addresses).toEqual(is ? [address] : []);
});

test('loopback and IPv6 are left out, the likeliest address stands first, and each once', () => {
  const interfaces = {
    lo: [at('127.0.0.1', true)],
    docker: [at('172.17.0.1')],
    lan: [at('192.168.1.20'), at('fe80::1', false, 'IPv6'), at('192.168.1.20')],
    other: undefined,
  };
  expect(homeNames(interfaces, 'attic').addresses).toEqual(['192.168.1.20', '172.17.0.1']);
});

test.each([
  ['attic', ['attic', 'attic.local']],
  ['Attic.local', ['attic', 'attic.local']],
  ['attic.lan', ['attic', 'attic.local']],
  ['localhost', []],
  ['my attic', []],
])('a machine called %s', (hostname, names) => {
  expect(homeNames({}, hostname).names).toEqual(names);
});
