import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { Button, buttonLook } from '../ui/kit/Button.js';
import { t } from '../words/index.js';

/** What stands above a sheet on screen and is not printed: print it, and the way back. */
export function PrintBar({ back, words, children }: { back: string; words: string; children?: ReactNode }) {
  return (
    <div className="flex flex-wrap items-center gap-2.5 print:hidden mb-3.5">
      <Button onClick={() => window.print()}>{t('Print')}</Button>
      {children}
      <Link className={buttonLook({ look: 'quiet' })} to={back}>
        {words}
      </Link>
    </div>
  );
}
