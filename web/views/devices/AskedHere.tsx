import { useAskHere } from '../../data/access.js';
import { Choice } from '../../parts/Choice.js';
import { Notice } from '../../parts/Notice.js';
import { devicesText } from './text.en-GB.js';

/** Whether the passphrase is asked on the machine that keeps the book too. */
export function AskedHere({ isAsked }: { isAsked: boolean }) {
  const change = useAskHere();
  return (
    <div className="grid gap-1.5">
      <p className="text-sm">{devicesText.onThisMachineIt}</p>
      <Choice<'asked' | 'not-asked'>
        label={devicesText.onThisMachine}
        value={isAsked ? 'asked' : 'not-asked'}
        onChange={(said) => change.mutate(said === 'asked')}
        options={[
          { value: 'not-asked', label: devicesText.notAsked },
          { value: 'asked', label: devicesText.isAsked },
        ]}
      />
      {change.isError && <Notice role="alert">{devicesText.thatFailed({ sentence: change.error.message })}</Notice>}
    </div>
  );
}
