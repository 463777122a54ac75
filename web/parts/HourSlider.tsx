import { Slider } from 'radix-ui';

interface HourSliderProps {
  readonly label: string;
  /** The moment in words, for those who hear it. */
  readonly text: string;
  readonly most: number;
  readonly value: number;
  readonly onChange: (value: number) => void;
}

/** Goes through the hours of an outing. */
export function HourSlider({ label, text, most, value, onChange }: HourSliderProps) {
  return (
    <Slider.Root
      min={0}
      max={Math.max(1, most)}
      step={1}
      value={[value]}
      onValueChange={([next = 0]) => onChange(next)}
      className="relative flex h-11 w-full touch-none items-center"
    >
      <Slider.Track className="relative h-1 grow rounded bg-rule" />
      <Slider.Thumb
        aria-label={label}
        aria-valuetext={text}
        className="block size-8 rounded-full border-2 border-ink bg-leaf"
      />
    </Slider.Root>
  );
}
