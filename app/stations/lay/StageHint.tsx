import type { ReactNode } from 'react';

/** What the board waits for, above it. */
export const StageHint = ({ children }: { children: ReactNode }) => (
  <p
    role="status"
    className="on-paper absolute top-12 left-1/2 z-6 m-0 -translate-x-1/2 bg-paper px-3 py-1 font-bold shadow-tag"
  >
    {children}
  </p>
);
