import { useMemo } from 'react';
import {
  formName,
  formOf,
  type Component,
  type ComponentId,
  type FormId,
} from '../../../core/catalogue/index.js';
import {
  finestForm,
  foodsForMotif,
  motifForms,
  ownMotif,
  proposedMotif,
  sizedMotif,
} from '../../../core/board/index.js';
import { formatFineLength } from '../../../core/measure/index.js';
import {
  planLarder,
  type Motif,
  type MotifDetail,
  type Plan,
  type Surface,
} from '../../../core/plan/index.js';
import { bodyOf, canWeave, detailsFor } from '../../../core/shape/index.js';
import { useSettings } from '../../store/settings.js';
import { Choice, Wrong } from '../../ui/Fields.js';
import { FileButton } from '../../ui/kit/FileButton.js';
import { OpenWord } from '../../ui/kit/Popover.js';
import { t, word } from '../../words/index.js';
import { useDrawing } from '../../ui/useDrawing.js';
import { CutterWord, FoodWord, LengthWord, SurfaceWord } from './CraftWords.js';

const DETAIL_WORDS: Record<MotifDetail | 'none', string> = {
  eyes: t('eyes'),
  stripes: t('stripes'),
  stitches: t('stitches'),
  none: t('nothing on it'),
};
export const [LEAST_MOTIF_MM, MOST_MOTIF_MM] = [60, 1200];

/** What lies there, or what is proposed. */
export const motifOn = (plan: Plan, surface: Surface | undefined): Motif | undefined =>
  surface && (plan.motifs.find(({ surfaceId }) => surfaceId === surface.id) ?? proposedMotif(plan, surface));

/** A motif in words, each of which opens. */
export function MotifSentence({ plan, motif, surface, ask }: Worded & { surface: Surface }) {
  const units = useSettings((settings) => settings.units);
  const foods = useMemo(() => foodsForMotif(plan), [plan]);
  return (
    <>
      <p className="mt-1 font-display text-lg/[1.32] font-semibold">
        <CutterWord
          id={motif.cutter}
          own={motif.cutter === 'own' ? motif.name : undefined}
          onPick={(id) => ask(sizedMotif(motif, id, motif.acrossMm))}
        />{' '}
        <LengthWord
          label={t('Across')}
          mm={motif.acrossMm}
          min={LEAST_MOTIF_MM}
          max={MOST_MOTIF_MM}
          words={t('{size} across', { size: formatFineLength(motif.acrossMm, units) })}
          onKeep={(mm) => ask(sizedMotif(motif, motif.cutter, mm))}
        />{' '}
        {t('on')}{' '}
        <SurfaceWord
          plan={plan}
          surface={surface}
          onPick={(id) => {
            const other = motifOn(
              plan,
              plan.surfaces.find((one) => one.id === id),
            );
            if (other) ask(other);
          }}
        />{' '}
        {t('filled with')}{' '}
        <MotifFoodWords
          plan={plan}
          label={t('Filling')}
          food={motif.fill}
          foods={foods}
          onPick={(fill) => ask({ ...motif, fill })}
        />
        <WovenWord plan={plan} motif={motif} ask={ask} /> {t('within')}{' '}
        <BorderWords plan={plan} motif={motif} foods={foods} ask={ask} />,{' '}
        <DetailWords plan={plan} motif={motif} ask={ask} />.
      </p>
      <OwnOutline motif={motif} ask={ask} />
    </>
  );
}

/** A drawing as the figure. */
function OwnOutline({ motif, ask }: Pick<Worded, 'motif' | 'ask'>) {
  const { wrong, read } = useDrawing((name, { outline }) => ask(ownMotif(motif, name, outline)));
  return (
    <>
      <FileButton
        words={t('A figure of your own')}
        label={t('A drawing of the figure (SVG)')}
        accept=".svg,image/svg+xml"
        size="small"
        onFile={read}
      />
      {wrong && <Wrong>{wrong}</Wrong>}
    </>
  );
}

/** A food and the form in which it lies in the motif. */
function MotifFoodWords({
  plan,
  label,
  food,
  foods,
  onPick,
}: {
  plan: Plan;
  label: string;
  food: Motif['fill'];
  foods: readonly Component[];
  onPick: (food: Motif['fill']) => void;
}) {
  const component = planLarder(plan).get(food.componentId);
  if (!component) return null;
  const forms = motifForms(component);
  return (
    <>
      <FoodWord
        label={label}
        food={component}
        foods={foods}
        onPick={(componentId) => {
          const picked = foods.find(({ id }) => id === componentId);
          const fact = picked && finestForm(picked);
          if (fact) onPick({ componentId, form: fact.form });
        }}
      />
      {forms.length > 1 && (
        <>
          {' '}
          {t('as')}{' '}
          <OpenWord word={word(formName(food.form))} label={t('Form')}>
            <Choice
              label={t('Form')}
              value={food.form}
              options={forms.map(({ form }) => [form, word(formName(form))] as const)}
              onPick={(form: FormId) => onPick({ ...food, form })}
            />
          </OpenWord>
        </>
      )}
    </>
  );
}

