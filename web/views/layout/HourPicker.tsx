import { layoutText } from './text.en-GB.js';
import type { LayoutJudgement, SunHour } from '@keeper/core/bank/layoutPoint';
import { clockBetween } from '../../data/useOutingAssessment.js';
import { HourSlider } from '../../parts/HourSlider.js';

interface HourPickerProps {
  readonly hours: readonly SunHour[];
  readonly matLight: LayoutJudgement['matLight'];
  readonly index: number;
  readonly onChange: (index: number) => void;
}

/**
 * The hours of the outing as a waterline: where the mat is in the sun it stands above the line, in shade it hangs
 * below.
 */
export function HourPicker({ hours, matLight, index, onChange }: HourPickerProps) {
  const clock = clockBetween(hours[0]?.atMs ?? 0, hours.at(-1)?.atMs ?? 0);
  const wide = 100 / Math.max(1, hours.length);
  return (
    <div>
      <p className="mb-1">
        {layoutText.theMatAt} <b className="tabular-nums">{clock(hours[index]?.atMs ?? 0)}</b>
        {layoutText.inTheSunIn({
          index: { sun: layoutText.inTheSun, shade: layoutText.inShade, dark: layoutText.noSunOnIt }[
            matLight[index] ?? 'dark'
          ],
        })}
      </p>
      <svg viewBox="0 0 100 16" preserveAspectRatio="none" className="block h-10 w-full" aria-hidden>
        {matLight.map((light, i) =>
          light === 'dark' ? null : (
            <rect
              key={i}
              x={i * wide}
              width={wide * 0.94}
              y={light === 'sun' ? 0 : 8}
              height={light === 'sun' ? 8 : 6}
              fill={light === 'sun' ? 'var(--air)' : 'var(--water)'}
            />
          ),
        )}
        <path d="M0 8H100" stroke="var(--ink)" strokeWidth="0.8" />
      </svg>
      <HourSlider
        label={layoutText.hourOfTheOuting}
        text={clock(hours[index]?.atMs ?? 0)}
        most={hours.length - 1}
        value={index}
        onChange={onChange}
      />
    </div>
  );
}
