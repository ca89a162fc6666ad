/** A key of the keyboard. The letter is drawn, not read: what the key does is said beside it. */
export function Kbd({ letter }: { letter: string }) {
  return (
    <kbd
      data-key={letter}
      className="rounded-sm border border-rule px-1.5 py-0.5 font-text text-xs/none font-bold text-soft after:content-[attr(data-key)]"
    />
  );
}
