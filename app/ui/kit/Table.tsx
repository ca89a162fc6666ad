import type { ReactNode } from 'react';

/** Figures in rows; the first cell of a row names it. */
export function Table({ children, className = '' }: { children: ReactNode; className?: string }) {
  return (
    <table
      className={`w-full border-collapse text-sm [&_:is(td,th)]:border-b [&_:is(td,th)]:border-dotted [&_:is(td,th)]:border-rule [&_:is(td,th)]:px-1.5 [&_:is(td,th)]:py-0.5 [&_td]:align-top [&_th]:text-left [&_th[scope=row]]:font-medium ${className}`}
    >
      {children}
    </table>
  );
}
