/** The wall clock as the plan writes it: local, to the minute. The core has no clock; edits that need one take it from here. */
export function localNow(): string {
  const d = new Date();
  const two = (n: number) => String(n).padStart(2, '0');
  return `${d.getFullYear()}-${two(d.getMonth() + 1)}-${two(d.getDate())}T${two(d.getHours())}:${two(d.getMinutes())}`;
}
