import { LayoutGrid, Rows3 } from 'lucide-react';
import { ToggleGroup } from 'radix-ui';
import { CHOICE_ITEM } from '../../parts/Choice.js';
import { bookText } from './text.en-GB.js';

type As = 'lines' | 'pictures';

/** Whether the book is read line by line, or looked at. */
export function LinesOrPictures({ value, onChange }: { value: As; onChange: (as: As) => void }) {
  return (
    <ToggleGroup.Root
      type="single"
      aria-label={bookText.theBookAs}
      value={value}
      onValueChange={(next: string) => next && onChange(next as As)}
      className="flex gap-2"
    >
      <ToggleGroup.Item value="lines" aria-label={bookText.lines} className={`${CHOICE_ITEM} px-3`}>
        <Rows3 size={20} aria-hidden />
      </ToggleGroup.Item>
      <ToggleGroup.Item value="pictures" aria-label={bookText.pictures} className={`${CHOICE_ITEM} px-3`}>
        <LayoutGrid size={20} aria-hidden />
      </ToggleGroup.Item>
    </ToggleGroup.Root>
  );
}
