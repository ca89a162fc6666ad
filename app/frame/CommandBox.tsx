import { Command } from 'cmdk';
import { Dialog } from 'radix-ui';
import { useNavigate } from 'react-router';
import { toast } from 'sonner';
import type { Plan } from '../../core/plan/index.js';
import { useKitchen } from '../store/kitchen-jobs.js';
import { useSession } from '../store/session.js';
import { useSettings } from '../store/settings.js';
import { exportPlan, exportPng, exportShopping, exportSvg } from './exports.js';
import { STATION_NAMES, STATIONS } from './stations.js';

interface Acts {
  nextGuest(): void;
  stepBack(): void;
  squint(): void;
  help(): void;
}

/** Everything that can be done from here, by words. */
export function CommandBox({
  open,
  onClose,
  plan,
  act,
}: {
  open: boolean;
  onClose: () => void;
  plan: Plan;
  act: Acts;
}) {
  const navigate = useNavigate();
  const settings = useSettings();
  const kitchen = useKitchen();
  const session = useSession();
  const board = plan.surfaces[0];
  const entries: (readonly [string, () => void])[] = [
    ...STATIONS.map(
      (s) => [`Go to ${STATION_NAMES[s]}`, () => void navigate(`/plan/${plan.id}/${s}`)] as const,
    ),
    ['All plans', () => void navigate('/')],
    ['Compose the board anew', () => void kitchen.compose(plan)],
    ['Lay the board again, keep pins', () => void kitchen.lay(plan)],
    ['See it as the next guest', act.nextGuest],
    ['See it as everyone', () => session.see(null)],
    ['Step back', act.stepBack],
    ['Squint', act.squint],
    ['Undo', () => session.step('back')],
    ['Redo', () => session.step('forward')],
    [
      settings.theme === 'day' ? 'Evening' : 'Daylight',
      () => settings.set({ theme: settings.theme === 'day' ? 'evening' : 'day' }),
    ],
    [
      settings.units === 'metric' ? 'Ounces and inches' : 'Grams and millimetres',
      () => settings.set({ units: settings.units === 'metric' ? 'imperial' : 'metric' }),
    ],
    ['Save the plan as a file', () => exportPlan(plan)],
    ['Save the shopping list', () => exportShopping(plan)],
    ...(board
      ? ([
          ['Save the board as SVG', () => exportSvg(plan, board)],
          [
            'Save the board as PNG',
            () => void exportPng(plan, board).catch((e: unknown) => toast.error(String(e))),
          ],
        ] as const)
      : []),
    ['Print the sheet', () => void navigate(`/plan/${plan.id}/sheet`)],
    ['Keys', act.help],
  ];
  return (
    <Dialog.Root open={open} onOpenChange={(o) => !o && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="veil" />
        <Dialog.Content className="paper dialog" aria-describedby={undefined}>
          <Dialog.Title asChild>
            <h2>What shall be done?</h2>
          </Dialog.Title>
          <Command label="What shall be done">
            <Command.Input className="plain-input" placeholder="Type a few letters" />
            <Command.List
              style={{ maxHeight: 340, overflow: 'auto', marginTop: 8 }}
              tabIndex={0}
              aria-label="Commands"
            >
              <Command.Empty>Nothing of that name.</Command.Empty>
              {entries.map(([label, run]) => (
                <Command.Item
                  key={label}
                  onSelect={() => {
                    onClose();
                    run();
                  }}
                  className="command-item"
                >
                  {label}
                </Command.Item>
              ))}
            </Command.List>
          </Command>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
