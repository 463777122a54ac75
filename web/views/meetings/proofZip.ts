import { zip } from 'fflate';
import { proofFileName, proofManifest, proofReading, type ProofOf } from '@keeper/core/formats/proofBundle';
import { sha256Of } from '../../data/sha256.js';

/** What is put into a bundle: the proof, and the bytes of its picture as they came from the camera. */
export interface ProofToBundle {
  readonly proof: Omit<ProofOf, 'picture'> & { readonly picture: Omit<ProofOf['picture'], 'name'> };
  readonly bytes: Blob;
}

/** The name of a picture in the bundle, by what it is. */
export function pictureName(sha256: string, mime: string): string {
  const ending = { 'image/jpeg': 'jpg', 'image/png': 'png', 'image/webp': 'webp' }[mime] ?? 'bin';
  return proofFileName(`${sha256.slice(0, 12)}.${ending}`);
}

/**
 * The bundle: the original picture, the reading as JSON, and the list of hashes that `sha256sum -c SHA256SUMS` takes.
 * Pictures are stored as they are: they cannot be packed any further.
 */
export async function proofZip({ proof, bytes }: ProofToBundle): Promise<Blob> {
  const name = pictureName(proof.picture.sha256, bytes.type);
  const reading = proofReading({ ...proof, picture: { name, ...proof.picture } });
  const readingBytes = new TextEncoder().encode(reading.text);
  const manifest = proofManifest([
    { name, sha256: proof.picture.sha256 },
    { name: reading.name, sha256: await sha256Of(new Blob([readingBytes])) },
  ]);
  const picture = new Uint8Array(await bytes.arrayBuffer());
  const packed = await new Promise<Uint8Array>((resolve, reject) => {
    zip(
      {
        [name]: [picture, { level: 0 }],
        [reading.name]: readingBytes,
        [manifest.name]: new TextEncoder().encode(manifest.text),
      },
      (error, data) => (error ? reject(error) : resolve(data)),
    );
  });
  return new Blob([packed.slice()], { type: 'application/zip' });
}
