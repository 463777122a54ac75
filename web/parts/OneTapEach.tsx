interface OneTapEachProps<T extends string> {
  readonly label: string;
  readonly options: readonly { readonly value: T; readonly label: string }[];
  readonly value?: T | undefined;
  readonly onTap: (value: T) => void;
}

/** A small question with an answer a tap, which nothing waits for. */
export function OneTapEach<T extends string>({ label, options, value, onTap }: OneTapEachProps<T>) {
  return (
    <div role="group" aria-label={label} className="grid gap-2">
      <p className="text-soft">{label}</p>
      <div className="grid grid-cols-3 gap-2.5">
        {options.map((option) => (
          <button
            key={option.value}
            type="button"
            aria-pressed={option.value === value}
            className="button min-h-14 px-2 leading-tight aria-pressed:border-ink aria-pressed:shadow-[inset_0_-4px_0_var(--water)]"
            onClick={() => onTap(option.value)}
          >
            {option.label}
          </button>
        ))}
      </div>
    </div>
  );
}
