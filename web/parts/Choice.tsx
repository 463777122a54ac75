import { ToggleGroup } from 'radix-ui';

interface ChoiceProps<T extends string> {
  readonly label: string;
  readonly value: T | undefined;
  readonly onChange: (value: T) => void;
  readonly options: readonly { readonly value: T; readonly label: string }[];
}

/** The chosen one is marked by a bar and weight, not by colour alone. */
export const CHOICE_ITEM =
  'button font-normal data-[state=on]:border-ink data-[state=on]:font-semibold data-[state=on]:shadow-[inset_0_-4px_0_var(--water)]';

/** One of a few, all in sight. */
export function Choice<T extends string>({ label, value, onChange, options }: ChoiceProps<T>) {
  return (
    <ToggleGroup.Root
      type="single"
      aria-label={label}
      value={value ?? ''}
      onValueChange={(next: string) => next && onChange(next as T)}
      className="flex flex-wrap gap-2"
    >
      {options.map((option) => (
        <ToggleGroup.Item key={option.value} value={option.value} className={CHOICE_ITEM}>
          {option.label}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}
