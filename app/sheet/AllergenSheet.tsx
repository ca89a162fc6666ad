import { factWords } from '../../core/catalogue/index.js';
import type { Presence } from '../../core/catalogue/index.js';
import type { Standing } from '../../core/check/index.js';
import { allergenTable, type AllergenTable } from '../../core/exchange/index.js';
import type { Plan } from '../../core/plan/index.js';
import { speakArg } from '../../core/words/index.js';
import { useSpeech } from '../store/useSpeech.js';
import { t } from '../words/index.js';
import { PrintBar } from './PrintBar.js';
import { PrintPage } from './PrintPage.js';

const PRESENCE: Readonly<Record<Presence, readonly [mark: string, words: string]>> = {
  contains: ['●', t('contains')],
  may: ['◐', t('may contain')],
  brand: ['?', t('read the label')],
  unknown: ['?', t('nobody knows: read the label')],
  free: ['', t('free')],
};
/** Of a food where it lies: what touches it counts, and whoever is not served there does not eat of it. */
const STANDINGS: Readonly<Record<Standing, readonly [mark: string, words: string]>> = {
  fine: ['✓', t('fine')],
  little: ['(✓)', t('a little of it')],
  touched: ['!', t('not here: what they leave out lies beside it')],
  ask: ['?', t('ask')],
  no: ['✕', t('not for them')],
};

/** Of who eats from another surface nothing is judged here. */
const ELSEWHERE = ['–', t('they eat from elsewhere')] as const;

/** What hangs at the board: each food by the fourteen allergens, and by the needs of the party. */
export function AllergenSheet({ plan }: { plan: Plan }) {
  const table = allergenTable(plan);
  const { groups, surfaces } = table;
  const speech = useSpeech();
  return (
    <PrintPage>
      <PrintBar back={`/plan/${plan.id}/make`} words={t('Back')} />
      <h1>{t('{name}: allergens', { name: plan.occasion.name })}</h1>
      <p>
        {t(
          '● contains, ◐ may contain, ? read the label; an empty cell is free as far as the facts go. Recipes change: the label of the pack in hand decides, and whoever has an allergy asks.',
        )}{' '}
        {groups.length > 0 &&
          t(
            'For the guests: ✓ fine where it lies, (✓) a little of it, ! not here, for what they leave out lies beside it, ? ask, ✕ not for them, – they eat from elsewhere.',
          )}
      </p>
      {surfaces.length === 0 && <p>{t('Nothing lies on the board yet.')}</p>}
      {surfaces.map((surface) => (
        <section key={surface.name} className="break-inside-avoid-page">
          <h2>{surface.name}</h2>
          {surface.elsewhere.map(({ group, from }) => (
            <p key={group.id}>
              {from.length > 0
                ? t('Not from here for {group}: they eat from {from} only.', {
                    group: group.name,
                    from: speakArg({ all: from }, speech),
                  })
                : t('Not from here for {group}: no surface is theirs yet.', { group: group.name })}
            </p>
          ))}
          <Foods table={table} on={surface} />
        </section>
      ))}
    </PrintPage>
  );
}

const HEAD = 'h-32 align-bottom text-xs [writing-mode:vertical-rl] rotate-180 text-left font-bold';

function Foods({
  table: { allergens, groups },
  on: { rows, elsewhere },
}: {
  table: AllergenTable;
  on: AllergenTable['surfaces'][number];
}) {
  const speech = useSpeech();
  const markOf = (standing: Standing, i: number) =>
    elsewhere.some(({ group }) => group === groups[i]) ? ELSEWHERE : STANDINGS[standing];
  return (
    <table className="border-collapse">
      <thead>
        <tr>
          <th className="text-left align-bottom">{t('Food')}</th>
          {allergens.map((allergen) => (
            <th key={allergen} scope="col" className={HEAD}>
              {speakArg(factWords(`allergen.${allergen}`), speech)}
            </th>
          ))}
          {groups.map((group) => (
            <th key={group.id} scope="col" className={`${HEAD} border-l border-rule`}>
              {group.name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map(({ component, has, standings }, n) => (
          <tr key={`${component.id} ${n}`} className="border-b border-rule">
            <th scope="row" className="text-left font-normal">
              {component.name}
            </th>
            {allergens.map((allergen) => (
              <Mark key={allergen} of={PRESENCE[has[allergen]]} />
            ))}
            {standings.map((standing, i) => (
              <Mark key={groups[i]!.id} of={markOf(standing, i)} />
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const Mark = ({ of: [mark, words] }: { of: readonly [string, string] }) => (
  <td className="min-w-7 text-center">
    <span aria-hidden>{mark}</span>
    <span className="sr-only">{words}</span>
  </td>
);
