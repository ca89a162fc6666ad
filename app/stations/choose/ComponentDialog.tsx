import { useState } from 'react';
import {
  about,
  FORMS,
  formName,
  goesWith,
  recipeOf,
  scaledTo,
  TASTES,
  usualForm,
  type Component,
  type FormId,
} from '../../../core/catalogue/index.js';
import { formatMass, formatMoney, GRAMS_PER_OUNCE } from '../../../core/measure/index.js';
import { judgeGroup } from '../../../core/needs/index.js';
import type { Group } from '../../../core/party/index.js';
import { planLarder, type Command, type Plan, type Surface } from '../../../core/plan/index.js';
import { inPantry } from '../../../core/portion/index.js';
import { lower } from '../../../core/words/index.js';
import { SwapDialog } from '../../rail/SwapDialog.js';
import { useRemedy } from '../../rail/useRemedy.js';
import { useSettings } from '../../store/settings.js';
import { Tick } from '../../ui/Fields.js';
import { PlateGlyph, STATE_WORDS } from '../../ui/Glyph.js';
import { PaperDialog } from '../../ui/kit/Dialog.js';
import { LittleSurface } from '../../plate/LittleSurface.js';
import { portraitUrl } from '../../ui/pictures.js';
import { TasteWheel } from '../../ui/TasteWheel.js';
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

/** One food as itself: its portrait with its tastes, for whom it is, and where it lies on the little surfaces of the table. */
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
      full
      title={c.name}
      hint={`${formatMoney(pack.priceMinor, plan.currency)} for ${formatMass(pack.massG, units)}${made}.`}
    >
      <div className="grid grid-cols-[286px_minmax(0,1fr)_minmax(0,1.15fr)] gap-x-7 max-xl:grid-cols-[240px_minmax(0,1fr)] max-md:grid-cols-1">
        <Portrait component={c} />
        <div>
          <PaperHeading>For whom</PaperHeading>
          <ForWhom plan={plan} component={c} />
          <AboutFood plan={plan} component={c} />
          <Made plan={plan} component={c} />
        </div>
        <div className="max-xl:col-span-2 max-md:col-span-1">
          <PaperHeading>Where it lies</PaperHeading>
          <Lies plan={plan} component={c} run={run} />
          <InTheHouse plan={plan} component={c} run={run} />
        </div>
      </div>
      <Deeds plan={plan} component={c} run={run} onSwap={() => setSwap(true)} onClose={onClose} />
      <div className="mt-2 flex flex-wrap items-center gap-2.5">
        <WhyFood plan={plan} component={c} />
        <OwnDeeds plan={plan} component={c} onClose={onClose} />
      </div>
      <p className="break-inside-avoid px-1 pt-1 text-xs/[1.24] italic text-soft">
        Facts are label practice and public data, not this very pack: read the label.
      </p>
    </PaperDialog>
  );
}

const TASTED = TASTES.filter((t) => t !== 'strength');

/** Large, as it lies, with what it tastes of. */
function Portrait({ component: c }: { component: Component }) {
  return (
    <div className="flex flex-col items-center">
      <img src={portraitUrl(c)} alt="" width="230" height="230" className="max-md:size-40" />
      {c.taste && (
        <TasteWheel petals={TASTED.map((t) => ({ taste: t, most: c.taste?.[t] ?? 0 }))} size={250} />
      )}
    </div>
  );
}

const GLYPH = { fine: 'whole', ask: 'covered', forbidden: 'cracked' } as const;
const WORD = { fine: 'may eat it', ask: 'ask the label', forbidden: 'not for them' } as const;

