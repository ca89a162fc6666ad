import { useState } from 'react';
import {
  about,
  FORMS,
  formName,
  goesWith,
  recipeOf,
  scaledTo,
  usualForm,
  type Component,
  type FormId,
} from '../../../core/catalogue/index.js';
import { formatMass, formatMoney, GRAMS_PER_OUNCE } from '../../../core/measure/index.js';
import { judgeGroup } from '../../../core/needs/index.js';
import type { Group } from '../../../core/party/index.js';
import { planLarder, type Command, type Plan, type Surface } from '../../../core/plan/index.js';
import { inPantry } from '../../../core/portion/index.js';
import { SwapDialog } from '../../rail/SwapDialog.js';
import { useRemedy } from '../../rail/useRemedy.js';
import { useSettings } from '../../store/settings.js';
import { Tick } from '../../ui/Fields.js';
import { PlateGlyph, STATE_WORDS } from '../../ui/Glyph.js';
import { PaperDialog } from '../../ui/kit/Dialog.js';
import { portraitUrl } from '../../ui/pictures.js';
import { Rim } from '../../ui/rims.js';
import { OwnDeeds } from './OwnDeeds.js';
import { WhyFood } from './WhyFood.js';
import { gramsPlaced, surfacesFor } from './placing.js';
import { Button } from '../../ui/kit/Button.js';
import { Select } from '../../ui/kit/Select.js';
import { Input } from '../../ui/kit/Input.js';
import { PaperHeading } from '../../ui/kit/Heading.js';

interface Part {
  plan: Plan;
  component: Component;
  run: (command: Command) => void;
}

/** One food: who may eat it and why, how much lies where, pin, exclude, swap. */
export function ComponentDialog({
  plan,
  component: c,
  onClose,
}: {
  plan: Plan;
  component: Component;
  onClose: () => void;
}) {
  const run = useRemedy();
  const units = useSettings((s) => s.units);
  const [swap, setSwap] = useState(false);
  const pack = c.packs[0]!;
  const made = c.ingredients.length > 0 ? `. Of ${c.ingredients.join(', ')}` : '';
  // the plate shows what a swap would look like: this paper makes room
  if (swap) return <SwapDialog plan={plan} componentId={c.id} onClose={() => (setSwap(false), onClose())} />;
  return (
    <PaperDialog
      open
      onClose={onClose}
      wide
      title={c.name}
      hint={`${formatMoney(pack.priceMinor, plan.currency)} for ${formatMass(pack.massG, units)}${made}.`}
    >
      <div className="flex gap-2.5 items-start flex-nowrap">
        <img src={portraitUrl(c)} alt="" width="120" height="120" />
        <ForWhom plan={plan} component={c} />
      </div>
      <AboutFood plan={plan} component={c} />
      <Made plan={plan} component={c} />
      <HowMuch plan={plan} component={c} run={run} />
      <Deeds plan={plan} component={c} run={run} onSwap={() => setSwap(true)} onClose={onClose} />
      <InTheHouse plan={plan} component={c} run={run} />
      <WhyFood plan={plan} component={c} />
      <OwnDeeds plan={plan} component={c} onClose={onClose} />
      <p className="break-inside-avoid px-1 pt-1 text-xs/[1.24] italic text-soft text-soft">
        Facts are label practice and public data, not this very pack: read the label.
      </p>
    </PaperDialog>
  );
}

const GLYPH = { fine: 'whole', ask: 'covered', forbidden: 'cracked' } as const;
const WORD = { fine: 'may eat it', ask: 'ask the label', forbidden: 'not for them' } as const;

function ForWhom({ plan, component: c }: { plan: Plan; component: Component }) {
  const form = plan.placements.find((p) => p.componentId === c.id)?.form ?? usualForm(c).form;
  return (
    <ul className="list-none p-0 m-0 flex-1">
      {plan.party.map((g) => {
        const j = judgeGroup(c, form, g);
        return (
          <li key={g.id} className="flex items-center gap-1.5 flex-nowrap">
            <PlateGlyph state={GLYPH[j.verdict]} size={20} />
            <Rim group={g} size={20} />
            <span>
              <b>{g.name}</b>: {WORD[j.verdict]}
              {j.reasons[0] ? `, ${j.reasons[0].text} (${j.reasons[0].source})` : ''}
              {j.verdict !== 'fine' && fineWords(c, g)}
              <span className="sr-only">. {STATE_WORDS[GLYPH[j.verdict]]}</span>
            </span>
          </li>
        );
      })}
    </ul>
  );
}

