import { useRef } from 'react';
import { Button } from './Button.js';

/** Asks for one file and hands it over; the same file can be picked again after it was mended. */
export function FileButton({
  words,
  label,
  accept,
  size,
  onFile,
}: {
  words: string;
  /** What the file is, for who hears it. */
  label: string;
  accept: string;
  size?: 'small';
  onFile: (file: File) => void;
}) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button look="quiet" size={size ?? 'usual'} onClick={() => input.current?.click()}>
        {words}
      </Button>
      <input
        ref={input}
        type="file"
        accept={accept}
        hidden
        aria-label={label}
        onChange={(event) => {
          const picked = event.target.files?.[0];
          if (picked) onFile(picked);
          event.target.value = '';
        }}
      />
    </>
  );
}

export const JSON_FILE = '.json,application/json';
export const CSV_FILE = '.csv,text/csv';
