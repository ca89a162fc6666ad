import type { ReactNode } from 'react';
import { t } from '../../words/index.js';

/** What is wrong with a form, where it is kept. */
export function Wrong({ children }: { children: ReactNode }) {
  return (
    <p role="alert" className="text-beet-ink font-bold">
      {children}
    </p>
  );
}

/** Why a number is not taken. */
export const outOfRange = (min: number, max: number, isWhole = false): string =>
  isWhole
    ? t('A whole number between {min, number} and {max, number}.', { min, max })
    : t('Between {min, number} and {max, number}.', { min, max });
