import { practiceText } from './text.en-GB.js';

/** Seconds out of the water, for those who go by a number of their own. */
export function OwnSeconds({ value, onChange }: { value: number; onChange: (seconds: number) => void }) {
  return (
    <label className="grid gap-1">
      {practiceText.seconds}
      <input
        type="number"
        inputMode="numeric"
        min={1}
        max={300}
        className="field max-w-40"
        defaultValue={value}
        onBlur={(event) => {
          const seconds = Math.round(Number(event.target.value));
          if (seconds >= 1 && seconds <= 300) onChange(seconds);
          else event.target.value = String(value);
        }}
      />
      <span className="text-soft">{practiceText.fromTo}</span>
    </label>
  );
}
