import { COMMON_PRACTICE } from '../counsel.js';
import { spoken, type RunRule } from './runRule.js';

/** A few tries take about this long; then the hook is cut (common practice, no source). */
const TRIES_MS = 60_000;

/** What lies under it when it kicks. */
const DOWN_WITH_IT = {
  mat: 'Down with it, onto the mat; cover the eye, hold it still.',
  boat: 'Down with it, low on the padded floor, or let it go over the side. Cover the eye.',
  wading: 'Down with it, into the water; hold it there.',
} as const;

/** In the net, the hook, and what must be right before the lift. */
export const NETTED_RULES: readonly RunRule[] = [
  {
    id: 'swallowed',
    look: ({ hookEnd, signs, phase }) =>
      hookEnd === null && signs.has('hook-swallowed') && phase !== 'playing' && phase !== 'gone'
        ? {
            severity: 'stop',
            text: 'Swallowed: cut the line close and leave the hook.',
            reason: 'Pulling from there tears vital organs. Most hooks left in work loose.',
            basis: COMMON_PRACTICE,
            steps: [
              'Keep it in the water.',
              'Open the mouth just far enough to see.',
              'Snip the line as close as you can.',
              'Note it, and let it go.',
            ],
            does: ['line-cut'],
            avoids: ['hook-out', 'hook-cut'],
          }
        : null,
  },
  {
    id: 'deep-hook',
    look: ({ hookEnd, signs, phase, context: { toothed } }) =>
      hookEnd === null &&
      (signs.has('hook-deep') || signs.has('hook-near-gills')) &&
      phase !== 'playing' &&
      phase !== 'gone'
        ? {
            severity: 'stop',
            text: signs.has('hook-deep')
              ? 'Deep: cut the hook, do not pull.'
              : 'Near gills or eye: cut the hook, do not turn it.',
            reason: 'A hook costs pennies; a torn gill or throat costs the fish.',
            basis: COMMON_PRACTICE,
            steps: [
              toothed
                ? 'Spreader in, gently; hand along the inside of the gill plate, clear of the red.'
                : 'Cover the eye; keep it in the water.',
              'Side cutters from behind, through the gill cover’s opening if that is nearer.',
              'Cut each point that holds; let the rest fall out.',
              'Look for bleeding. Count the pieces.',
            ],
            does: ['hook-cut'],
            avoids: ['hook-out'],
          }
        : null,
  },
  {
    id: 'too-many-tries',
    look: ({ hookEnd, signs, unhookingMs, phase }) =>
      hookEnd === null &&
      unhookingMs >= TRIES_MS &&
      phase !== 'gone' &&
      !signs.has('thrashing') &&
      !['hook-swallowed', 'hook-deep', 'hook-near-gills'].some((sign) => signs.has(sign as 'hook-deep'))
        ? {
            severity: 'care',
            text: `${spoken(unhookingMs)} with the hook: cut it now.`,
            reason: 'More than a few tries is too long. New hooks are in the box.',
            basis: COMMON_PRACTICE,
            does: ['hook-cut'],
            avoids: ['hook-out'],
          }
        : null,
  },
  {
    id: 'thrashing',
    look: ({ phase, signs }) =>
      (phase === 'netted' || phase === 'resting') && signs.has('thrashing')
        ? {
            severity: 'stop',
            text: 'Wait. Head under, cover the eye, firm still hands. Nothing else until it lies calm.',
            reason: 'A fish that is still fighting hurts itself on mat and hook, and you.',
            basis: COMMON_PRACTICE,
            does: ['wait'],
            avoids: ['lifted'],
          }
        : null,
  },
  {
    id: 'thrashing-in-air',
    look: ({ phase, signs, use, context: { bank } }) =>
      phase === 'air' && signs.has('thrashing') && use.stage !== 'over'
        ? {
            severity: 'stop',
            text: DOWN_WITH_IT[bank === 'boat' || bank === 'wading' ? bank : 'mat'],
            reason: 'It falls less far from low. Once it kicks there is nothing to be read or pictured.',
            basis: COMMON_PRACTICE,
            does: ['wait'],
            avoids: ['weighed', 'measured', 'pictured', 'carried'],
          }
        : null,
  },
  {
    id: 'bleeding',
    look: ({ phase, signs }) =>
      phase !== 'playing' && phase !== 'gone' && signs.has('bleeding')
        ? {
            severity: 'stop',
            text: 'It is bleeding: leave the place alone, keep it in the water, let it go from the net.',
            reason: 'Handling and air make it bleed longer. Nothing that is poured on gills helps.',
            basis: COMMON_PRACTICE,
            does: ['held'],
            avoids: ['lifted', 'weighed', 'measured', 'pictured', 'clean', 'seal'],
          }
        : null,
  },
  {
    id: 'from-the-net',
    look: ({ phase, fromTheNet, signs, hookEnd, context: { waterC, stopLine, airC } }) =>
      (phase === 'netted' || phase === 'resting') && fromTheNet && hookEnd !== null && !signs.has('bleeding')
        ? {
            severity: 'stop',
            text: 'Release it from the net: no lift, no scale, no picture.',
            reason:
              waterC !== null && waterC >= stopLine.tempC
                ? 'The water is too warm for this fish.'
                : airC !== null && airC <= 0
                  ? 'In frost gills and eyes freeze within seconds.'
                  : 'It has nothing left for time out of the water.',
            basis: waterC !== null && waterC >= stopLine.tempC ? stopLine.basis : COMMON_PRACTICE,
            does: ['held'],
            avoids: ['lifted', 'weighed', 'measured', 'pictured'],
          }
        : null,
  },
  {
    id: 'grip-toothed',
    look: ({ phase, hookEnd, signs, context: { toothed, species } }) =>
      phase === 'netted' &&
      hookEnd === null &&
      toothed &&
      species !== 'trout' &&
      !signs.has('thrashing') &&
      !signs.has('small')
        ? {
            severity: 'care',
            text:
              species === 'wels'
                ? 'Glove on, thumb over the lower lip, the other hand under the jaw. Long pliers, from behind the rasp.'
                : 'Fingers along the inside of the gill plate, clear of the red rakers; lift the chin. Long pliers, from the far side of the teeth.',
            reason: 'Held so it opens its mouth by itself. Spreader gently, on its cord.',
            basis: COMMON_PRACTICE,
            does: ['grip'],
          }
        : null,
  },
  {
    id: 'grip-trout',
    look: ({ phase, context: { species } }) =>
      phase === 'netted' && species === 'trout'
        ? {
            severity: 'care',
            text: 'Never by lip, jaw or gills: both hands under it, in the water.',
            reason: 'The jaws and gills of trout and salmon cannot take it.',
            basis: COMMON_PRACTICE,
            does: ['grip'],
          }
        : null,
  },
  {
    id: 'grip-on-the-mat',
    look: ({ phase, hookEnd, use, signs, context: { toothed, species, bank } }) =>
      phase === 'air' &&
      hookEnd === null &&
      use.stage !== 'over' &&
      toothed &&
      species !== 'trout' &&
      !signs.has('thrashing') &&
      !signs.has('small') &&
      bank !== 'boat' &&
      bank !== 'wading'
        ? {
            severity: 'care',
            text:
              species === 'wels'
                ? 'On the mat, belly down: glove on, thumb over the lower lip. Long pliers, from behind the rasp.'
                : 'On the mat, its back towards you: fingers along the gill cover’s edge or flat inside the plate, wrist cocked, chin up.',
            reason:
              'Held firmly it opens its mouth by itself; clear of the red rakers it is not hurt. Never hung by it.',
            basis: COMMON_PRACTICE,
            does: ['grip'],
          }
        : null,
  },
  {
    id: 'line-caught',
    look: ({ phase, signs }) =>
      (phase === 'netted' || phase === 'resting') && signs.has('line-caught')
        ? {
            severity: 'stop',
            text: 'Free line and fins from mesh and net arms before anything is lifted.',
            reason: 'Weight on a folded fin or tail breaks it; a tight line tears the hook out.',
            basis: COMMON_PRACTICE,
            does: ['wait'],
            avoids: ['lifted'],
          }
        : null,
  },
  {
    id: 'settle',
    look: ({ phase, hookEnd, signs, fromTheNet, context: { schools }, retention }) =>
      phase === 'netted' &&
      hookEnd !== null &&
      !fromTheNet &&
      schools.fight !== 'played-out' &&
      retention.ms < 30_000 &&
      !signs.has('calm') &&
      !signs.has('thrashing') &&
      !signs.has('bleeding')
        ? {
            severity: 'good',
            text: 'Let it settle, head up, gills under. Set camera and scale meanwhile.',
            reason:
              schools.fight === 'short'
                ? 'It came in green: let it calm down in the net.'
                : 'A fish that has settled lies still on the mat.',
            basis: {
              kind: 'school',
              name: schools.fight === 'short' ? 'as short as can be' : 'short, then let it settle',
            },
            does: ['wait'],
          }
        : null,
  },
  {
    id: 'small-one',
    look: ({ phase, signs, hookEnd, context: { toothed } }) =>
      phase === 'netted' && signs.has('small') && !signs.has('bleeding')
        ? {
            severity: 'good',
            text: `A small one: by the wrist of the tail${toothed ? ', fingers clear of the teeth' : ''}${hookEnd === null ? ', hook out in the water' : ''}, and away. No scale, no camera.`,
            reason: 'Not every fish needs a number, and a small one is held without a hand in its gills.',
            basis: COMMON_PRACTICE,
            avoids: ['lifted', 'weighed', 'measured', 'pictured'],
          }
        : null,
  },
  {
    id: 'shed',
    look: ({ phase, hookEnd }) =>
      phase === 'netted' && hookEnd === 'shed'
        ? {
            severity: 'good',
            text: 'It shed the hook: find it in the mesh before you roll the net.',
            reason: 'A loose hook in the net ends in the fish or in a hand.',
            basis: COMMON_PRACTICE,
          }
        : null,
  },
  {
    id: 'to-the-mat',
    look: ({ phase, hookToTheMat, signs, fromTheNet, context: { schools } }) =>
      phase === 'netted' &&
      hookToTheMat &&
      !fromTheNet &&
      !['line-caught', 'thrashing', 'bleeding', 'small'].some((sign) => signs.has(sign as 'small'))
        ? {
            severity: 'care',
            text: `Line slack and clear of the net’s arms; pectorals flat, tail straight${schools.lift === 'sling' ? '; sling under it, zip closed' : '; mesh rolled to a pouch, a hand under'}. Then to the mat, low.`,
            reason:
              'The hook is still in: a tight line tears it out, and weight on a folded fin breaks it. Off the rig first, where the clip allows.',
            basis: { kind: 'school', name: 'unhooked on the mat' },
          }
        : null,
  },
  {
    id: 'before-the-lift',
    look: ({ phase, hookEnd, signs, fromTheNet, lookedOver, context: { schools, bank } }) =>
      phase === 'netted' &&
      hookEnd !== null &&
      !fromTheNet &&
      !signs.has('line-caught') &&
      !signs.has('thrashing') &&
      !signs.has('bleeding') &&
      !signs.has('small') &&
      !lookedOver
        ? {
            severity: 'good',
            text:
              schools.lift === 'sling'
                ? `Sling under it in the water; pectorals flat, tail straight. ${bank === 'boat' ? 'Low, over the side.' : 'Low, a step or two.'}`
                : `Roll the mesh to a pouch; pectorals flat, tail straight. ${bank === 'boat' ? 'Low, over the side, with a hand under.' : 'Low, a step or two, with a hand under.'}`,
            reason: 'Weight on a folded fin breaks it. Water or a thick wet mat below, all the way.',
            basis: { kind: 'school', name: schools.lift === 'sling' ? 'in the sling' : 'in the rolled net' },
          }
        : null,
  },
];
