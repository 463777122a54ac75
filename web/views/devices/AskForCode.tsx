import { useState } from 'react';
import type { OfferPairingDto } from '@keeper/contract/access';
import type { SeesDto } from '@keeper/contract/shown';
import { useMyKeeperId } from '../../data/whose.js';
import { Choice } from '../../parts/Choice.js';
import { Choices } from '../../parts/Choices.js';
import { useHousehold } from '../../parts/useHousehold.js';
import { devicesText } from './text.en-GB.js';

type Guest = 'helper' | 'reader';

/** What a reader may see beside kind, day and name. */
const MORE = ['sizes', 'pictures'] as const;
const FIRST_SEES: SeesDto = { whose: 'own', sizes: true, pictures: true };

/** For whom a code is, what a reader is let see, and the code itself in one more tap. */
export function AskForCode({ onAsk }: { onAsk: (wanted: OfferPairingDto) => void }) {
  const mine = useMyKeeperId();
  const others = useHousehold().filter(({ isMe }) => !isMe);
  const [chosen, setChosen] = useState<string>();
  const [sees, setSees] = useState(FIRST_SEES);
  const whom = chosen ?? mine;
  const guests: readonly { value: Guest; label: string }[] = [
    { value: 'helper', label: devicesText.forAHelper },
    { value: 'reader', label: devicesText.forAReader },
  ];
  const guest = guests.find(({ value }) => value === whom)?.value;
  const wanted: OfferPairingDto = guest
    ? { role: guest, keeperId: mine, ...(guest === 'reader' && { sees }) }
    : { role: 'keeper', keeperId: whom };
  return (
    <div className="mt-3 grid gap-3">
      <Choice<string>
        label={devicesText.forWhom}
        value={whom}
        onChange={setChosen}
        options={[
          { value: mine, label: devicesText.forMe },
          ...others.map(({ id, name }) => ({ value: id, label: devicesText.forKeeper({ name }) })),
          ...guests,
        ]}
      />
      {guest === 'helper' && <p className="text-soft">{devicesText.helperMay}</p>}
      {guest === 'reader' && <ReaderSees sees={sees} isHousehold={others.length > 0} onChange={setSees} />}
      <button type="button" className="button button-main min-h-14 justify-self-start" onClick={() => onAsk(wanted)}>
        {devicesText.showACode}
      </button>
    </div>
  );
}

interface ReaderSeesProps {
  readonly sees: SeesDto;
  readonly isHousehold: boolean;
  readonly onChange: (sees: SeesDto) => void;
}

function ReaderSees({ sees, isHousehold, onChange }: ReaderSeesProps) {
  return (
    <div className="grid gap-3">
      <p className="max-w-prose text-soft">{devicesText.readerMay}</p>
      {isHousehold && (
        <Choice
          label={devicesText.whoseFish}
          value={sees.whose}
          onChange={(whose) => onChange({ ...sees, whose })}
          options={[
            { value: 'own', label: devicesText.myFish },
            { value: 'all', label: devicesText.everybodysFish },
          ]}
        />
      )}
      <Choices<'sizes' | 'pictures'>
        label={devicesText.withThem}
        value={MORE.filter((each) => sees[each])}
        onChange={(shown) =>
          onChange({ ...sees, sizes: shown.includes('sizes'), pictures: shown.includes('pictures') })
        }
        options={MORE.map((value) => ({ value, label: devicesText[value] }))}
      />
      {sees.pictures && <p className="max-w-prose text-soft">{devicesText.pictureShows}</p>}
    </div>
  );
}
