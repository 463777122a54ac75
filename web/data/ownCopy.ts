import { dataText } from './text.en-GB.js';
/**
 * The bytes of a file, held by the browser itself. A file that was chosen is otherwise only pointed at, in a private
 * window even once it was kept: the card is pulled out, and the picture is gone.
 * @throws DOMException when the file cannot be read
 */
export async function ownCopy(file: File): Promise<File> {
  return new File([await file.arrayBuffer()], file.name, { type: file.type, lastModified: file.lastModified });
}

/** Bytes that this device kept, and cannot read any more. */
export class BytesGone extends Error {
  constructor() {
    super(dataText.thisDeviceCannotRead);
  }
}

/**
 * The same bytes, once it is certain that they can be read: sending what cannot be read looks like a server that is
 * away, for ever.
 * @throws BytesGone
 */
export async function stillReadable(bytes: Blob): Promise<Blob> {
  await bytes
    .slice(0, 1)
    .arrayBuffer()
    .catch(() => {
      throw new BytesGone();
    });
  return bytes;
}
