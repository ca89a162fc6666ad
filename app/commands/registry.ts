import { deedsOf } from '../../core/deeds/index.js';
import { NEEDS, packOf } from '../../core/needs/index.js';
import { planLarder, type Plan } from '../../core/plan/index.js';
import { lower } from '../../core/words/index.js';
import { exportsFor, saveAs } from '../exports/save.js';
import { PAGES } from '../sheet/registry.js';
import { STATIONS } from '../stations/registry.js';
import { useFrame } from '../store/frame.js';
import { useKitchen } from '../store/kitchen-jobs.js';
import { useSession } from '../store/session.js';
import { useSettings } from '../store/settings.js';
import type { AppCommand, CommandPlace } from './command.js';
import { t, word } from '../words/index.js';

const session = () => useSession.getState();
const frame = () => useFrame.getState();

/** Through whose eyes next: everyone, then each group in turn. */
export function nextGuest(plan: Plan): void {
  const order = [null, ...plan.party.map((group) => group.id as string)];
  session().see(order[(order.indexOf(session().seenBy) + 1) % order.length] ?? null);
}

const goTo = ({ plan, go }: CommandPlace): AppCommand[] => [
  ...STATIONS.map((station) => ({
    id: `station ${station.id}`,
    words: t('Go to {name}', { name: station.name }),
    also: [station.name, station.help],
    keys: [station.key],
    keyWords: `${station.name}: ${station.help}`,
    run: () => go(`/plan/${plan.id}/${station.id}`),
  })),
  ...PAGES.filter((pageRecord) => pageRecord.words !== undefined).map((pageRecord) => ({
    id: `page ${pageRecord.id}`,
    words: pageRecord.words!,
    also: pageRecord.also ?? [],
    run: () => go(`/plan/${plan.id}/${pageRecord.id}`),
  })),
  { id: t('all plans'), words: t('All plans'), also: ['home', 'start', 'close'], run: () => go('/') },
];

const board = ({ plan }: CommandPlace): AppCommand[] => [
  {
    id: 'compose',
    words: t('Compose the board anew'),
    also: ['choose for me', 'propose', 'fill the board', 'suggest'],
    run: () => void useKitchen.getState().compose(plan),
  },
  {
    id: t('compose around'),
    words: t('Compose around what lies there'),
    also: ['complete', 'fill up', 'add what is missing'],
    run: () => void useKitchen.getState().compose(plan, true),
  },
  {
    id: 'lay',
    words: t('Lay the board again, keep pins'),
    also: ['arrange', 'layout'],
    run: () => void useKitchen.getState().lay(plan),
  },
  {
    id: 'undo',
    words: t('Undo'),
    also: ['back', 'take back'],
    keys: ['mod+z'],
    keyWords: t('undo'),
    run: () => void session().step('back'),
  },
  {
    id: 'redo',
    words: t('Redo'),
    keys: ['mod+shift+z', 'mod+y'],
    keyWords: t('redo'),
    run: () => void session().step('forward'),
  },
];

/** The plate alone, as one looks at it from afar. */
const plateLooks = (): AppCommand[] => [
  {
    id: 'step back',
    words: t('Step back'),
    atPlate: true,
    also: ['hide everything', 'full board'],
    keys: ['space'],
    keyWords: t('step back: everything but the board goes away'),
    run: () => frame().stepBack(),
  },
  {
    id: 'squint',
    words: t('Squint'),
    atPlate: true,
    also: ['blur', 'greys', 'contrast'],
    keys: ['b'],
    keyWords: t('squint: blurred, in greys'),
    run: () => frame().squint(),
  },
  {
    id: 'back to normal',
    words: t('Back from stepping back or squinting'),
    atPlate: true,
    keys: ['escape'],
    keyWords: t('back from stepping back or squinting'),
    run: () => frame().reset(),
  },
];

function looks({ plan }: CommandPlace): AppCommand[] {
  const settings = useSettings.getState();
  return [
    {
      id: 'next guest',
      words: t('See it as the next guest'),
      keys: ['g'],
      keyWords: t('see the table as the next guest does'),
      run: () => nextGuest(plan),
    },
    { id: 'everyone', words: t('See it as everyone'), run: () => session().see(null) },
    ...plan.party.map((group) => ({
      id: `see ${group.id}`,
      words: t('See it as {name}', { name: group.name }),
      also: [...group.needs.map((choice) => packOf(choice)?.name ?? choice.id), 'what can they eat'],
      run: () => session().see(group.id),
    })),
    ...plateLooks(),
    {
      id: 'light',
      words: settings.theme === 'day' ? t('Evening') : t('Daylight'),
      also: ['dark', 'light', 'night', 'theme'],
      run: () => settings.set({ theme: settings.theme === 'day' ? 'evening' : 'day' }),
    },
    {
      id: 'units',
      words: settings.units === 'metric' ? t('Ounces and inches') : t('Grams and millimetres'),
      also: ['units', 'imperial', 'metric', 'pounds'],
      run: () => settings.set({ units: settings.units === 'metric' ? 'imperial' : 'metric' }),
    },
    {
      id: 'say',
      words: t('Say what to do'),
      keys: ['mod+k'],
      keyWords: t('say what to do'),
      run: () => frame().open({ kind: 'box' }),
    },
    {
      id: 'keys',
      words: t('Keys'),
      also: ['help', 'shortcuts', 'keyboard'],
      keys: ['?'],
      keyWords: t('this sheet'),
      run: () => frame().open({ kind: 'keys' }),
    },
  ];
}

/** Edits that people ask for by a food's name; those that need no screen are the core's. */
function foods({ plan }: CommandPlace): AppCommand[] {
  const larder = planLarder(plan);
  const swaps = [...new Set(plan.placements.map((placement) => placement.componentId))].flatMap(
    (id): AppCommand[] => {
      const component = larder.get(id);
      if (!component) return [];
      return [
        {
          id: `swap ${id}`,
          words: t('Swap {name}', { name: lower(component.name) }),
          also: [component.baseFood, ...component.synonyms, 'instead of', 'replace', 'exchange'],
          run: () => frame().open({ kind: 'swap', componentId: id }),
        },
      ];
    },
  );
  const deeds = deedsOf(plan).map((deed) => ({ ...deed, run: () => void session().edit(deed.command) }));
  return [...swaps, ...deeds];
}

/** "vegan": the whole board turned so that it suits a need. */
const turns = (): AppCommand[] =>
  NEEDS.map((pack) => ({
    id: `turn ${pack.id}`,
    words: t('Turn the board: {name}', { name: lower(word(pack.name)) }),
    also: [...pack.also, 'convert', 'make it'],
    run: () => frame().open({ kind: 'turn', need: pack.id }),
  }));

const files = ({ plan }: CommandPlace): AppCommand[] =>
  exportsFor(plan, plan.surfaces[0]).map((record) => ({
    id: `export ${record.id}`,
    words: record.kind === 'picture' ? t('Save: {words}', { words: record.words }) : record.words,
    also: record.also ?? [],
    run: () => void saveAs(record.id, plan, plan.surfaces[0]?.id),
  }));

/** Everything that can be done from a station: its buttons, its keys, its command box and its help read this list. */
export const commandsAt = (place: CommandPlace): AppCommand[] => [
  ...STATIONS.flatMap((station) => station.commands?.(place) ?? []),
  ...goTo(place),
  ...board(place),
  ...looks(place),
  ...files(place),
  ...foods(place),
  ...turns(),
];
