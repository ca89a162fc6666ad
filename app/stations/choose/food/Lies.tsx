import { surfacesFor, usualHereG } from '../../../../core/board/index.js';
import { FORMS, formName, usualForm, type Component, type FormId } from '../../../../core/catalogue/index.js';
import { GRAMS_PER_OUNCE } from '../../../../core/measure/index.js';
import type { Command, Plan, Surface } from '../../../../core/plan/index.js';
import { inPantry } from '../../../../core/portion/index.js';
import { LittleSurface } from '../../../plate/LittleSurface.js';
import { useSettings } from '../../../store/settings.js';
import { Tick, useKeptNumber } from '../../../ui/Fields.js';
import { Input } from '../../../ui/kit/Input.js';
import { Select } from '../../../ui/kit/Select.js';
import { gramsPlaced } from '../placing.js';
import { t, word } from '../../../words/index.js';

export interface FoodPart {
  plan: Plan;
  component: Component;
  run: (command: Command) => void;
}

/** Each surface that may hold it, small, with what lies there of it; its grams and its form beneath. */
export function Lies({ plan, component, run }: FoodPart) {
  const surfaces = surfacesFor(plan, component);
  if (surfaces.length === 0) return <p>{t('Every surface promises to be kept free from what is in it.')}</p>;
  return (
    <ul className="m-0 grid list-none grid-cols-[repeat(auto-fill,minmax(176px,1fr))] gap-x-4 gap-y-3 p-0">
      {surfaces.map((surface) => (
        <OnSurface key={surface.id} plan={plan} component={component} run={run} surface={surface} />
      ))}
    </ul>
  );
}

function OnSurface({ plan, component, run, surface }: FoodPart & { surface: Surface }) {
  const imperial = useSettings((settings) => settings.units) === 'imperial';
  const setMass = (massG: number, form: FormId): void =>
    run({
      name: 'place',
      componentId: component.id,
      surfaceId: surface.id,
      placements: gramsPlaced(plan, component, surface.id, massG, form),
    });
  const on = plan.placements.filter(
    (placement) => placement.componentId === component.id && placement.surfaceId === surface.id,
  );
  const mass = on.reduce((sum, placement) => sum + placement.massG, 0);
  const form = on[0]?.form ?? usualForm(component).form;
  const lots = new Set(on.map((placement) => placement.lot)).size;
  return (
    <li className={mass > 0 ? '' : 'opacity-80'}>
      <div className="flex items-center gap-2">
        <LittleSurface
          surface={surface}
          component={component}
          elements={plan.layout.find((layer) => layer.surfaceId === surface.id)?.elements ?? []}
          massG={mass}
          size={74}
        />
        <span className="text-sm/[1.15]">
          <b>{surface.name}</b>
          {lots > 1 && <span className="block">{t('in {lots} lots', { lots })}</span>}
        </span>
      </div>
      <div className="mt-1 flex items-center gap-1.5">
        <MassInput
          label={t('{imperial} on {name}', {
            imperial: imperial ? t('Ounces') : t('Grams'),
            name: surface.name,
          })}
          massG={mass}
          ounces={imperial}
          onKeep={(g) => setMass(g, form)}
        />
        {imperial ? t('oz') : 'g'}
      </div>
      {component.forms.length > 1 && (
        <div className="mt-1">
          <Select<FormId>
            label={t('Form on {name}', { name: surface.name })}
            value={form}
            onPick={(picked) => setMass(mass || usualHereG(plan, component, surface), picked)}
            options={component.forms.map((fact) => ({
              value: fact.form,
              words: word(formName(fact.form)),
            }))}
          />
        </div>
      )}
      {on.length > 0 && <HowServed plan={plan} component={component} surface={surface} run={run} />}
    </li>
  );
}

/** In a bowl, with a tool of its own, in the part that is kept for somebody. */
function HowServed({ plan, component, surface, run }: FoodPart & { surface: Surface }) {
  const here = plan.placements.filter(
    (placement) => placement.componentId === component.id && placement.surfaceId === surface.id,
  );
  const zone = surface.zoneFor;
  const names = plan.party.filter((group) => zone?.includes(group.id)).map((group) => group.name);
  const at = { componentId: component.id, surfaceId: surface.id };
  return (
    <span className="flex flex-wrap items-center gap-2">
      {here.some((placement) => !FORMS[placement.form].bowl) && (
        <Tick
          inline
          label={t('in a bowl')}
          on={here.every((placement) => placement.contained)}
          onChange={(on) => run({ name: 'contain', ...at, on })}
        />
      )}
      <Tick
        inline
        label={t('own tool')}
        on={here.every((placement) => placement.ownTool === true)}
        onChange={(on) => run({ name: 'own-tool', ...at, on })}
      />
      {zone && (
        <Tick
          inline
          label={t('in the part for {names}', { names: names.join(', ') })}
          on={here.every((placement) => placement.inZone === true)}
          onChange={(on) => run({ name: 'in-zone', ...at, on })}
        />
      )}
    </span>
  );
}

/** What is in the house is used first and not bought. */
export function InTheHouse({ plan, component, run }: FoodPart) {
  const imperial = useSettings((settings) => settings.units) === 'imperial';
  const massG = inPantry(plan, component.id);
  // a date that was noted in Make stays with the pack
  const until = plan.pantry.find(({ componentId }) => componentId === component.id)?.until;
  const keep = (g: number): void =>
    run({
      name: 'set-pantry',
      pantry: [
        ...plan.pantry.filter((kept) => kept.componentId !== component.id),
        ...(g > 0
          ? [{ componentId: component.id, massG: g, ...(until === undefined ? {} : { until }) }]
          : []),
      ],
    });
  return (
    <label className="flex flex-wrap items-center gap-2.5 mt-2">
      {t('In the house, {imperial}', { imperial: imperial ? t('ounces') : t('grams') })}
      <MassInput label={t('In the house')} massG={massG} ounces={imperial} onKeep={keep} />
    </label>
  );
}

const MOST_G = 20_000;

/** Keeps on Enter and when the field is left. */
function MassInput({
  label,
  massG,
  ounces,
  onKeep,
}: {
  label: string;
  massG: number;
  ounces: boolean;
  onKeep: (massG: number) => void;
}) {
  const k = ounces ? GRAMS_PER_OUNCE : 1;
  const shown = ounces ? Math.round((massG / k) * 10) / 10 : Math.round(massG);
  const { input, wrong } = useKeptNumber({
    value: shown,
    min: 0,
    max: Math.floor(MOST_G / k),
    onKeep: (n) => onKeep(n * k),
  });
  return (
    <>
      <Input
        {...input}
        key={massG}
        step={ounces ? 0.1 : 1}
        aria-label={label}
        className="w-22 border-[1.5px] border-line px-1.5 py-0.5"
      />
      {wrong}
    </>
  );
}
