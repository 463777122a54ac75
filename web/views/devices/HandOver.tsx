import { useEffect } from 'react';
import { useHome, useOffer } from '../../data/access.js';
import { useMyKeeperId } from '../../data/whose.js';
import { CodeOffer } from './CodeOffer.js';
import { devicesText } from './text.en-GB.js';

/** Hands the fish to another phone: a square for its camera. Nothing, where the book cannot be reached from there. */
export function HandOver({ captureId }: { captureId: string }) {
  const url = useHome()?.urls[0];
  const { mutate, data } = useOffer();
  const keeperId = useMyKeeperId();
  useEffect(() => {
    if (url !== undefined) mutate({ role: 'helper', keeperId, captureId });
  }, [url, mutate, keeperId, captureId]);
  if (url === undefined || !data) return null;
  return (
    <div className="grid gap-3">
      <CodeOffer key={data.code} offer={data} home={url} captureId={captureId} />
      <p className="text-soft">{devicesText.handOverHow}</p>
    </div>
  );
}
