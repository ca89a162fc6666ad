/** "27 Nov, 13:08": when a plan was saved or deleted, by this machine's clock. */
export const dayAndTime = (at: number): string =>
  new Date(at).toLocaleString('en-GB', {
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
  });
