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

/** What no single field can tell: ids that stand twice or point nowhere, needs that do not exist. */
export function crossProblems(plan: {
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
}): Cross[] {
  const surfaceIds = plan.surfaces.map((surface) => surface.id as string);
  const groupIds = plan.party.map((g) => g.id);
  const out: Cross[] = [
    ...duplicates(surfaceIds, 'surfaces'),
    ...duplicates(groupIds, 'party'),
    ...duplicates(
      plan.recipes.map((recipe) => recipe.id),
      'recipes',
    ),
    ...duplicates(
      plan.motifs.map((motif) => motif.id),
      'motifs',
    ),
  ];
  plan.cuts.forEach((cut, i) => {
    if (plan.cuts.findIndex((other) => other.componentId === cut.componentId) !== i)
      out.push({
        path: ['cuts', i, 'componentId'],
        said: { say: 'no.twice', with: { id: cut.componentId } },
      });
    cut.pieces.forEach((piece, j) => {
      if (piece.cutter >= cut.cutters.length)
        out.push({
          path: ['cuts', i, 'pieces', j, 'cutter'],
          said: { say: 'no.cutter', with: { n: piece.cutter } },
        });
    });
  });
  for (const field of ['placements', 'layout', 'motifs'] as const)
    plan[field].forEach(({ surfaceId }, i) => {
      if (!surfaceIds.includes(surfaceId))
        out.push({
          path: [field, i, 'surfaceId'],
          said: { say: 'no.surface', with: { id: surfaceId } },
        });
    });
  plan.surfaces.forEach((surface, i) =>
    surface.serves?.forEach((id, j) => {
      if (!groupIds.includes(id))
        out.push({ path: ['surfaces', i, 'serves', j], said: { say: 'no.group', with: { id } } });
    }),
  );
  plan.surfaces.forEach((surface, i) =>
    surface.zoneFor?.forEach((id, j) => {
      if (!groupIds.includes(id))
        out.push({ path: ['surfaces', i, 'zoneFor', j], said: { say: 'no.group', with: { id } } });
    }),
  );
  plan.party.forEach((g, i) =>
    g.needs.forEach((choice, j) => {
      const problem = needProblem(choice);
      if (problem) out.push({ path: ['party', i, 'needs', j], said: problem });
    }),
  );
  return out;
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
