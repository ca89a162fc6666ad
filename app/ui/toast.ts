import type { ExternalToast, toast as saying } from 'sonner';

/**
 * A short note at the foot of the table. What shows notes comes after the first paint: a note that is made before waits
 * for it.
 */
export function toast(words: string, more?: ExternalToast): void {
  void shown.then((say) => say(words, more));
}

toast.error = (words: string, more?: ExternalToast): void => {
  void shown.then((say) => say.error(words, more));
};

let resolve: (say: typeof saying) => void;
const shown = new Promise<typeof saying>((done) => (resolve = done));

/** What shows notes says that it is there, and how they reach it. */
export const showsNotes = (say: typeof saying): void => resolve(say);
