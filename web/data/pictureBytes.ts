import { useQuery } from '@tanstack/react-query';
import { useOutbox } from './useCapture.js';

/** The original bytes of a picture: from this device while it holds them, else from the server. */
export function usePictureBytes(sha256: string | undefined): { bytes: Blob | undefined; gone: boolean } {
  const held = useOutbox().pictures.find((picture) => picture.sha256 === sha256 && picture.state !== 'sent')?.bytes;
  const asked = useQuery({
    queryKey: ['picture bytes', sha256],
    enabled: held === undefined && sha256 !== undefined,
    staleTime: Infinity,
    gcTime: 60_000,
    meta: { persist: false },
    queryFn: async () => {
      const answer = await fetch(`/api/pictures/${sha256}`);
      if (!answer.ok) throw new Error('The picture did not come.');
      return answer.blob();
    },
  });
  return { bytes: held ?? asked.data, gone: held === undefined && asked.isError };
}

/** Addresses of pictures held on this device; each lives as long as the page, which is short. */
const addresses = new WeakMap<Blob, string>();

/** An address under which the page can show bytes. */
export function addressOf(picture: Blob): string {
  const address = addresses.get(picture) ?? URL.createObjectURL(picture);
  addresses.set(picture, address);
  return address;
}
