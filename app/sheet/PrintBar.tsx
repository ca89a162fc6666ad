import type { ReactNode } from 'react';
import { Link } from 'react-router';

/** What stands above a sheet on screen and is not printed: print it, and the way back. */
export function PrintBar({ back, words, children }: { back: string; words: string; children?: ReactNode }) {
  return (
    <div className="row no-print" style={{ marginBottom: 14 }}>
      <button className="button" onClick={() => window.print()}>
        Print
      </button>
      {children}
      <Link className="button quiet" to={back}>
        {words}
      </Link>
    </div>
  );
}
