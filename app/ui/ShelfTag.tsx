import type { ReactNode } from 'react';
import type { Component } from '../../core/catalogue/index.js';
import { Portrait } from './Portrait.js';
import { shortName } from '../../core/measure/index.js';

/** A food on the wood of a shelf, with its tag; `small` is the line beneath its name. */
export function ShelfTag({
  component,
  on,
  small,
  press,
  children,
}: {
  component: Component;
  on: boolean;
  small: string;
  press: () => void;
  children?: ReactNode;
}) {
  return (
    <button
      className="group/item relative flex min-w-0 flex-col items-stretch border-0 bg-transparent p-0 before:wood before:relative before:order-1 before:-mx-0.75 before:h-1.75 before:shadow-tag [&_img]:mx-auto [&_img]:mt-1 [&_img]:-mb-1 [&_img]:block [&_img]:h-13"
      aria-pressed={on}
      onClick={press}
    >
      <Portrait food={component} />
      {children}
      <span className="on-paper order-2 mt-0.5 min-h-11 bg-paper px-0.5 pt-1 pb-0.5 text-center text-xs/[1.06] font-bold wrap-anywhere shadow-tag transition-colors group-hover/item:bg-ink group-hover/item:text-white group-aria-pressed/item:bg-ink group-aria-pressed/item:text-white [&_small]:block [&_small]:text-xs/[1.1] [&_small]:font-medium [&_small]:opacity-85">
        {shortName(component.name)}
        <small>{small}</small>
      </span>
    </button>
  );
}
