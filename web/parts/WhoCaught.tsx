import type { Angler } from '@keeper/core/domain/capture/angler';
import { Choice } from './Choice.js';
import { partsText } from './text.en-GB.js';
import { TextField } from './TextField.js';

interface WhoCaughtProps {
  readonly value: Angler | null;
  readonly onChange: (angler: Angler | null) => void;
}

/** Whose fish it is. Another's stays in the book and in the fish's history, and is none of the keeper's bests. */
export function WhoCaught({ value, onChange }: WhoCaughtProps) {
  const name = value?.name ? { name: value.name } : {};
  return (
    <div className="grid gap-3">
      <Choice<'own' | Angler['who']>
        label={partsText.whoCaughtIt}
        value={value?.who ?? 'own'}
        onChange={(who) => onChange(who === 'own' ? null : { who, ...name })}
        options={[
          { value: 'own', label: partsText.iDid },
          { value: 'friend', label: partsText.aFriend },
          { value: 'child', label: partsText.aChild },
        ]}
      />
      {value && (
        <TextField
          className="max-w-sm"
          label={partsText.nameIfYouLike}
          value={value.name ?? ''}
          onChange={(typed) => onChange({ who: value.who, ...(typed.trim() && { name: typed.slice(0, 80) }) })}
        />
      )}
    </div>
  );
}
