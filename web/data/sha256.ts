/** How bytes are named everywhere: their SHA-256 in hexadecimal. */
export async function sha256Of(bytes: Blob): Promise<string> {
  const digest = await digestOf(new Uint8Array(await bytes.arrayBuffer()));
  return [...digest].map((byte) => byte.toString(16).padStart(2, '0')).join('');
}

/** A page that came without encryption has no `crypto.subtle`; a library takes its place then, some times slower. */
async function digestOf(bytes: Uint8Array<ArrayBuffer>): Promise<Uint8Array> {
  const { subtle } = crypto as { subtle?: SubtleCrypto };
  if (subtle) return new Uint8Array(await subtle.digest('SHA-256', bytes));
  const { sha256 } = await import('@noble/hashes/sha2');
  return sha256(bytes);
}
