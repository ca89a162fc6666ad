import { useRef } from 'react';
import { Button } from './kit/Button.js';

/** A button that asks for a CSV file and hands over its text. */
export function PickTable({
  words,
  label,
  onText,
}: {
  words: string;
  label: string;
  onText: (text: string) => void;
}) {
  const file = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button look="quiet" size="small" onClick={() => file.current?.click()}>
        {words}
      </Button>
      <input
        ref={file}
        type="file"
        accept=".csv,text/csv"
        hidden
        aria-label={label}
        onChange={(e) => {
          void e.target.files?.[0]?.text().then(onText);
          e.target.value = '';
        }}
      />
    </>
  );
}
