import { ToggleGroup } from 'radix-ui';
import { CHOICE_ITEM } from './Choice.js';

interface ChoicesProps<T extends string> {
  readonly label: string;
  readonly value: readonly T[];
  readonly onChange: (value: readonly T[]) => void;
  readonly options: readonly { readonly value: T; readonly label: string }[];
}

/** Any of a few, all in sight. */
export function Choices<T extends string>({ label, value, onChange, options }: ChoicesProps<T>) {
  return (
    <ToggleGroup.Root
      type="multiple"
      aria-label={label}
      value={[...value]}
      onValueChange={(next: string[]) => onChange(next as T[])}
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
