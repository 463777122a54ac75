import type { Home } from '@keeper/contract/access';
import { useSwitchHome } from '../../data/access.js';
import { Choice } from '../../parts/Choice.js';
import { Notice } from '../../parts/Notice.js';
import { Section } from '../../parts/Section.js';
import { devicesText } from './text.en-GB.js';

/** Opens the book to the home network, or shuts it: on the machine that keeps it, and nowhere else. */
export function HomeSwitch({ home, onMachine }: { home: Home; onMachine: boolean }) {
  const change = useSwitchHome();
  const { isOpen, trouble, certificate } = home;
  return (
    <Section title={devicesText.homeNetwork}>
      {certificate === 'of-proxy' ? (
        <p>{devicesText.ofProxy}</p>
      ) : onMachine ? (
        <Choice<'shut' | 'open'>
          label={devicesText.openOrShut}
          value={isOpen ? 'open' : 'shut'}
          onChange={(next) => change.mutate(next === 'open')}
          options={[
            { value: 'shut', label: devicesText.shut },
            { value: 'open', label: devicesText.open },
          ]}
        />
      ) : (
        <p>{devicesText.onlyOnTheMachine}</p>
      )}
      <p className="mt-2 max-w-prose text-soft">{isOpen ? devicesText.openMeans : devicesText.shutMeans}</p>
      {trouble !== null && <Notice role="alert">{trouble}</Notice>}
      {change.isError && <Notice role="alert">{devicesText.thatFailed({ sentence: change.error.message })}</Notice>}
    </Section>
  );
}
