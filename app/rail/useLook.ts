import { useCallback, useEffect, useRef } from 'react';
import { applyCommand, type Command, type Plan } from '../../core/plan/index.js';
import { usePreview } from '../store/preview.js';
import { ask } from '../workers/kitchen.js';

/** A pointer that only passes over asks for nothing. */
const REST_MS = 120;

/**
 * Shows what an edit would make of the plan, and keeps nothing: its foods at once; on a board that is laid they lie
 * where ground comes free a moment later. Null shows the plan as it is again.
 */
export function useLook(plan: Plan): (command: Command | null) => void {
  const show = usePreview((preview) => preview.show);
  const turn = useRef(0);
  useEffect(
    () => () => {
      turn.current += 1;
      show(null);
    },
    [show],
  );
  return useCallback(
    (command) => {
      const mine = ++turn.current;
      const done = command && applyCommand(plan, command);
      if (!done?.ok) return show(null);
      show(done.plan);
      if (plan.layout.length === 0) return;
      setTimeout(() => {
        if (turn.current !== mine) return;
        ask('lay', { plan: done.plan, seed: plan.seed, before: plan }).done.then(
          ({ surfaces }) => {
            if (turn.current !== mine) return;
            const layout = done.plan.layout.map(
              (layer) => surfaces.find((laid) => laid.surfaceId === layer.surfaceId) ?? layer,
            );
            show({
              ...done.plan,
              layout: layout.map(({ surfaceId, elements }) => ({ surfaceId, elements })),
            });
          },
          // a look that could not be laid is still shown as foods
          () => undefined,
        );
      }, REST_MS);
    },
    [plan, show],
  );
}
