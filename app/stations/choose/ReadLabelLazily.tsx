import { lazy, Suspense, type ComponentProps } from 'react';

const Loaded = lazy(() =>
  import('./ReadLabelDialog.js').then((module) => ({ default: module.ReadLabelDialog })),
);

/** The words of eight languages are fetched when a label is first read, not with the start page. */
export function ReadLabelDialog(props: ComponentProps<typeof Loaded>) {
  return (
    <Suspense fallback={null}>
      <Loaded {...props} />
    </Suspense>
  );
}
