import { anglerFor, GUESTS, keeperOf, type Angler, type Guest } from '@keeper/core/domain/capture/angler';
import { useMyKeeperId } from '../data/whose.js';
import { Choice } from './Choice.js';
import { partsText } from './text.en-GB.js';
import { TextField } from './TextField.js';
import { useHousehold } from './useHousehold.js';

interface WhoCaughtProps {
  readonly value: Angler | null;
  /** The keeper whose device it was begun on, where the log names one. */
  readonly begunBy: string | null;
  readonly onChange: (angler: Angler | null) => void;
}

/** Whose fish it is. A guest's stays in the book and in the fish's history, and is nobody's best. */
export function WhoCaught({ value, begunBy, onChange }: WhoCaughtProps) {
  const guest = value && value.who !== 'keeper' ? value : null;
  const name = guest?.name ? { name: guest.name } : {};
  return (
    <div className="grid gap-3">
      <WhoTaps
        value={value}
        begunBy={begunBy}
        onChange={(next) => onChange(next && next.who !== 'keeper' ? { ...next, ...name } : next)}
      />
      {guest && (
        <TextField
          className="max-w-sm"
          label={partsText.nameIfYouLike}
          value={guest.name ?? ''}
          onChange={(typed) => onChange({ who: guest.who, ...(typed.trim() && { name: typed.slice(0, 80) }) })}
        />
      )}
    </div>
  );
}

/** Who caught it, in one tap: whoever holds this device, another keeper of the book, or a guest. */
export function WhoTaps({ value, begunBy, onChange }: WhoCaughtProps) {
  const mine = useMyKeeperId();
  const household = useHousehold();
  const others = household.filter(({ isMe }) => !isMe);
  const keeperId = keeperOf(value, begunBy);
  const guests: readonly { value: Guest['who']; label: string }[] = [
    { value: 'friend', label: partsText.aFriend },
    { value: 'child', label: partsText.aChild },
  ];
  return (
    <Choice<string>
      label={partsText.whoCaughtIt}
      // In a book with one keeper it is theirs, whatever id it was begun under.
      value={keeperId === null ? value?.who : household.length === 0 ? mine : keeperId}
      onChange={(said) => {
        const who = GUESTS.find((each) => each === said);
        onChange(who ? { who } : anglerFor(said, begunBy));
      }}
      options={[
        { value: mine, label: partsText.iDid },
        ...others.map(({ id, name }) => ({ value: id, label: name })),
        ...guests,
      ]}
    />
  );
}
