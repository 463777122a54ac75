import { useState } from 'react';
import { ask } from '../../data/api.js';
import { sha256Of } from '../../data/sha256.js';
import { Notice } from '../../parts/Notice.js';
import { inAndOutText } from './text.en-GB.js';

/** Pictures that the fish of a book have and that did not come with it: chosen, each is known by its own bytes. */
export function MissingPictures({ wanted }: { wanted: readonly string[] }) {
  const [taken, setTaken] = useState<ReadonlySet<string>>(new Set());
  const [other, setOther] = useState(0);
  const [failed, setFailed] = useState<string>();
  const missing = wanted.filter((sha256) => !taken.has(sha256));
  const take = async (files: readonly File[]) => {
    setFailed(undefined);
    for (const file of files) {
      const sha256 = await sha256Of(file);
      if (!wanted.includes(sha256)) {
        setOther((count) => count + 1);
        continue;
      }
      const form = new FormData();
      form.append('file', file, file.name);
      try {
        await ask<unknown>('/pictures', { method: 'POST', body: form });
      } catch (error) {
        setFailed(error instanceof Error ? error.message : String(error));
        return;
      }
      setTaken((standing) => new Set([...standing, sha256]));
    }
  };
  if (wanted.length === 0) return null;
  return (
    <div className="grid gap-2">
      {missing.length > 0 && <p>{inAndOutText.picturesMissing({ count: missing.length })}</p>}
      {taken.size + other > 0 && <p role="status">{inAndOutText.picturesTaken({ taken: taken.size, other })}</p>}
      {failed !== undefined && <Notice role="alert">{failed}</Notice>}
      {missing.length > 0 && (
        <label className="button cursor-pointer justify-self-start has-focus-visible:outline-2">
          {inAndOutText.choosePictures}
          <input
            type="file"
            multiple
            className="sr-only"
            onChange={(event) => {
              void take([...(event.target.files ?? [])]);
              event.target.value = '';
            }}
          />
        </label>
      )}
    </div>
  );
}
