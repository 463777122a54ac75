/** Schools on a fish that was hooked by accident in water that is too warm for it. */
export const HOT_CAPTURE_PRACTICES = ['land', 'break-off'] as const;
export type HotCapturePractice = (typeof HOT_CAPTURE_PRACTICES)[number];

/** One way of ending it, with what is for it and against it. */
export interface HotCaptureWay {
  readonly school: HotCapturePractice;
  readonly name: string;
  readonly steps: readonly string[];
  readonly speaksFor: string;
  readonly speaksAgainst: string;
}

/** Both ways. Common practice, no source: keepers disagree, and the fish that is not landed is never seen again. */
export const HOT_CAPTURE_WAYS: readonly HotCaptureWay[] = [
  {
    school: 'land',
    name: 'Land it as fast as the tackle allows',
    steps: [
      'Full pressure at once; the net is in already.',
      'Hook out in the water, in the net. Not lifted, not weighed, no picture.',
      'Held upright, head into the current, for as long as it takes.',
    ],
    speaksFor: 'No tackle stays in the fish, and you see how it leaves.',
    speaksAgainst: 'Every further minute of fight is a minute of acid that warm water clears slowly.',
  },
  {
    school: 'break-off',
    name: 'Break it off, or straighten the hook',
    steps: [
      'Point the rod at the fish, clamp the spool, walk back until hook or link gives.',
      'Only with a link that is weaker than the main line, and a lead that comes free.',
      'Then stop fishing here.',
    ],
    speaksFor: 'The fight ends at once.',
    speaksAgainst: 'A hook, perhaps a deep one, stays in the fish.',
  },
];

/** Both ways, the keeper's own school first. Example: `hotCaptureWays('land')[0].school === 'land'`. */
export function hotCaptureWays(school: HotCapturePractice): readonly HotCaptureWay[] {
  return [...HOT_CAPTURE_WAYS].sort((a, b) => Number(b.school === school) - Number(a.school === school));
}