/** Those who may eat it as marks in a row; whoever must ask or leave it, with the reason. */
function ForWhom({ plan, component: c }: { plan: Plan; component: Component }) {
  const form = plan.placements.find((p) => p.componentId === c.id)?.form ?? usualForm(c).form;
  const judged = plan.party.map((group) => ({ group, ...judgeGroup(c, form, group) }));
  const fine = judged.filter((j) => j.verdict === 'fine');
  return (
    <ul className="m-0 list-none p-0">
      {fine.length > 0 && (
        <li className="flex items-start gap-1.5 py-0.5 [&>svg]:shrink-0">
          <PlateGlyph state="whole" size={24} />
          <span>
            <span className="mr-1.5 inline-flex gap-0.5 align-middle">
              {fine.map((j) => (
                <Rim key={j.group.id} group={j.group} size={22} />
              ))}
            </span>
            <b>{fine.map((j) => j.group.name).join(', ')}</b>: {WORD.fine}
          </span>
        </li>
      )}
      {judged
        .filter((j) => j.verdict !== 'fine')
        .map((j) => (
          <li key={j.group.id} className="flex items-start gap-1.5 py-0.5 [&>svg]:shrink-0">
            <PlateGlyph state={GLYPH[j.verdict]} size={24} />
            <Rim group={j.group} size={22} />
            <span>
              <b>{j.group.name}</b>: {WORD[j.verdict]}
              {j.reasons[0] ? `, ${j.reasons[0].text} (${j.reasons[0].source})` : ''}
              {fineWords(c, j.group)}
              <span className="sr-only">. {STATE_WORDS[GLYPH[j.verdict]]}</span>
            </span>
          </li>
        ))}
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

/** Each surface that may hold it, small, with what lies there of it; its grams and its form beneath. */
function Lies({ plan, component: c, run }: Part) {
  const imperial = useSettings((s) => s.units) === 'imperial';
  const setMass = (surface: Surface, massG: number, form: FormId): void =>
    run({
      name: 'place',
      componentId: c.id,
      surfaceId: surface.id,
      placements: gramsPlaced(plan, c, surface.id, massG, form),
    });
  const surfaces = surfacesFor(plan, c);
  if (surfaces.length === 0) return <p>Every surface promises to be kept free from what is in it.</p>;
  return (
    <ul className="m-0 grid list-none grid-cols-[repeat(auto-fill,minmax(176px,1fr))] gap-x-4 gap-y-3 p-0">
      {surfaces.map((s) => {
        const on = plan.placements.filter((p) => p.componentId === c.id && p.surfaceId === s.id);
        const mass = on.reduce((n, p) => n + p.massG, 0);
        const form = on[0]?.form ?? usualForm(c).form;
        const lots = new Set(on.map((p) => p.lot)).size;
        return (
          <li key={s.id} className={mass > 0 ? '' : 'opacity-80'}>
            <div className="flex items-center gap-2">
              <LittleSurface
                surface={s}
                component={c}
                elements={plan.layout.find((l) => l.surfaceId === s.id)?.elements ?? []}
                massG={mass}
                size={74}
              />
              <span className="text-sm/[1.15]">
                <b>{s.name}</b>
                {lots > 1 && <span className="block">in {lots} lots</span>}
              </span>
            </div>
            <div className="mt-1 flex items-center gap-1.5">
              <MassInput
                label={`${imperial ? 'Ounces' : 'Grams'} on ${s.name}`}
                massG={mass}
                ounces={imperial}
                onKeep={(g) => setMass(s, g, form)}
              />
              {imperial ? 'oz' : 'g'}
            </div>
            {c.forms.length > 1 && (
              <div className="mt-1">
                <Select<FormId>
                  label={`Form on ${s.name}`}
                  value={form}
                  onPick={(picked) => setMass(s, mass || FIRST_G, picked)}
                  options={c.forms.map((f) => ({ value: f.form, words: formName(f.form) }))}
                />
              </div>
            )}
            {on.length > 0 && <HowServed plan={plan} component={c} surface={s} run={run} />}
          </li>
        );
      })}
    </ul>
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
  const [first] = surfacesFor(plan, c);
  const pinned = plan.wishes.pinned.includes(c.id);
  const excluded = plan.wishes.excluded.includes(c.id);
  const thenClose = (command: Command): void => {
    run(command);
    onClose();
  };
  return (
    <div className="flex flex-wrap items-center gap-2.5 mt-3">
      {there ? (
        <Button size="small" onClick={onSwap}>
          Swap it
        </Button>
      ) : (
        first && (
          <Button
            size="small"
            onClick={() =>
              run({
                name: 'place',
                componentId: c.id,
                surfaceId: first.id,
                placements: gramsPlaced(plan, c, first.id, FIRST_G),
              })
            }
          >
            Lay it on {lower(first.name)}
          </Button>
        )
      )}
      <Button
        look="quiet"
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
        <Button look="quiet" size="small" onClick={() => thenClose({ name: 'leave-out', componentId: c.id })}>
          Leave it out
        </Button>
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
