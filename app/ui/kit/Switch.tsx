import { Switch as Radix } from 'radix-ui';
import { useId } from 'react';

/** On or off at once, beside its words. */
export function Switch({
  label,
  on,
  onChange,
}: {
  label: string;
  on: boolean;
  onChange: (on: boolean) => void;
}) {
  const id = useId();
  return (
    <span className="inline-flex items-center gap-2">
      <Radix.Root
        id={id}
        checked={on}
        onCheckedChange={onChange}
        className="relative h-6 w-11 flex-none rounded-full border-2 border-line bg-china data-[state=checked]:border-beet data-[state=checked]:bg-beet"
      >
        <Radix.Thumb className="block size-4.5 translate-x-0.5 rounded-full bg-enamel transition-transform data-[state=checked]:translate-x-5 data-[state=checked]:bg-china" />
      </Radix.Root>
      <label htmlFor={id} className="cursor-pointer">
        {label}
      </label>
    </span>
  );
}
