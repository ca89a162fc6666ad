import type { ReactNode } from 'react';

/** A part of the shelf. */
export function ShelfHeading({ children, first = false }: { children: ReactNode; first?: boolean }) {
  return <h2 className={`mb-1.5 text-lg/[1.12] font-extrabold ${first ? 'mt-0' : 'mt-2.5'}`}>{children}</h2>;
}

/** A part of a paper. */
export function PaperHeading({ children }: { children: ReactNode }) {
  return <h3 className="mt-3 mb-1 text-lg/[1.2] font-extrabold">{children}</h3>;
}
