import { ownNeedProblem, packOf, type Setting } from '../needs/index.js';
import type { NeedChoice } from '../party/index.js';
import type { Placement } from './records/placement.js';
import type { Surface } from './records/surface.js';

interface Cross {
  path: (string | number)[];
  message: string;
}

function duplicates(ids: readonly string[], path: string): Cross[] {
  return ids.flatMap((id, i) =>
    ids.indexOf(id) === i ? [] : [{ path: [path, i, 'id'], message: `"${id}" stands there twice` }],
  );
}

/** What no single field can tell: ids that stand twice or point nowhere, needs that do not exist. */
export function crossProblems(plan: {
  party: readonly { id: string; needs: readonly NeedChoice[] }[];
  surfaces: readonly Surface[];
  placements: readonly Placement[];
  layout: readonly { surfaceId: string }[];
  recipes: readonly { id: string }[];
}): Cross[] {
  const surfaceIds = plan.surfaces.map((surface) => surface.id as string);
  const groupIds = plan.party.map((g) => g.id);
  const out = [
    ...duplicates(surfaceIds, 'surfaces'),
    ...duplicates(groupIds, 'party'),
    ...duplicates(
      plan.recipes.map((recipe) => recipe.id),
      'recipes',
    ),
  ];
  plan.placements.forEach((placement, i) => {
    if (!surfaceIds.includes(placement.surfaceId))
      out.push({
        path: ['placements', i, 'surfaceId'],
        message: `there is no surface "${placement.surfaceId}"`,
      });
  });
  plan.layout.forEach((l, i) => {
    if (!surfaceIds.includes(l.surfaceId))
      out.push({ path: ['layout', i, 'surfaceId'], message: `there is no surface "${l.surfaceId}"` });
  });
  plan.surfaces.forEach((surface, i) =>
    surface.serves?.forEach((id, j) => {
      if (!groupIds.includes(id))
        out.push({ path: ['surfaces', i, 'serves', j], message: `there is no group "${id}"` });
    }),
  );
  plan.surfaces.forEach((surface, i) =>
    surface.zoneFor?.forEach((id, j) => {
      if (!groupIds.includes(id))
        out.push({ path: ['surfaces', i, 'zoneFor', j], message: `there is no group "${id}"` });
    }),
  );
  plan.party.forEach((g, i) =>
    g.needs.forEach((choice, j) => {
      const problem = needProblem(choice);
      if (problem) out.push({ path: ['party', i, 'needs', j], message: problem });
    }),
  );
  return out;
}

/** What is wrong with a need and its settings; undefined when nothing is. */
export function needProblem(choice: NeedChoice): string | undefined {
  if (choice.own && choice.own.id !== choice.id)
    return `the own need "${choice.own.id}" stands under "${choice.id}"`;
  const pack = packOf(choice);
  if (!pack) return `there is no need "${choice.id}"`;
  if (choice.own) return ownNeedProblem(choice.own);
  for (const [id, value] of Object.entries(choice.settings)) {
    const setting = pack.settings.find((setting) => setting.id === id);
    if (!setting)
      return `${pack.id} has no setting "${id}": it has ${pack.settings.map((setting) => setting.id).join(', ') || 'none'}`;
    const problem = valueProblem(setting, value);
    if (problem) return `"${problem.wrong}" is no value of ${pack.id} ${id}: use ${problem.use}`;
  }
  return undefined;
}

function valueProblem(setting: Setting, text: string): { wrong: string; use: string } | undefined {
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
  return { wrong, use: number ? `${named}, or ${number.min} to ${number.max} ${number.unit}` : named };
}
