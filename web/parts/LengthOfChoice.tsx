import { partsText } from './text.en-GB.js';
import type { LengthOf } from '@keeper/core/domain/fish/bodyLength';
import { Choice } from './Choice.js';

/** To where a length was read: the three ways of laying a tail. */
export function LengthOfChoice({ value, onChange }: { value: LengthOf; onChange: (of: LengthOf) => void }) {
  return (
    <div className="mt-3">
      <Choice<LengthOf>
        label={partsText.readTo}
        value={value}
        onChange={onChange}
        options={[
          { value: 'tip', label: partsText.theTipTailLaid },
          { value: 'pinched', label: partsText.theTipTailPinched },
          { value: 'fork', label: partsText.theFork },
        ]}
      />
    </div>
  );
}
