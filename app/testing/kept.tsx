import { render } from '@testing-library/react';
import { useState, type ReactElement } from 'react';

/** A piece of the kit that keeps what it is told, and what it was told. */
export function kept<T>(first: T, of: (value: T, tell: (value: T) => void) => ReactElement): T[] {
  const told: T[] = [];
  function Keeping() {
    const [value, setValue] = useState(first);
    return of(value, (next) => {
      told.push(next);
      setValue(next);
    });
  }
  render(<Keeping />);
  return told;
}
