import { useMemo, type ReactNode } from 'react';
import { suitsIce } from '../../../core/board/index.js';
import type { Component, ComponentId } from '../../../core/catalogue/index.js';
import { formatFineLength, formatTemperature, formatVolume } from '../../../core/measure/index.js';
import { bowlForG } from '../../../core/portion/index.js';
import { ICE_MM, planLarder, type Plan, type Surface } from '../../../core/plan/index.js';
import { iceBowl, USUAL_ICE, wallToLast, type IceMade } from '../../../core/shape/index.js';
import { useSettings } from '../../store/settings.js';
import { Button } from '../../ui/kit/Button.js';
import { t } from '../../words/index.js';
import type { StationView } from '../station.js';
import { BenchFrame, CareTag, Result } from './BenchFrame.js';
import { FoodWord, LengthWord, SurfaceWord } from './CraftWords.js';
import { useAsked } from './useCraft.js';
import { useLayIn } from './useLayIn.js';

interface Asked {
  innerMm: number;
  wallMm: number;
  food: ComponentId;
  surface: Surface['id'];
}

/** What is asked of the ice, at first for a food of the board that is better for the cold. */
function useIce(plan: Plan) {
  const larder = useMemo(() => planLarder(plan), [plan]);
  const foods = useMemo(
    () =>
      [...new Set(plan.placements.map(({ componentId }) => componentId))]
        .flatMap((id) => larder.get(id) ?? [])
        .filter(suitsIce),
    [plan, larder],
  );
  const [said, ask] = useAsked<Partial<Asked>>(plan, 'ice', {});
  const food = foods.find(({ id }) => id === said.food) ?? foods.find(isDip) ?? foods[0];
  const surfaces = plan.surfaces.filter(({ id }) =>
    plan.placements.some(({ componentId, surfaceId }) => componentId === food?.id && surfaceId === id),
  );
  const surface = surfaces.find(({ id }) => id === said.surface) ?? surfaces[0];
  const here = plan.placements.filter(
    ({ componentId, surfaceId, lot }) => componentId === food?.id && surfaceId === surface?.id && lot === 0,
  );
  const massG = here.reduce((sum, placement) => sum + placement.massG, 0);
  // as it stands on ice already, or as wide as the food wants
  const asked = {
    ...USUAL_ICE,
    ...(massG > 0 ? { innerMm: clamped(bowlForG(massG)) } : {}),
    ...here.find(({ ice }) => ice)?.ice,
    ...said,
  };
  const { airTempC, durationMin } = plan.occasion;
  return { asked, ask, foods, food, surface, made: iceBowl(asked, airTempC, durationMin) };
}

const clamped = (mm: number): number => Math.min(ICE_MM.inner[1], Math.max(ICE_MM.inner[0], mm));

const isDip = ({ family }: Component): boolean => family === 'spread-dip';

/** A bowl of ice for a food that is better for the cold: water between two bowls, frozen and turned out. */
export function IceCraft({ plan, checked, mouldWord }: StationView & { mouldWord: ReactNode }) {
  const ice = useIce(plan);
  return (
    <BenchFrame
      plan={plan}
      checked={checked}
      label={t('A bowl of ice, from above and cut open')}
      shelf={<IceSentence plan={plan} ice={ice} mouldWord={mouldWord} />}
      foot={<IceFoot made={ice.made} />}
      plate={<IceDrawn made={ice.made} colours={ice.food?.colours} />}
    >
      <IceResult plan={plan} ice={ice} />
      <CareTag
        title={t('Take care')}
        lines={[
          t('Drinking water only, and nothing frozen in that may not be eaten.'),
          t('Ice does not stop the clock of what stands in it; local rules decide.'),
          t('A cold wet bowl slips: set it down with both hands, on a cloth in its dish.'),
          t('Weigh the inner bowl down so that it neither floats nor touches the ground.'),
        ]}
      />
    </BenchFrame>
  );
}

interface Asking {
  plan: Plan;
  ice: ReturnType<typeof useIce>;
}

function IceSentence({ plan, ice, mouldWord }: Asking & { mouldWord: ReactNode }) {
  const { asked, ask, food, foods, surface } = ice;
  return (
    <p className="mt-1 font-display text-lg/[1.32] font-semibold">
      {t('A')} {mouldWord},{' '}
      <LengthWord
        label={t('Across inside')}
        mm={asked.innerMm}
        min={ICE_MM.inner[0]}
        max={ICE_MM.inner[1]}
        onKeep={(innerMm) => ask({ innerMm })}
      />{' '}
      {t('across inside, with a wall of')}{' '}
      <LengthWord
        label={t('Wall')}
        mm={asked.wallMm}
        min={ICE_MM.wall[0]}
        max={ICE_MM.wall[1]}
        onKeep={(wallMm) => ask({ wallMm })}
      />
      {food && surface && (
        <>
          {' '}
          {t('for')}{' '}
          <FoodWord label={t('Food')} food={food} foods={foods} onPick={(id) => ask({ food: id })} />{' '}
          {t('on')} <SurfaceWord plan={plan} surface={surface} onPick={(id) => ask({ surface: id })} />
        </>
      )}
      .
    </p>
  );
}

