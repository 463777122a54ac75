import { paths } from '../../app/paths.js';
import { settingsText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { Link } from 'react-router';
import { speciesName } from '@keeper/core/domain/fish/species';
import type { StoredEvent } from '../../data/deviceStore.js';
import { outbox } from '../../data/deviceOutbox.js';
import { useCapture } from '../../data/useCapture.js';
import { whenText } from '../../parts/when.js';
import { entryWords } from './entryWords.js';
import { HeldActions } from './HeldActions.js';
import { MendFields } from './MendFields.js';

/** One entry that the server did not take: of which fish, why, and what can be done about it. */
export function HeldEvent({ held }: { held: StoredEvent }) {
  const { event, order, problem, fields = [] } = held;
  return (
    <li className="border-t border-rule py-3">
      <p>
        <b>{entryWords(event)}</b>
        {'captureId' in event ? <OfFish captureId={event.captureId} /> : settingsText.ofAnOuting}
      </p>
      {fields.length === 0 && <p className="mb-2">{problem}</p>}
      <MendFields of={event} problems={fields} onMended={(right) => void outbox.mendEvent(order, right)} />
      <HeldActions
        what={settingsText.thisEntry}
        onAgain={() => outbox.sendAgain((each) => 'event' in each && each.order === order)}
        onDrop={() => outbox.dropEvent(order)}
      />
    </li>
  );
}

/** Which fish an entry is about. */
export function OfFish({ captureId }: { captureId: string }) {
  const { state } = useCapture(captureId);
  const { species, form, kindName } = state.facts;
  const fish = species ? say(speciesName(species, form, kindName)) : settingsText.aFish;
  return (
    <>
      {', '}
      <Link to={paths.capture(captureId)} className="quiet-link">
        {state.startedAt ? `${fish}, ${whenText(state.startedAt, new Date(), state.zone)}` : settingsText.aFishOfThe}
      </Link>
    </>
  );
}
