import { Slider as Radix } from 'radix-ui';

/** A wooden rail with an enamel knob. */
export function Slider({
  label,
  value,
  min,
  max,
  step = 1,
  onChange,
  said,
  className = 'w-full',
}: {
  label: string;
  value: number;
  min: number;
  max: number;
  step?: number;
  onChange: (value: number) => void;
  /** The value in words, for who does not see where the knob stands. */
  said?: string;
  className?: string;
}) {
  return (
    <Radix.Root
      value={[value]}
      min={min}
      max={max}
      step={step}
      onValueChange={([v]) => v !== undefined && onChange(v)}
      className={`relative flex h-6 touch-none items-center select-none ${className}`}
    >
      <Radix.Track className="wood relative h-1.5 grow rounded-full">
        <Radix.Range className="absolute h-full rounded-full bg-beet" />
      </Radix.Track>
      <Radix.Thumb
        aria-label={label}
        aria-valuetext={said}
        className="block size-5 rounded-full border-3 border-enamel bg-china shadow-tag"
      />
    </Radix.Root>
  );
}