interface Worded {
  plan: Plan;
  motif: Motif;
  ask: (motif: Motif) => void;
}

const WOVEN_WORDS = { woven: t('woven'), loose: t('as it falls') } as const;

/** What is long enough lies woven, or as it falls. */
function WovenWord({ plan, motif, ask }: Worded) {
  const component = planLarder(plan).get(motif.fill.componentId);
  const fact = component && formOf(component, motif.fill.form);
  if (!fact || !canWeave(fact)) return null;
  const { woven, ...loose } = motif;
  return (
    <>
      ,{' '}
      <OpenWord word={WOVEN_WORDS[woven ? 'woven' : 'loose']} label={t('How it lies')}>
        <Choice
          label={t('How it lies')}
          value={woven ? 'woven' : 'loose'}
          options={[
            ['woven', WOVEN_WORDS.woven],
            ['loose', WOVEN_WORDS.loose],
          ]}
          onPick={(picked) => ask(picked === 'woven' ? { ...loose, woven: true } : loose)}
        />
      </OpenWord>
      ,
    </>
  );
}

const BORDER_WORDS = { some: t('a border of'), none: t('no border') } as const;

function BorderWords({ plan, motif, foods, ask }: Worded & { foods: readonly Component[] }) {
  const others = foods.filter(({ id }) => id !== motif.fill.componentId);
  const change = (picked: 'some' | 'none'): void => {
    const surface = plan.surfaces.find(({ id }) => id === motif.surfaceId)!;
    const border = proposedMotif(plan, surface)?.border ?? null;
    const clashes = border?.componentId === motif.fill.componentId;
    ask({ ...motif, border: picked === 'none' || clashes ? null : border });
  };
  const has = motif.border ? 'some' : 'none';
  return (
    <>
      <OpenWord word={BORDER_WORDS[has]} label={t('Border')}>
        <Choice
          label={t('Border')}
          value={has}
          options={[
            ['some', t('with a border')],
            ['none', BORDER_WORDS.none],
          ]}
          onPick={change}
        />
      </OpenWord>
      {motif.border && (
        <>
          {' '}
          <MotifFoodWords
            plan={plan}
            label={t('Food of the border')}
            food={motif.border}
            foods={others}
            onPick={(border) => ask({ ...motif, border })}
          />
        </>
      )}
    </>
  );
}

/** Foods of which details are cut: those that nothing else is cut from already. */
const detailFoods = (plan: Plan, motif: Motif): Component[] =>
  [...planLarder(plan).values()].filter(
    ({ id }) =>
      bodyOf(id) !== undefined &&
      id !== motif.fill.componentId &&
      id !== motif.border?.componentId &&
      (id === motif.detail?.componentId || plan.cuts.every((cut) => cut.componentId !== id)),
  );

function DetailWords({ plan, motif, ask }: Worded) {
  const foods = useMemo(() => detailFoods(plan, motif), [plan, motif]);
  const onPlan = (id: ComponentId) => plan.placements.some(({ componentId }) => componentId === id);
  const first = foods.find(({ id }) => onPlan(id)) ?? foods[0];
  const kind = motif.detail?.kind ?? 'none';
  const kinds = ['none', ...detailsFor(motif.cutter)] as const;
  const food = foods.find(({ id }) => id === motif.detail?.componentId);
  return (
    <>
      {t('with')}{' '}
      <OpenWord word={DETAIL_WORDS[kind]} label={t('Details')}>
        <Choice
          label={t('Details')}
          value={kind}
          options={kinds.map((id) => [id, DETAIL_WORDS[id]] as const)}
          onPick={(picked) =>
            ask({
              ...motif,
              detail:
                picked === 'none' || !first
                  ? null
                  : { componentId: motif.detail?.componentId ?? first.id, kind: picked },
            })
          }
        />
      </OpenWord>
      {motif.detail && food && (
        <>
          {' '}
          {t('of')}{' '}
          <FoodWord
            label={t('Food of the details')}
            food={food}
            foods={foods}
            onPick={(componentId) => ask({ ...motif, detail: { ...motif.detail!, componentId } })}
          />
        </>
      )}
    </>
  );
}
