import { appText } from './text.en-GB.js';

const KEYS: readonly { readonly keys: readonly string[]; readonly does: string }[] = [
  { keys: [appText.ctrlK, '/'], does: appText.keyPalette },
  { keys: ['?'], does: appText.keyKeys },
  { keys: [appText.digits], does: appText.keyDigits },
  { keys: [appText.arrows], does: appText.keyArrows },
  { keys: [appText.esc], does: appText.keyEscape },
];

/** What keys do, each on a line. */
export function KeysPage() {
  return (
    <>
      <h1 className="text-3xl font-semibold">{appText.shortcuts}</h1>
      <p className="mt-1 mb-5 text-soft">{appText.shortcutsHow}</p>
      <dl className="max-w-2xl border-b border-rule">
        {KEYS.map(({ keys, does }) => (
          <div key={does} className="grid grid-cols-[11rem_1fr] items-center gap-x-6 border-t border-rule py-3">
            <dt className="flex items-center gap-2">
              {keys.map((key, i) => (
                <span key={key} className="flex items-center gap-2">
                  {i > 0 && <span className="text-soft">{appText.or}</span>}
                  <kbd className="rounded-md border border-rule bg-leaf px-2.5 py-1 font-sans font-semibold">{key}</kbd>
                </span>
              ))}
            </dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
    </>
  );
}
