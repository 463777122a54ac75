import { weighText } from './text.en-GB.js';
import { Section } from '../../parts/Section.js';
import { OnThisBank } from './OnThisBank.js';
import { ScaleList } from './ScaleList.js';
import { SlingList } from './SlingList.js';
import { YourEye } from './YourEye.js';
import { Unread } from '../../parts/Unread.js';

/**
 * What stands behind a weight when no fish is there: scales and their checks, slings and their water, and the keeper's
 * own eye.
 */
export function WeighDesk() {
  return (
    <div className="grid gap-10">
      <h1 className="text-3xl font-semibold">{weighText.weighDesk}</h1>
      <Unread kind="kit" />
      <div className="grid items-start gap-x-12 gap-y-10 lg:grid-cols-[1fr_24rem]">
        <div className="grid gap-10">
          <ScaleList />
          <SlingList />
        </div>
        <div className="grid gap-10">
          <OnThisBank />
          <Section title={weighText.yourGuesses}>
            <YourEye />
          </Section>
        </div>
      </div>
    </div>
  );
}
