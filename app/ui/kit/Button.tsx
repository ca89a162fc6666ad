import { cva, type VariantProps } from 'class-variance-authority';
import type { ButtonHTMLAttributes } from 'react';

/** How something to press looks: beet enamel, paper, a word in a line, a chip, an icon on the cloth. */
export const buttonLook = cva('', {
  variants: {
    look: {
      enamel:
        'edge-button inline-flex items-center gap-2 bg-beet font-display font-extrabold text-white no-underline transition-colors hover:bg-beet-deep focus-visible:[clip-path:none] disabled:cursor-default disabled:bg-rule disabled:text-white',
      quiet:
        'edge-button inline-flex items-center gap-2 bg-(--quiet) font-display font-extrabold text-ink no-underline transition-colors hover:bg-white focus-visible:[clip-path:none] disabled:cursor-default disabled:bg-rule disabled:text-white',
      link: 'font-bold text-inherit underline decoration-dotted decoration-[1.5px] underline-offset-3 disabled:opacity-50',
      chip: 'rounded-paper border-[1.5px] border-line bg-white px-2.5 py-1 text-sm/[1.2] font-semibold text-ink hover:bg-runner',
      'chip-own':
        'rounded-paper border-[1.5px] border-dashed border-line bg-white px-2.5 py-1 text-sm/[1.2] font-semibold text-ink hover:bg-runner',
      icon: 'grid h-8.5 w-7.5 place-items-center text-inherit disabled:cursor-default disabled:opacity-40',
    },
    size: { usual: '', small: '' },
  },
  compoundVariants: [
    { look: ['enamel', 'quiet'], size: 'usual', className: 'min-h-10 px-4 py-1 text-base/[1.1]' },
    { look: ['enamel', 'quiet'], size: 'small', className: 'min-h-8 px-2.5 py-0.5 text-sm/[1.1]' },
  ],
  defaultVariants: { look: 'enamel', size: 'usual' },
});

type Look = VariantProps<typeof buttonLook>;

export function Button({
  look,
  size,
  className,
  type = 'button',
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & Look) {
  return <button type={type} className={buttonLook({ look, size, className })} {...rest} />;
}
