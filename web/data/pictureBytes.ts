import { dataText } from './text.en-GB.js';
import { useQuery } from '@tanstack/react-query';
import type { PictureSize } from '@keeper/contract/pictures';
import { outbox } from './deviceOutbox.js';
import type { OutboxState } from './outbox.js';
import { useOutbox } from './useCapture.js';

/** The bytes of a picture that this device still holds for the server. */
export function heldBytes({ pictures }: OutboxState, sha256: string): Blob | undefined {
  return pictures.find((picture) => picture.sha256 === sha256 && picture.state !== 'sent')?.bytes;
}

/** The original bytes of a picture: from this device while it holds them, else from the server. */
export function usePictureBytes(sha256: string | undefined): { bytes: Blob | undefined; gone: boolean } {
  const { loaded } = useOutbox();
  const asked = useQuery({
    queryKey: ['picture bytes', sha256],
    // What this device holds is known first: the server may not have it yet.
    enabled: loaded && sha256 !== undefined,
    staleTime: Infinity,
    gcTime: 60_000,
    // Named by their content, they are the same however often they come: what looks at them need not begin anew.
    structuralSharing: (before, now) => before ?? now,
    queryFn: () => heldBytes(outbox.snapshot(), sha256 ?? '') ?? pictureBytes(sha256 ?? ''),
  });
  return { bytes: asked.data, gone: asked.isError };
}

/** A picture, or its copy for the screen, as the server has it. @throws Error when it has none, or does not answer */
export async function pictureBytes(sha256: string, size?: PictureSize): Promise<Blob> {
  const answer = await fetch(`/api/pictures/${sha256}${size ? `?size=${size}` : ''}`);
  if (!answer.ok) throw new Error(dataText.thePictureCouldNot);
  return answer.blob();
}

/** Addresses of pictures held on this device; each lives as long as the page, which is short. */
const addresses = new WeakMap<Blob, string>();

/** An address under which the page can show bytes. */
export function addressOf(picture: Blob): string {
  const address = addresses.get(picture) ?? URL.createObjectURL(picture);
  addresses.set(picture, address);
  return address;
}
