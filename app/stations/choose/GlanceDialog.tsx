import { Link } from 'react-router';
import { TASTE_WORDS, type Component } from '../../../core/catalogue/index.js';
import {
  cheesePartners,
  choiceOf,
  glanceOf,
  type Checked,
  type ChoicePart,
  type Glance,
} from '../../../core/check/index.js';
import type { Plan } from '../../../core/plan/index.js';
import { capital } from '../../../core/words/index.js';
import { buttonLook } from '../../ui/kit/Button.js';
import { PaperDialog } from '../../ui/kit/Dialog.js';
import { PaperHeading } from '../../ui/kit/Heading.js';
import { Portrait } from '../../ui/Portrait.js';
import { Rim } from '../../ui/rims.js';
import { TasteWheel } from '../../ui/TasteWheel.js';
import { t, word } from '../../words/index.js';
import { shortName } from '../../../core/measure/index.js';

/** Less than this of a board nobody sees. */
const SEEN = 0.005;

/** The board as a drawing: its tastes as petals, foods on a ladder from mild to strong, its colours as they cover it. */
export function GlanceDialog({
  plan,
  checked,
  onClose,
}: {
  plan: Plan;
  checked: Checked;
  onClose: () => void;
}) {
  const glance = glanceOf(checked.context);
  const missing = glance.tastes
    .filter((taste) => taste.foods.length === 0)
    .map((taste) => word(TASTE_WORDS[taste.taste]));
  return (
    <PaperDialog
      open
      full
      onClose={onClose}
      title={t('The board at a glance')}
      hint={
        missing.length > 0
          ? t('Nothing {missing}.', { missing: missing.join(', nothing ') })
          : t('Every taste is there.')
      }
    >
      <div className="grid grid-cols-[260px_minmax(0,1fr)] gap-x-8 gap-y-2 max-md:grid-cols-1">
        <div>
          <Tastes glance={glance} />
          <Colours glance={glance} />
        </div>
        <div>
          <Choice checked={checked} />
          <Ladder glance={glance} />
          <Partners checked={checked} />
        </div>
      </div>
      <Link className={buttonLook({ look: 'link' })} to={`/plan/${plan.id}/bites`}>
        {t('The ten best bites for each group, to print on cards')}
      </Link>
    </PaperDialog>
  );
}

const FEW: Record<ChoicePart, string> = {
  body: t('cheese, meat or what stands in for them'),
  vehicle: t('bread'),
  fresh: t('fresh food'),
};