function IceResult({ plan, ice }: Asking) {
  const units = useSettings((settings) => settings.units);
  const { asked, ask, food, surface, made } = ice;
  const { airTempC, durationMin } = plan.occasion;
  return (
    <Result large={standing(made)}>
      <p className="m-0 text-base/[1.3]">
        {t('At {temperature} outside the sun. {water} of water, {across} across outside.', {
          temperature: formatTemperature(airTempC, units),
          water: formatVolume(made.waterMl, units),
          across: formatFineLength(made.outerMm, units),
        })}
      </p>
      <p className="m-0 text-sm">
        {t('Until the table closes {melts} melt: a deep dish under it takes them.', {
          melts: formatVolume(made.meltsMl, units),
        })}
      </p>
      <Thicker made={made} lasting={wallToLast(asked.innerMm, airTempC, durationMin)} ask={ask} />
      {food && surface ? (
        <SetOnIce plan={plan} food={food} surface={surface} made={made} />
      ) : (
        <p className="m-0 mt-2 text-sm text-soft">
          {t('Nothing on the boards is better for ice: dips, fish, fruit and pickles are.')}
        </p>
      )}
    </Result>
  );
}

function standing({ suits, lastsMin }: IceMade): string {
  if (suits === 'too-thin') return t('It cracks: too thin');
  if (lastsMin === Infinity) return t('It does not melt');
  const hours = Math.floor(lastsMin / 30) / 2;
  return t('It stands {hours, plural, one {# hour} other {# hours}}', { hours });
}

/** The wall that would last, where this one does not. */
function Thicker({
  made,
  lasting,
  ask,
}: {
  made: IceMade;
  lasting: number | undefined;
  ask: (by: Partial<Asked>) => void;
}) {
  const units = useSettings((settings) => settings.units);
  if (made.suits === 'yes') return null;
  if (lasting === undefined)
    return (
      <p className="m-0 mt-1 text-sm">
        {t('No wall lasts until the table closes: freeze a second one and change them.')}
      </p>
    );
  return (
    <p className="m-0 mt-1">
      <Button onClick={() => ask({ wallMm: lasting })}>
        {t('Take a wall of {size}', { size: formatFineLength(lasting, units) })}
      </Button>
    </p>
  );
}

function SetOnIce({
  plan,
  food,
  surface,
  made,
}: {
  plan: Plan;
  food: Component;
  surface: Surface;
  made: IceMade;
}) {
  const { layIn, busy } = useLayIn(plan);
  const now = plan.placements.find(
    ({ componentId, surfaceId }) => componentId === food.id && surfaceId === surface.id,
  )?.ice;
  const set = (ice: NonNullable<typeof now> | null): void =>
    layIn({ name: 'set-ice', componentId: food.id, surfaceId: surface.id, ice }, surface.id);
  const same = now?.innerMm === made.innerMm && now.wallMm === made.wallMm;
  return (
    <p className="m-0 mt-2 flex flex-wrap justify-center gap-2">
      {same ? (
        <b>{t('It stands on ice on {surface}.', { surface: surface.name })}</b>
      ) : (
        <Button
          disabled={busy || made.suits === 'too-thin'}
          onClick={() => set({ innerMm: made.innerMm, wallMm: made.wallMm })}
        >
          {t('Set it on ice')}
        </Button>
      )}
      {now && (
        <Button look="quiet" disabled={busy} onClick={() => set(null)}>
          {t('Take it off the ice')}
        </Button>
      )}
    </p>
  );
}

function IceFoot({ made }: { made: IceMade }) {
  const units = useSettings((settings) => settings.units);
  return (
    <>
      <span>
        <b>{formatVolume(made.waterMl, units)}</b> {t('of water')}
      </span>
      <span>
        <b>{t('{minutes, number} min', { minutes: made.handsMin })}</b> {t('by hand')}
      </span>
      <span>
        <b>
          {t('{hours, plural, one {# hour} other {# hours}}', {
            hours: Math.round((made.freezeMin / 60) * 2) / 2,
          })}
        </b>{' '}
        {t('in the freezer at least')}
      </span>
    </>
  );
}

const [ABOVE_Y, SIDE_Y, ROOM] = [-176, -38, 102];

/** From above, and cut open in its dish: what is in it, the ice, and the dish that takes the melted water. */
function IceDrawn({ made, colours }: { made: IceMade; colours: Component['colours'] | undefined }) {
  const k = ROOM / (made.outerMm / 2);
  const [r, inner] = [(made.outerMm / 2) * k, (made.innerMm / 2) * k];
  const deep = inner * 0.9;
  const out = deep + made.wallMm * k;
  const food = colours?.[0] ?? 'var(--enamel)';
  return (
    <>
      <g transform={`translate(0 ${ABOVE_Y})`}>
        <circle r={r} cy={4} fill="var(--ink)" opacity="0.16" />
        <circle r={r} fill="var(--steel-pale)" stroke="var(--rule)" strokeWidth={1.5} />
        <circle r={(r + inner) / 2} fill="none" stroke="var(--card)" strokeWidth={(r - inner) * 0.4} />
        <circle r={inner} fill={food} stroke="var(--rule)" strokeWidth={1.5} />
      </g>
      <g transform={`translate(0 ${SIDE_Y})`}>
        <path
          d={`M${-r} 0A${r} ${out} 0 0 0 ${r} 0Z`}
          fill="var(--steel-pale)"
          stroke="var(--rule)"
          strokeWidth={1.5}
        />
        <path
          d={`M${-inner} 0A${inner} ${deep} 0 0 0 ${inner} 0Z`}
          fill={food}
          stroke="var(--rule)"
          strokeWidth={1.5}
        />
        <path
          d={`M${-r * 1.1} ${out * 0.72}L${-r * 0.8} ${out + 5}H${r * 0.8}L${r * 1.1} ${out * 0.72}`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={4}
          strokeLinejoin="round"
        />
      </g>
    </>
  );
}