/** What a stylist asks of it: like what, with what, how served, how long, called what elsewhere. */
function AboutFood({ plan, component: c }: { plan: Plan; component: Component }) {
  const facts = about(c);
  const partners = goesWith(c, planLarder(plan).values());
  return (
    <dl className="mt-3 grid grid-cols-[max-content_1fr] gap-x-3 gap-y-0.5 [&_dt]:font-bold">
      <dt>Like</dt>
      <dd>{facts.like}</dd>
      <dt>Goes with</dt>
      <dd>
        {partners.foods.map((f) => f.name.split(',')[0]).join(', ') || 'nothing in the larder'};{' '}
        {partners.why}
      </dd>
      <dt>Served</dt>
      <dd>{facts.served}</dd>
      <dt>Stands</dt>
      <dd>{facts.stands}</dd>
      {facts.elsewhere && (
        <>
          <dt>Also called</dt>
          <dd>{facts.elsewhere}</dd>
        </>
      )}
    </dl>
  );
}

/** How a home-made thing is made, for the grams that lie on the board. */
function Made({ plan, component: c }: { plan: Plan; component: Component }) {
  const recipe = recipeOf(c.id);
  const units = useSettings((s) => s.units);
  const massG = plan.placements.filter((p) => p.componentId === c.id).reduce((n, p) => n + p.massG, 0);
  const scaled = recipe && scaledTo(recipe, massG || recipe.outG, planLarder(plan));
  if (!scaled) return null;
  return (
    <section className="my-2 border-l-3 border-yolk px-2.5 py-1">
      <PaperHeading>
        Makes {formatMass(scaled.massG, units)}: {scaled.handsMin} min by hand
        {scaled.waitMin > 0 ? `, ${scaled.waitMin} min by itself` : ''}
      </PaperHeading>
      <p>
        {scaled.parts.map((p) => `${formatMass(p.grams, units)} ${p.name}`).join(', ')}. {recipe.steps} At
        most {recipe.keepsH} h before serving. About {formatMoney(scaled.costMinor, plan.currency)}.
      </p>
    </section>
  );
}

/** The forms in which the same food would be fine: whole grapes are not, quartered ones are. */
function fineWords(c: Component, group: Group): string {
  const forms = c.forms.filter((f) => judgeGroup(c, f.form, group).verdict === 'fine');
  return forms.length > 0 ? `. Fine ${forms.map((f) => formName(f.form)).join(', or ')}` : '';
}

const FIRST_G = 80;

