import { Command } from 'cmdk';
import { useNavigate } from 'react-router';
import { toast } from 'sonner';
import type { Plan } from '../../core/plan/index.js';
import { useKitchen } from '../store/kitchen-jobs.js';
import { useSession } from '../store/session.js';
import { useSettings } from '../store/settings.js';
import { exportPlan, exportPng, exportShopping, exportSvg } from './exports.js';
import { STATION_NAMES, STATIONS } from './stations.js';
import { PaperDialog } from '../ui/kit/Dialog.js';
import { inputLook } from '../ui/kit/Input.js';

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
    <PaperDialog bare open={open} onClose={onClose} title="What shall be done?">
      <Command label="What shall be done">
        <Command.Input className={inputLook} placeholder="Type a few letters" />
        <Command.List className="max-h-85 overflow-auto mt-2" tabIndex={0} aria-label="Commands">
          <Command.Empty>Nothing of that name.</Command.Empty>
          {entries.map(([label, run]) => (
            <Command.Item
              key={label}
              onSelect={() => {
                onClose();
                run();
              }}
              className="cursor-pointer px-2 py-1.5 text-base data-[selected=true]:bg-beet data-[selected=true]:text-white"
            >
              {label}
            </Command.Item>
          ))}
        </Command.List>
      </Command>
    </PaperDialog>
  );
}
