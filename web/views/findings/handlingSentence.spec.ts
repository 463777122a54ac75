import type { HandlingFinding } from '@keeper/core/findings/handlingOutcomes';
import { proportionOf } from '@keeper/core/statistics/proportion';
import { handlingSentence, quietSentences } from './handlingSentence.js';

const finding = (more: Partial<HandlingFinding>): HandlingFinding => ({
  strain: 'fight',
  show: 'held',
  says: 'found',
  fish: 40,
  middle: null,
  p: 0.001,
  shift: null,
  halves: null,
  ...more,
});
const said = (more: Partial<HandlingFinding>) => handlingSentence(finding(more));

test.each<[string, Partial<HandlingFinding>, string]>([
  [
    'longer',
    { shift: { by: 45_000, low: 20_400, high: 70_000 } },
    'A longer fight goes with 45 s (20 to 70 s) longer upright before it left.',
  ],
  [
    'shorter, the smaller limit first',
    { strain: 'season', show: 'air', shift: { by: -12_000, low: -20_000, high: -3000 } },
    'A later year goes with 12 s (3 to 20 s) shorter out of the water.',
  ],
  [
    'beats',
    { strain: 'warmth', show: 'gillBeat', shift: { by: 9, low: 4, high: 15 } },
    'Warmer water goes with 9 (4 to 15) more gill beats a minute.',
  ],
  [
    'a count of each half',
    { strain: 'air', show: 'weakly', halves: { upper: proportionOf(9, 30), lower: proportionOf(2, 31) } },
    'Longer out of the water goes with how it leaves: weakly 9 of 30 in that half, 2 of 31 in the other.',
  ],
  [
    'one that came back',
    { show: 'back', halves: { upper: proportionOf(3, 20), lower: proportionOf(11, 20) } },
    'A longer fight goes with whether it comes back: 3 of 20 did in that half, 11 of 20 in the other.',
  ],
])('%s is said in a sentence', (_, more, sentence) => expect(said(more)).toBe(sentence));

test('what says nothing is said once for each way in which it would show', () => {
  const findings = [
    finding({ says: 'nothing' }),
    finding({ says: 'open', strain: 'air' }),
    finding({ says: 'open', strain: 'weight' }),
    finding({ says: 'open', strain: 'air', show: 'back' }),
  ];
  expect(quietSentences(findings)).toEqual([
    'To how long it is held upright no difference is made by the fight.',
    'Of how long it is held upright nothing is sure yet by the time out of the water and its weight.',
    'Of whether it comes back nothing is sure yet by the time out of the water.',
  ]);
});
