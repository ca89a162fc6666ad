import { ownNeedProblem, packOf, type NeedPack, type Setting } from '../needs/index.js';
import type { Arg, Said } from '../words/index.js';
import type { NeedChoice } from '../party/index.js';
import type { Placement } from './records/placement.js';
import type { Surface } from './records/surface.js';

interface Cross {
  path: (string | number)[];
  said: Said;
}

function duplicates(ids: readonly string[], path: string): Cross[] {
  return ids.flatMap((id, i) =>
    ids.indexOf(id) === i ? [] : [{ path: [path, i, 'id'], said: { say: 'no.twice', with: { id } } }],
  );
}

interface Parts {
  party: readonly { id: string; needs: readonly NeedChoice[] }[];
  surfaces: readonly Surface[];
  placements: readonly Placement[];
  layout: readonly { surfaceId: string }[];
  recipes: readonly { id: string }[];
  motifs: readonly { id: string; surfaceId: string }[];
  cuts: readonly {
    componentId: string;
    cutters: readonly unknown[];
    pieces: readonly { cutter: number }[];
  }[];
}

const idsOf = (rows: readonly { id: string }[]): string[] => rows.map((row) => row.id);

/** What no single field can tell: ids that stand twice or point nowhere, needs that do not exist. */
export const crossProblems = (plan: Parts): Cross[] => [
  ...duplicates(idsOf(plan.surfaces), 'surfaces'),
  ...duplicates(idsOf(plan.party), 'party'),
  ...duplicates(idsOf(plan.recipes), 'recipes'),
  ...duplicates(idsOf(plan.motifs), 'motifs'),
  ...cutProblems(plan),
  ...strayOnes(plan),
  ...plan.party.flatMap((group, i) =>
    group.needs.flatMap((choice, j): Cross[] => {
      const said = needProblem(choice);
      return said ? [{ path: ['party', i, 'needs', j], said }] : [];
    }),
  ),
];

/** A food is cut in one place, by cutters that are there. */
const cutProblems = ({ cuts }: Parts): Cross[] =>
  cuts.flatMap((cut, i): Cross[] => {
    const isAgain = cuts.findIndex((other) => other.componentId === cut.componentId) !== i;
    const again: Cross = {
      path: ['cuts', i, 'componentId'],
      said: { say: 'no.twice', with: { id: cut.componentId } },
    };
    const stray = cut.pieces.flatMap(({ cutter }, j): Cross[] =>
      cutter < cut.cutters.length
        ? []
        : [{ path: ['cuts', i, 'pieces', j, 'cutter'], said: { say: 'no.cutter', with: { n: cutter } } }],
    );
    return isAgain ? [again, ...stray] : stray;
  });

/** What names a surface or a group that is not there. */
function strayOnes(plan: Parts): Cross[] {
  const surfaceIds = new Set<string>(idsOf(plan.surfaces));
  const groupIds = new Set<string>(idsOf(plan.party));
  const onSurfaces = (['placements', 'layout', 'motifs'] as const).flatMap((field) =>
    plan[field].flatMap(({ surfaceId: id }, i): Cross[] =>
      surfaceIds.has(id)
        ? []
        : [{ path: [field, i, 'surfaceId'], said: { say: 'no.surface', with: { id } } }],
    ),
  );
  const forGroups = (['serves', 'zoneFor'] as const).flatMap((field) =>
    plan.surfaces.flatMap((surface, i) =>
      (surface[field] ?? []).flatMap((id, j): Cross[] =>
        groupIds.has(id)
          ? []
          : [{ path: ['surfaces', i, field, j], said: { say: 'no.group', with: { id } } }],
      ),
    ),
  );
  return [...onSurfaces, ...forGroups];
}

/** What is wrong with a need and its settings; undefined when nothing is. */
export function needProblem(choice: NeedChoice): Said | undefined {
  if (choice.own && choice.own.id !== choice.id)
    return { say: 'no.own-need', with: { own: choice.own.id, id: choice.id } };
  const pack = packOf(choice);
  if (!pack) return { say: 'no.need', with: { id: choice.id } };
  if (choice.own) return ownNeedProblem(choice.own);
  for (const [id, value] of Object.entries(choice.settings)) {
    const setting = pack.settings.find((setting) => setting.id === id);
    if (!setting) return noSetting(pack, id);
    const problem = valueProblem(setting, value);
    if (problem) return { say: 'no.value', with: { ...problem, of: `${pack.id} ${id}` } };
  }
  return undefined;
}

function noSetting({ id: need, settings }: NeedPack, id: string): Said {
  const has = settings.map((setting) => setting.id);
  if (has.length === 0) return { say: 'no.settings', with: { need, id } };
  return { say: 'no.setting', with: { need, id, has: has.join(', ') } };
}

function valueProblem(setting: Setting, text: string): { wrong: string; use: Arg } | undefined {
  const values = setting.list ? text.split(',').map((value) => value.trim()) : [text];
  const between = (value: string) =>
    setting.number !== undefined &&
    /^\d+(\.\d+)?$/.test(value) &&
    Number(value) >= setting.number.min &&
    Number(value) <= setting.number.max;
  const wrong = values.find(
    (value) => !setting.values.some((known) => known.id === value) && !between(value),
  );
  if (wrong === undefined) return undefined;
  const named = setting.values.map((value) => value.id).join(', ');
  const { number } = setting;
  if (!number) return { wrong, use: named };
  const { min, max, unit } = number;
  return { wrong, use: { say: 'no.values-or', with: { values: named, min, max, unit: { word: unit } } } };
}
