import { t } from '../words/index.js';
import { toast } from '../ui/toast.js';

/** A newer version is looked for when the page opens and then each hour: a board can stand open all day. */
const LOOK_MS = 60 * 60 * 1000;

/** Resolves when no edit waits for the store. The page at the start has none, and does not bring the session for it. */
async function saved(): Promise<void> {
  const { useSession } = await import('./session.js');
  await new Promise<void>((resolve) => {
    const still = () => useSession.getState().saving > 0;
    if (!still()) return resolve();
    const stop = useSession.subscribe(() => {
      if (still()) return;
      stop();
      resolve();
    });
  });
}

function announce(load: () => void | Promise<void>): void {
  toast(t('A newer Round Plate is ready.'), {
    id: 'newer',
    duration: Infinity,
    action: { label: t('Load it'), onClick: () => void saved().then(load) },
  });
}

/** A worker that is thought busy keeps the next one waiting, in Chromium up to five minutes. */
const PATIENCE_MS = 4000;

/** Lets the worker that waits take over, and loads the page anew. Where it may not in time, the page comes from the server. */
async function change(): Promise<void> {
  const registration = await navigator.serviceWorker.getRegistration();
  const waiting = registration?.waiting;
  if (!waiting) return location.reload();
  const active = new Promise<true>((resolve) =>
    waiting.addEventListener('statechange', () => waiting.state === 'activated' && resolve(true)),
  );
  waiting.postMessage({ type: 'SKIP_WAITING' });
  const late = new Promise<false>((resolve) => setTimeout(() => resolve(false), PATIENCE_MS));
  if (!(await Promise.race([active, late]))) {
    const served = await fetch('/health', { cache: 'no-store' }).catch(() => undefined);
    if (!served?.ok)
      return void toast.error(t('The newer Round Plate cannot be loaded now. Try again later.'));
    await registration.unregister();
  }
  location.reload();
}

/**
 * Keeps the application in the browser, so that it opens without the server after one visit. A newer version waits
 * until somebody asks for it; no page is loaded again by itself, so no edit is cut off.
 */
export async function keepOffline(): Promise<void> {
  if (import.meta.env.DEV || !('serviceWorker' in navigator)) return;
  const { Workbox } = await import('workbox-window');
  const worker = new Workbox('/sw.js');
  let asked = false;
  worker.addEventListener('waiting', () =>
    announce(() => {
      asked = true;
      return change();
    }),
  );
  worker.addEventListener('controlling', ({ isUpdate, isExternal }) => {
    // another tab asked for it: this one goes on with what it has loaded until it is asked as well
    if (!asked && (isUpdate || isExternal)) announce(() => location.reload());
  });
  try {
    const registration = await worker.register();
    setInterval(() => void registration?.update().catch(() => undefined), LOOK_MS);
  } catch {
    // a browser that keeps nothing (private window, full disk) works as before, with the server
  }
}
