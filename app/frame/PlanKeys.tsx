import { useShallow } from 'zustand/react/shallow';
import { useEffect } from 'react';
import { useNavigate } from 'react-router';
import type { Plan } from '../../core/plan/index.js';
import { commandsAt } from '../commands/registry.js';
import { stationOf } from '../stations/registry.js';
import { useFrame } from '../store/frame.js';
import { FramePapers } from './FramePapers.js';
import { useCommandKeys } from './useCommandKeys.js';

/** Keys and papers of every command. They stay while the view of the next station is fetched: no key is lost on the way. */
export function PlanKeys({ plan, at }: { plan: Plan; at: string }) {
  const navigate = useNavigate();
  const { paper, open, reset } = useFrame(
    useShallow((state) => ({ paper: state.paper, open: state.open, reset: state.reset })),
  );
  const commands = commandsAt({ plan, go: (address) => void navigate(address) });
  const plate = stationOf(at) !== undefined;
  useCommandKeys(plate ? commands : commands.filter((command) => !command.atPlate));
  useEffect(reset, [at, reset]);
  return <FramePapers plan={plan} open={paper} commands={commands} onClose={() => open(null)} />;
}