/** Form and mass on each surface that may hold it, all lots together. */
function HowMuch({ plan, component: c, run }: Part) {
  const imperial = useSettings((s) => s.units) === 'imperial';
  const setMass = (surface: Surface, massG: number, form: FormId): void =>
    run({
      name: 'place',
      componentId: c.id,
      surfaceId: surface.id,
      placements: gramsPlaced(plan, c, surface.id, massG, form),
    });
  return (
    <table className="mt-2.5 w-full [&_td]:py-1 [&_td]:pr-2.5 [&_td]:align-top [&_th]:text-left">
      <thead>
        <tr className="text-left">
          <th>Surface</th>
          <th>Form</th>
          <th>{imperial ? 'Ounces in all' : 'Grams in all'}</th>
        </tr>
      </thead>
      <tbody>
        {surfacesFor(plan, c).map((s) => {
          const on = plan.placements.filter((p) => p.componentId === c.id && p.surfaceId === s.id);
          const mass = on.reduce((n, p) => n + p.massG, 0);
          const form = on[0]?.form ?? usualForm(c).form;
          const lots = new Set(on.map((p) => p.lot)).size;
          return (
            <tr key={s.id}>
              <td>{s.name}</td>
              <td>
                <Select<FormId>
                  label={`Form on ${s.name}`}
                  value={form}
                  onPick={(picked) => setMass(s, mass || FIRST_G, picked)}
                  options={c.forms.map((f) => ({ value: f.form, words: formName(f.form) }))}
                />
              </td>
              <td>
                <MassInput
                  label={`${imperial ? 'Ounces' : 'Grams'} on ${s.name}`}
                  massG={mass}
                  ounces={imperial}
                  onKeep={(g) => setMass(s, g, form)}
                />
                {lots > 1 && <span> in {lots} lots</span>}
                {on.length > 0 && <HowServed plan={plan} component={c} surface={s} run={run} />}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

/** In a bowl, with a tool of its own, in the part that is kept for somebody. */
function HowServed({ plan, component: c, surface, run }: Part & { surface: Surface }) {
  const here = plan.placements.filter((p) => p.componentId === c.id && p.surfaceId === surface.id);
  const zone = surface.zoneFor;
  const names = plan.party.filter((g) => zone?.includes(g.id)).map((g) => g.name);
  const at = { componentId: c.id, surfaceId: surface.id };
  return (
    <span className="flex flex-wrap items-center gap-2">
      {here.some((p) => !FORMS[p.form].bowl) && (
        <Tick
          inline
          label="in a bowl"
          on={here.every((p) => p.contained)}
          onChange={(on) => run({ name: 'contain', ...at, on })}
        />
      )}
      <Tick
        inline
        label="own tool"
        on={here.every((p) => p.ownTool === true)}
        onChange={(on) => run({ name: 'own-tool', ...at, on })}
      />
      {zone && (
        <Tick
          inline
          label={`in the part for ${names.join(', ')}`}
          on={here.every((p) => p.inZone === true)}
          onChange={(on) => run({ name: 'in-zone', ...at, on })}
        />
      )}
    </span>
  );
}

/** What is in the house is used first and not bought. */
function InTheHouse({ plan, component: c, run }: Part) {
  const imperial = useSettings((s) => s.units) === 'imperial';
  const massG = inPantry(plan.pantry, c.id);
  const keep = (g: number): void =>
    run({
      name: 'set-pantry',
      pantry: [
        ...plan.pantry.filter((p) => p.componentId !== c.id),
        ...(g > 0 ? [{ componentId: c.id, massG: g }] : []),
      ],
    });
  return (
    <label className="flex flex-wrap items-center gap-2.5 mt-2">
      In the house, {imperial ? 'ounces' : 'grams'}
      <MassInput label="In the house" massG={massG} ounces={imperial} onKeep={keep} />
    </label>
  );
}

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
  const keep = (text: string): void => {
    const n = Number(text);
    if (text.trim() !== '' && Number.isFinite(n) && n >= 0 && n * k <= 20000 && n !== shown) onKeep(n * k);
  };
  return (
    <Input
      type="number"
      min={0}
      max={Math.floor(20000 / k)}
      step={ounces ? 0.1 : 1}
      aria-label={label}
      key={massG}
      defaultValue={shown}
      className="w-22 border-[1.5px] border-line px-1.5 py-0.5"
      onBlur={(e) => keep(e.target.value)}
      onKeyDown={(e) => e.key === 'Enter' && e.currentTarget.blur()}
    />
  );
}

function Deeds({
  plan,
  component: c,
  run,
  onSwap,
  onClose,
}: Part & { onSwap: () => void; onClose: () => void }) {
  const there = plan.placements.some((p) => p.componentId === c.id);
  const pinned = plan.wishes.pinned.includes(c.id);
  const excluded = plan.wishes.excluded.includes(c.id);
  const thenClose = (command: Command): void => {
    run(command);
    onClose();
  };
  return (
    <div className="flex flex-wrap items-center gap-2.5 mt-3">
      <Button
        size="small"
        aria-pressed={pinned}
        onClick={() => run({ name: 'pin', componentId: c.id, on: !pinned })}
      >
        {pinned ? 'Let the pin go' : 'Pin it: always on the board'}
      </Button>
      <Button
        look="quiet"
        size="small"
        aria-pressed={plan.wishes.star === c.id}
        onClick={() => run({ name: 'set-star', star: plan.wishes.star === c.id ? null : c.id })}
      >
        {plan.wishes.star === c.id ? 'No star any more' : 'Make it the star'}
      </Button>
      {there && (
        <>
          <Button look="quiet" size="small" onClick={onSwap}>
            Swap it
          </Button>
          <Button
            look="quiet"
            size="small"
            onClick={() => thenClose({ name: 'leave-out', componentId: c.id })}
          >
            Leave it out
          </Button>
        </>
      )}
      <Button
        look="quiet"
        size="small"
        onClick={() => thenClose({ name: 'exclude', componentId: c.id, on: !excluded })}
      >
        {excluded ? 'Allow it again' : 'Never here'}
      </Button>
    </div>
  );
}
