import { Check, ChevronDown } from 'lucide-react';
import { Select } from 'radix-ui';
import { useState } from 'react';

interface PickerProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly options: readonly { readonly value: string; readonly label: string }[];
  readonly placeholder?: string;
}

/** One of many. */
export function Picker({ label, value, onChange, options, placeholder }: PickerProps) {
  // Choices are made when it is reached: a page may hold a hundred of these, of thirty choices each.
  const [isReached, setReached] = useState(false);
  const reach = () => setReached(true);
  return (
    <Select.Root value={value} onValueChange={onChange} onOpenChange={reach}>
      <Select.Trigger
        aria-label={label}
        onFocus={reach}
        className="field flex items-center justify-between gap-3 text-left"
      >
        <Select.Value placeholder={placeholder ?? label}>
          {options.find((option) => option.value === value)?.label}
        </Select.Value>
        <Select.Icon>
          <ChevronDown size={20} aria-hidden />
        </Select.Icon>
      </Select.Trigger>
      <Select.Portal>
        <Select.Content
          position="popper"
          sideOffset={4}
          className="z-20 max-h-80 min-w-(--radix-select-trigger-width) overflow-auto rounded-md border border-edge bg-leaf shadow-lg"
        >
          <Select.Viewport className="p-1">
            {(isReached ? options : []).map((option) => (
              <Select.Item
                key={option.value}
                value={option.value}
                className="flex min-h-12 items-center justify-between gap-4 rounded px-3 data-highlighted:bg-waterfill data-highlighted:outline-none"
              >
                <Select.ItemText>{option.label}</Select.ItemText>
                <Select.ItemIndicator>
                  <Check size={18} aria-hidden />
                </Select.ItemIndicator>
              </Select.Item>
            ))}
          </Select.Viewport>
        </Select.Content>
      </Select.Portal>
    </Select.Root>
  );
}
