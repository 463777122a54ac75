import type { Home } from '@keeper/contract/access';

/** What the terminal says of the home network: the address for the phone, as a square to be looked at and in words. */
export async function sayHome({ isOpen, urls, trouble, fingerprint }: Home): Promise<string> {
  if (trouble !== null) return `${trouble}\n`;
  if (!isOpen) {
    return 'The home network stays shut until there is a passphrase: set one under Settings, Devices, or with npm run passphrase.\n';
  }
  const [url] = urls;
  if (url === undefined)
    return 'The book is open to the home network, but this machine has no address in one just now.\n';
  // Its module format of old gives no names of their own once it is bundled.
  const { default: squares } = await import('qrcode');
  const square = await squares.toString(`${url}/pair`, { type: 'utf8', margin: 2 });
  return [
    square,
    `On the phone: look at the square with the camera, or go to ${url}/pair`,
    ...(fingerprint === null ? [] : [`The certificate to be installed there has this fingerprint:\n${fingerprint}`]),
    '',
  ].join('\n');
}
