import type { LengthOf } from '@keeper/core/domain/fish/bodyLength';
import { Choice } from './Choice.js';

/** To where a length was read: the three ways of laying a tail. */
export function LengthOfChoice({ value, onChange }: { value: LengthOf; onChange: (of: LengthOf) => void }) {
  return (
    <div className="mt-3">
      <Choice<LengthOf>
        label="Read to"
        value={value}
        onChange={onChange}
        options={[
          { value: 'tip', label: 'the tip, tail laid' },
          { value: 'pinched', label: 'the tip, tail pinched' },
          { value: 'fork', label: 'the fork' },
        ]}
      />
    </div>
  );
}