/** How many kinds each group may count on; a thin choice stands first, with what there is little of. */
function Choice({ checked: { context, care } }: { checked: Checked }) {
  const choices = choiceOf(context, care);
  if (choices.length < 2 || context.placed.length === 0) return null;
  return (
    <section>
      <PaperHeading>{t('Who has how much to choose from')}</PaperHeading>
      <ul className="m-0 flex list-none flex-wrap gap-x-5 gap-y-1 p-0 text-sm/[1.15]">
        {choices.map(({ group, kinds, thin }) => (
          <li key={group.id} className="flex max-w-64 items-center gap-1.5">
            <Rim group={group} size={26} />
            <span>
              <b>{group.name}</b> {kinds === 1 ? t('one kind') : t('{kinds} kinds', { kinds })}
              {thin.map(({ part, kinds: few }) => (
                <span key={part} className="block font-bold text-beet-ink">
                  {few === 0
                    ? t('thin: no {what}', { what: FEW[part] })
                    : t('thin: {few} of {what}', { few, what: FEW[part] })}
                </span>
              ))}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Tastes({ glance }: { glance: Glance }) {
  return (
    <section>
      <PaperHeading>{t('Tastes')}</PaperHeading>
      <TasteWheel petals={glance.tastes} size={220} />
      <ul className="sr-only">
        {glance.tastes.map((taste) => (
          <li key={taste.taste}>
            {capital(word(TASTE_WORDS[taste.taste]))}: {taste.foods.join(', ') || t('nothing yet')}
          </li>
        ))}
      </ul>
      <p className="m-0 text-sm text-soft">
        {glance.textures.map((texture) => `${word(texture.texture)} ${texture.kinds}`).join(', ') ||
          t('Nothing lies there yet.')}
      </p>
    </section>
  );
}

const RUNG_WORDS = ['', t('mild'), t('gentle'), t('lively'), t('strong'), t('very strong')];

/** The order of tasting, and of the labels: each food stands on its rung. */
function Ladder({ glance }: { glance: Glance }) {
  return (
    <section>
      <PaperHeading>{t('From mild to strong, the order of tasting')}</PaperHeading>
      <ol className="m-0 list-none p-0">
        {glance.ladder.map(({ strength, foods }) => (
          <li key={strength} className="flex min-h-9 items-end gap-2 border-b-4 border-[var(--oak)] pb-0.5">
            <b className="w-19 shrink-0 text-sm">{RUNG_WORDS[strength]}</b>
            <span className="flex flex-wrap items-end gap-x-2">
              {foods.map((component) => (
                <Standing key={component.id} food={component} />
              ))}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}

function Standing({ food }: { food: Component }) {
  return (
    <span className="flex w-29 items-center gap-1 text-xs/[1.02]">
      <Portrait food={food} width="30" height="30" />
      <span className="line-clamp-2">{shortName(food.name)}</span>
    </span>
  );
}

const [DISC, BAND] = [92, 2];

/** The palette as area: a plate covered by its colours, each as wide as what it covers. */
function Colours({ glance }: { glance: Glance }) {
  const seen = glance.colours.filter((colour) => colour.share >= SEEN);
  let at = -DISC;
  const bands = seen.map((c) => {
    const wide = c.share * 2 * DISC;
    const band = { ...c, x: at, wide };
    at += wide;
    return band;
  });
  return (
    <section>
      <PaperHeading>{t('Colours, as they cover it')}</PaperHeading>
      <svg width="116" height="116" viewBox="-98 -98 196 196" aria-hidden="true">
        <clipPath id="glance-disc">
          <circle r={DISC} />
        </clipPath>
        <g clipPath="url(#glance-disc)" transform="rotate(-18)">
          {bands.map((band) => (
            <rect
              key={band.colour}
              x={band.x}
              y={-DISC}
              width={band.wide + BAND}
              height={2 * DISC}
              fill={band.hex}
            />
          ))}
        </g>
        <circle r={DISC} fill="none" stroke="var(--enamel)" strokeWidth="4" />
      </svg>
      <p className="m-0 text-sm">
        {seen.map((c) => `${word(c.colour)}\u00a0${Math.round(c.share * 100)}\u00a0%`).join(', ')}
      </p>
    </section>
  );
}

/** Each cheese on its bread, with its contrast. */
function Partners({ checked }: { checked: Checked }) {
  const partners = cheesePartners(checked.context);
  if (partners.length === 0) return null;
  return (
    <section>
      <PaperHeading>{t('Each cheese, its bread and its contrast')}</PaperHeading>
      <ul className="m-0 grid list-none grid-cols-[repeat(auto-fill,minmax(230px,1fr))] gap-x-4 gap-y-1 p-0">
        {partners.map((partner) => (
          <li key={partner.cheese.id} className="flex items-center gap-1.5 text-sm/[1.1]">
            {[partner.vehicle, partner.cheese, partner.contrast].map(
              (component, i) => component && <Portrait key={i} food={component} width="30" height="30" />,
            )}
            <span>
              <b>{shortName(partner.cheese.name)}</b>,{' '}
              {partner.vehicle ? shortName(partner.vehicle.name).toLowerCase() : t('no bread')},{' '}
              {partner.contrast ? shortName(partner.contrast.name).toLowerCase() : t('no contrast')}:{' '}
              {word(partner.why)}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
