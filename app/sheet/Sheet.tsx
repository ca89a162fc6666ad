import { promisesKept, toolsInUse, type PlacedFood } from '../../core/board/index.js';
import { FORMS, formName, type ComponentId } from '../../core/catalogue/index.js';
import { standingOf, textOf, whyOf, type Checked } from '../../core/check/index.js';
import { packsText, shopFor } from '../../core/make/index.js';
import { clockOf, formatLength, formatMass, formatMoney, speakTime } from '../../core/measure/index.js';
import type { Group } from '../../core/party/index.js';
import { planLarder, type Plan, type Surface } from '../../core/plan/index.js';
import { bowlSizes, bowlsInUse, holdingOf } from '../../core/portion/index.js';
import { useSettings } from '../store/settings.js';
import { useSpeech } from '../store/useSpeech.js';
import { Rim } from '../ui/rims.js';
import { NumberedBoard } from './NumberedBoard.js';
import { PrintBar } from './PrintBar.js';
import { PrintPage } from './PrintPage.js';
import { surfaceName } from '../plate/surface-name.js';
import { t, word } from '../words/index.js';

/** One sheet for the table: the boards with names, who may eat what, overrulings, open questions, what to bring. */
export function Sheet({ plan, checked }: { plan: Plan; checked: Checked }) {
  return (
    <PrintPage>
      <PrintBar back={`/plan/${plan.id}/lay`} words={t('Back to the board')} />
      <h1>{plan.occasion.name}</h1>
      <p>
        {t(
          '{value}. Read the label, ask the guest, and follow local food rules and medical or religious advice.',
          { value: [speakTime(plan.occasion.start), plan.occasion.place].filter(Boolean).join(', ') },
        )}
      </p>
      {plan.surfaces.map((surface) => (
        <SurfaceSection key={surface.id} plan={plan} surface={surface} checked={checked} />
      ))}
      <Overruled plan={plan} />
      <StillOpen checked={checked} />
      <ToBring plan={plan} />
      <ToBuy plan={plan} />
    </PrintPage>
  );
}

function Overruled({ plan }: { plan: Plan }) {
  const larder = planLarder(plan);
  const name = (id: ComponentId) => larder.get(id)?.name ?? id;
  return (
    <section>
      <h2>{t('Overruled by a person')}</h2>
      {plan.overrulings.length === 0 && <p>{t('Nothing.')}</p>}
      <ul>
        {plan.overrulings.map((overruling) => (
          <li key={`${overruling.componentId} ${overruling.groupId}`}>
            {t('{name} for {name2}: {why} ({who}, {when})', {
              name: name(overruling.componentId),
              name2: plan.party.find((group) => group.id === overruling.groupId)?.name,
              why: overruling.why,
              who: overruling.who,
              when: speakTime(overruling.when),
            })}
          </li>
        ))}
      </ul>
    </section>
  );
}

function StillOpen({ checked }: { checked: Checked }) {
  const speech = useSpeech();
  const open = checked.findings.filter(
    (finding) => finding.severity === 'ask' || finding.severity === 'blocker',
  );
  return (
    <section>
      <h2>{t('Still open')}</h2>
      {open.length === 0 && <p>{t('Nothing.')}</p>}
      <ul>
        {open.map((finding) => (
          <li key={finding.key}>
            <b>{textOf(finding, speech)}</b> {whyOf(finding, speech)}
          </li>
        ))}
      </ul>
    </section>
  );
}

function ToBring({ plan }: { plan: Plan }) {
  const units = useSettings((settings) => settings.units);
  const bowls = bowlsInUse(plan);
  const sizes = bowlSizes(bowls).map((bowl) =>
    t('{count} of {diameter}', { count: bowl.count, diameter: formatLength(bowl.diameterMm, units) }),
  );
  const { knives, spoons } = toolsInUse(plan);
  return (
    <section>
      <h2>{t('To bring')}</h2>
      <p>
        {t('Bowls: {bowlsCount}', { bowlsCount: bowls.length })}
        {sizes.length > 0 && ` (${sizes.join(', ')})`}
        {t(
          '. Knives for cheese: {knives}. Spoons: {spoons}. Tongs for each surface, a bowl for stones and picks, napkins.',
          { knives, spoons },
        )}
      </p>
    </section>
  );
}

