import { COMMON_PRACTICE } from '../counsel.js';
import { spoken, type MomentRule } from './momentRule.js';

/** A few tries take about this long; then the hook is cut (common practice, no source). */
const TRIES_MS = 60_000;

/** In the net, the hook, and what must be right before the lift. */
export const NETTED_RULES: readonly MomentRule[] = [
  {
    id: 'swallowed',
    look: ({ hookEnd, signs, phase }) =>
      hookEnd === null && signs.has('hook-swallowed') && phase !== 'playing' && phase !== 'gone'
        ? {
            severity: 'stop',
            text: 'Swallowed: cut the line close and leave the hook.',
            reason: 'What is pulled up from there tears what it lives by. Most hooks left in work loose.',
            basis: COMMON_PRACTICE,
            steps: [
              'Keep it in the water.',
              'Mouth open just so far as you can see.',
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
    look: ({ hookEnd, signs, phase, situation: { toothed } }) =>
      hookEnd === null &&
      (signs.has('hook-deep') || signs.has('hook-near-gills')) &&
      phase !== 'playing' &&
      phase !== 'gone'
        ? {
            severity: 'stop',
            text: signs.has('hook-deep')
              ? 'Deep: cut the hook, do not pull.'
              : 'Near gills or eye: cut the hook, do not turn it.',
            reason: 'A hook costs cents; a torn gill or throat costs the fish.',
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
    look: ({ phase, signs, use }) =>
      phase === 'air' && signs.has('thrashing') && use.stage !== 'over'
        ? {
            severity: 'stop',
            text: 'Down with it, onto the mat; cover the eye, hold it still.',
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
            text: 'It bleeds: leave the place alone, keep it in the water, let it go from the net.',
            reason: 'Handling and air make it bleed longer. Nothing that is poured on gills helps.',
            basis: COMMON_PRACTICE,
            does: ['held'],
            avoids: ['lifted', 'weighed', 'measured', 'pictured', 'clean', 'seal'],
          }
        : null,
  },
  {
    id: 'from-the-net',
    look: ({ phase, fromTheNet, signs, hookEnd, situation: { waterC, stopLine, airC } }) =>
      (phase === 'netted' || phase === 'resting') && fromTheNet && hookEnd !== null && !signs.has('bleeding')
        ? {
            severity: 'stop',
            text: 'Release it from the net: no lift, no scale, no picture.',
            reason:
              waterC !== null && waterC >= stopLine.tempC
                ? 'The water is over the line for this fish.'
                : airC !== null && airC <= -5
                  ? 'In this frost gills and eyes freeze within seconds.'
                  : 'It has no reserve left for air.',
            basis: waterC !== null && waterC >= stopLine.tempC ? stopLine.basis : COMMON_PRACTICE,
            does: ['held'],
            avoids: ['lifted', 'weighed', 'measured', 'pictured'],
          }
        : null,
  },
  {
    id: 'grip-toothed',
    look: ({ phase, hookEnd, signs, situation: { toothed, species } }) =>
      phase === 'netted' && hookEnd === null && toothed && species !== 'trout' && !signs.has('thrashing')
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
    look: ({ phase, situation: { species } }) =>
      phase === 'netted' && species === 'trout'
        ? {
            severity: 'care',
            text: 'Never by lip, jaw or gills: both hands under it, in the water.',
            reason: 'Trout and salmon kinds have jaws and gills that do not bear it.',
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
    look: ({ phase, hookEnd, signs, fromTheNet, situation: { schools }, retention }) =>
      phase === 'netted' &&
      hookEnd !== null &&
      !fromTheNet &&
      schools.fight === 'settle' &&
      retention.ms < 30_000 &&
      !signs.has('calm') &&
      !signs.has('thrashing') &&
      !signs.has('bleeding')
        ? {
            severity: 'good',
            text: 'Let it settle, head up, gills under. Set camera and scale meanwhile.',
            reason: 'A fish that has settled lies still on the mat.',
            basis: { kind: 'school', name: 'short, then let it settle' },
            does: ['wait'],
          }
        : null,
  },
  {
    id: 'small-one',
    look: ({ phase, signs }) =>
      phase === 'netted' && signs.has('small') && !signs.has('bleeding')
        ? {
            severity: 'good',
            text: 'A small one: no need to weigh. Hook out in the water, and away.',
            reason: 'Not every fish needs a number.',
            basis: COMMON_PRACTICE,
            avoids: ['weighed', 'measured'],
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
    id: 'before-the-lift',
    look: ({ phase, hookEnd, signs, fromTheNet, lookedOver, situation: { schools } }) =>
      phase === 'netted' &&
      hookEnd !== null &&
      !fromTheNet &&
      !signs.has('line-caught') &&
      !signs.has('thrashing') &&
      !signs.has('bleeding') &&
      !lookedOver
        ? {
            severity: 'good',
            text:
              schools.lift === 'sling'
                ? 'Sling under it in the water; pectorals flat, tail straight. Low, a step or two.'
                : 'Roll the mesh to a pouch; pectorals flat, tail straight. Low, a step or two, with a hand under.',
            reason: 'Weight on a folded fin breaks it. Never hold it over what you would not drop it on.',
            basis: { kind: 'school', name: schools.lift === 'sling' ? 'in the sling' : 'in the rolled net' },
          }
        : null,
  },
];
