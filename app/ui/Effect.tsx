/** Longer than this, an effect may break into two lines; a number is never parted from its unit. */
const SHORT = 9;

/** What a remedy or a way out changes: "+20 g", "5 guests". */
export function Effect({ words }: { words: string }) {
  return <span className={words.length <= SHORT ? 'whitespace-nowrap' : undefined}>{words}</span>;
}
