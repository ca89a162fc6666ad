import { useSession } from '../store/session.js';

/** When the plan was last written to this browser's store. */
export function SavedAt() {
  const { savedAt, saving } = useSession();
  if (saving > 0) return <span>saving …</span>;
  if (!savedAt) return null;
  const time = new Date(savedAt).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
  return <span data-testid="saved">saved {time}</span>;
}
