import { cva } from 'class-variance-authority';
import { PlateGlyph } from '../ui/Glyph.js';
import type { Glyph } from '../ui/Glyph.js';

/** A slip hangs from the rail: its shadow lies outside the torn paper. */
export const SLIP_BOX =
  'group/slip relative mb-2.5 break-inside-avoid [filter:drop-shadow(0_1px_0_rgb(26_32_64/.12))_drop-shadow(0_4px_5px_rgb(26_32_64/.22))]';

export const slipLook = cva('on-paper torn px-3 pt-3 pb-5.5', {
  variants: { glyph: { whole: 'bg-paper', chipped: 'bg-paper', covered: 'bg-question', cracked: 'bg-stop' } },
});

export const SLIP_TEXT = 'm-0 text-xs/[1.2] text-ink/90';

export const STRIPS = '-mx-3 mt-2.5 -mb-2';

/** A tear-off line. The first one of the first slip is the next thing to do, and is filled. */
export const stripLook = cva(
  'relative flex min-h-9.5 w-full items-center justify-between gap-2 border-t-2 border-dotted border-ink/40 px-3 pt-1.5 pb-1 text-left text-sm/[1.06] font-bold transition-colors hover:bg-ink/8 disabled:opacity-50 [&>span]:text-right [&>span]:text-xs [&>span]:font-medium [&>span]:text-soft',
  {
    variants: {
      go: {
        true: 'text-beet-ink group-data-first/slip:bg-beet group-data-first/slip:text-white group-data-first/slip:hover:bg-beet-deep group-data-first/slip:[&>span]:text-beet-pale',
        false: '',
      },
    },
    defaultVariants: { go: false },
  },
);

export function SlipHead({ glyph, words, number }: { glyph: Glyph; words: string; number: string }) {
  return (
    <header className="mb-2 flex items-center gap-2 text-xs/none font-bold">
      <PlateGlyph state={glyph} />
      <span>{words}</span>
      <i className="ml-auto font-medium text-soft not-italic">{number}</i>
    </header>
  );
}