function ToBuy({ plan }: { plan: Plan }) {
  const units = useSettings((settings) => settings.units);
  const { lines, costMinor: sum } = shopFor([plan]);
  return (
    <section>
      <h2>{t('To buy')}</h2>
      <table>
        <thead>
          <tr>
            <th>{t('What')}</th>
            <th>{t('Needed')}</th>
            <th>{t('Packs')}</th>
            <th>{t('Cost')}</th>
          </tr>
        </thead>
        <tbody>
          {lines.map((row) => (
            <tr key={row.id}>
              <td>{row.name}</td>
              <td>{formatMass(row.neededG, units)}</td>
              <td>
                {row.weighedG === null
                  ? packsText(row)
                  : t('{mass} by weight', { mass: formatMass(row.weighedG, units) })}
              </td>
              <td>{formatMoney(row.costMinor, plan.currency)}</td>
            </tr>
          ))}
          <tr>
            <td colSpan={3}>
              <b>{t('In all')}</b>
            </td>
            <td>
              <b>{formatMoney(sum, plan.currency)}</b>
            </td>
          </tr>
        </tbody>
      </table>
    </section>
  );
}

function SurfaceSection({ plan, surface, checked }: { plan: Plan; surface: Surface; checked: Checked }) {
  const foods = checked.context.placed.filter(
    (placed) => placed.surface.id === surface.id && placed.component.job !== 'none',
  );
  if (foods.length === 0) return null;
  // a promise that something there breaks, or whose label is not read, is none on paper
  const free = promisesKept(
    surface,
    foods.map(({ component }) => component),
  ).map(({ name }) => word(name));
  return (
    <section>
      <h2>
        {surfaceName(surface)}
        {free.length > 0 ? t(': no {freeFrom}', { freeFrom: free.join(', ') }) : ''}
      </h2>
      <NumberedBoard plan={plan} surface={surface} order={foods.map((placed) => placed.component.id)} />
      <table>
        <thead>
          <tr>
            <th>{t('No')}</th>
            <th>{t('Name for the label')}</th>
            <th>{t('Amount')}</th>
            <th>{t('Form, lots')}</th>
            <th>{t('Not for, or ask')}</th>
          </tr>
        </thead>
        <tbody>
          {foods.map((placed, i) => (
            <FoodRow
              key={`${placed.component.id} ${placed.form}`}
              plan={plan}
              checked={checked}
              food={placed}
              number={i + 1}
            />
          ))}
        </tbody>
      </table>
    </section>
  );
}

function FoodRow({
  plan,
  checked,
  food: placed,
  number,
}: {
  plan: Plan;
  checked: Checked;
  food: PlacedFood;
  number: number;
}) {
  const units = useSettings((settings) => settings.units);
  const lots = new Set(placed.lots.map((placement) => placement.lot)).size;
  const times = holdingOf(placed.component, plan).leaves.slice(1, lots).map(clockOf);
  return (
    <tr>
      <td>{number}</td>
      <td>{placed.component.name}</td>
      <td>{formatMass(placed.massG, units)}</td>
      <td>
        {word(formName(placed.form))}
        {placed.contained && !FORMS[placed.form].bowl ? t(', in a bowl') : ''}
        {lots > 1 ? t('; fresh lot {times}', { times: times.join(', ') }) : ''}
      </td>
      <td>
        {checked.context.groupsAt(placed.surface).map((group) => (
          <NotFor key={group.id} checked={checked} food={placed} group={group} />
        ))}
      </td>
    </tr>
  );
}

/** Nothing where the food is theirs; an overruling is always printed. */
function NotFor({ checked, food: placed, group }: { checked: Checked; food: PlacedFood; group: Group }) {
  const standing = standingOf(checked.context, placed, group);
  if (standing === 'fine')
    return checked.context.overruled(placed.component.id, group) ? (
      <div>{t('overruled: {name}', { name: group.name })}</div>
    ) : null;
  return (
    <span className="inline-flex items-center mr-2">
      <Rim group={group} size={18} />{' '}
      {standing === 'ask'
        ? t('ask: {name}', { name: group.name })
        : standing === 'little'
          ? t('a little: {name}', { name: group.name })
          : group.name}
    </span>
  );
}
