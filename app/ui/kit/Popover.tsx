import { Popover as Radix } from 'radix-ui';
import { useRef, useState, type KeyboardEvent, type ReactNode } from 'react';
import { t } from '../../words/index.js';

/** What is not taken says why, and the paper stays until it was read. */
const isRefused = ({ validity, type, value }: HTMLInputElement): boolean =>
  type === 'number' &&
  (value === '' || validity.rangeOverflow || validity.rangeUnderflow || validity.badInput);

const refusedIn = (paper: HTMLElement | null): HTMLInputElement | undefined =>
  [...(paper?.querySelectorAll('input') ?? [])].find(isRefused);

/** Words in a sentence that open in place. */
export function OpenWord({
  word,
  label,
  children,
  wide = false,
}: {
  word: string;
  label: string;
  children: ReactNode;
  /** As wide as what it holds. */
  wide?: boolean;
}) {
  const [open, setOpen] = useState(false);
  const paper = useRef<HTMLDivElement>(null);
  /** Of which number it was said that it is not taken: the next press leaves it. */
  const told = useRef<string>(undefined);
  // a number or a name is kept with Enter, and that is all there is to do here
  const enter = (event: KeyboardEvent): void => {
    if (event.key === 'Enter' && event.target instanceof HTMLInputElement && !isRefused(event.target))
      setOpen(false);
  };
  return (
    <Radix.Root open={open} onOpenChange={setOpen}>
      <Radix.Trigger
        aria-label={t('{label}: {word}. Change', { label, word })}
        className="border-b-2 border-dotted border-(--word) text-left leading-[1.1] font-extrabold text-(--word)"
      >
        {word}
      </Radix.Trigger>
      <Radix.Portal>
        <Radix.Content
          className={`on-paper z-50 bg-card px-3.5 py-3 shadow-paper ${wide ? 'w-max max-w-[96vw]' : 'w-62.5'}`}
          sideOffset={6}
          collisionPadding={10}
          aria-label={label}
          ref={paper}
          onKeyDown={enter}
          onPointerDownOutside={(event) => {
            const field = refusedIn(paper.current);
            if (!field || told.current === field.value) return;
            told.current = field.value;
            event.preventDefault();
            field.blur();
          }}
          onFocusOutside={(event) => refusedIn(paper.current) && event.preventDefault()}
        >
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
