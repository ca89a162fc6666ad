import { useRef } from 'react';

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
      <button className="button quiet small" onClick={() => file.current?.click()}>
        {words}
      </button>
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
