import { Check } from 'lucide-react';
import { Checkbox as Radix } from 'radix-ui';
import { useId, type ReactNode } from 'react';

/** A tick beside its words; the words press it too. */
export function Checkbox({
  label,
  on,
  onChange,
  name,
  className = '',
}: {
  label?: ReactNode;
  on: boolean;
  onChange: (on: boolean) => void;
  /** Said instead of a label that is not there, or not words. */
  name?: string;
  className?: string;
}) {
  const id = useId();
  return (
    <span className={`inline-flex items-start gap-2 py-0.5 ${className}`}>
      <Radix.Root
        id={id}
        checked={on}
        onCheckedChange={(now) => onChange(now === true)}
        aria-label={name}
        className="mt-px grid size-4.5 flex-none place-items-center rounded-paper border-[1.5px] border-line bg-white text-white data-[state=checked]:border-beet data-[state=checked]:bg-beet"
      >
        <Radix.Indicator>
          <Check size={14} strokeWidth={3} />
        </Radix.Indicator>
      </Radix.Root>
      {label !== undefined && (
        <label htmlFor={id} className="cursor-pointer">
          {label}
        </label>
      )}
    </span>
  );
}
