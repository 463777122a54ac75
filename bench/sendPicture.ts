/** Sends a picture to a running server; what it is called there. @throws Error with its sentence when it is refused */
export async function sendPicture(url: string, bytes: Buffer, name: string): Promise<string> {
  const form = new FormData();
  form.append('file', new Blob([new Uint8Array(bytes)], { type: 'image/jpeg' }), name);
  const answer = await fetch(`${url}/api/pictures`, { method: 'POST', body: form });
  if (!answer.ok) throw new Error(await answer.text());
  return ((await answer.json()) as { sha256: string }).sha256;
}
