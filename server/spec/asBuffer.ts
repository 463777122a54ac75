/** Reads an answer byte for byte, whatever its type. */
export function asBuffer(answer: unknown, done: (error: Error | null, bytes: Buffer) => void): void {
  const stream = answer as NodeJS.ReadableStream;
  const chunks: Buffer[] = [];
  stream.on('data', (chunk: Buffer) => chunks.push(chunk));
  stream.on('end', () => done(null, Buffer.concat(chunks)));
}
