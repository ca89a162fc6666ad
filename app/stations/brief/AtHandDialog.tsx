import { useState } from 'react';
import type { Plan, Ware } from '../../../core/plan/index.js';
import { FromHouse } from '../../house/FromHouse.js';
import { useSession } from '../../store/session.js';
import { Choice, LengthInput, NumberInput, Tick, Ticks, Wrong } from '../../ui/Fields.js';
import { PaperDialog } from '../../ui/kit/Dialog.js';
import { Button } from '../../ui/kit/Button.js';
import { t, word } from '../../words/index.js';

const TOOLS = ['knives', 'spoons', 'tongs'] as const;
const NEW_BOWL = { diameterMm: 90, count: 2 };
const [LEAST_MM, MOST_MM] = [30, 400];

/** Count the bowls before you plan: running out of them is how a condiment gets left off. */
export function AtHandDialog({ plan, onClose }: { plan: Plan; onClose: () => void }) {
  const [bowls, setBowls] = useState(plan.bowls);
  const [tools, setTools] = useState(plan.tools);
  const [work, setWork] = useState(plan.work);
  const edit = useSession((session) => session.edit);
  const bad = bowls.find((bowl) => !(bowl.diameterMm >= LEAST_MM && bowl.diameterMm <= MOST_MM));
  const save = (): void => {
    edit({
      name: 'together',
      label: t('change what is at hand'),
      commands: [
        { name: 'set-bowls', bowls: bowls.map((bowl) => ({ ...bowl, count: Math.round(bowl.count) })) },
        { name: 'set-tools', tools },
        { name: 'set-work', work },
      ],
    });
    onClose();
  };
  return (
    <PaperDialog open onClose={onClose} title={t('Bowls and tools at hand')}>
      <Bowls bowls={bowls} onChange={setBowls} />
      <Hands work={work} onChange={setWork} />
      <Tools tools={tools} onChange={setTools} />
      <FromHouse
        kind="tools"
        words={t('As in your house')}
        value={bad ? undefined : { name: t('At hand'), bowls, tools }}
        onTake={(own) => (setBowls(own.bowls), setTools(own.tools))}
      />
      {bad && (
        <Wrong>
          {t('A bowl is {LEASTMM} to {MOSTMM} mm across.', { LEASTMM: LEAST_MM, MOSTMM: MOST_MM })}
        </Wrong>
      )}
      <Button disabled={bad !== undefined} onClick={save}>
        {t('Keep')}
      </Button>
    </PaperDialog>
  );
}

interface Part<T> {
  onChange: (value: T) => void;
}

const WARE_OPTIONS = [
  ['any', t('anything')] as const,
  ['white', t('white china')] as const,
  ['stone', t('dark stoneware')] as const,
  ['blue', t('blue glaze')] as const,
  ['wood', t('wood')] as const,
  ['glass', t('glass')] as const,
  ['steel', t('steel')] as const,
] satisfies readonly (readonly [Ware | 'any', string])[];

const ofWare = (
  { ware: _before, ...bowl }: Plan['bowls'][number],
  ware: Ware | 'any',
): Plan['bowls'][number] => (ware === 'any' ? bowl : { ...bowl, ware });

function Bowls({ bowls, onChange }: Part<Plan['bowls']> & { bowls: Plan['bowls'] }) {
  const change = (i: number, patch: Partial<Plan['bowls'][number]>): void =>
    onChange(bowls.map((bowl, k) => (k === i ? { ...bowl, ...patch } : bowl)));
  return (
    <Ticks legend={t('Bowls')}>
      {bowls.map((bowl, i) => (
        <div key={i} className="flex flex-wrap gap-2.5 items-end">
          <LengthInput
            label={t('Across')}
            mm={bowl.diameterMm}
            min={LEAST_MM}
            max={MOST_MM}
            onChange={(diameterMm) => change(i, { diameterMm })}
          />
          <NumberInput
            label={t('How many')}
            value={bowl.count}
            min={0}
            max={99}
            onChange={(count) => change(i, { count })}
          />
          <Choice
            label={t('Made of')}
            value={bowl.ware ?? 'any'}
            options={WARE_OPTIONS}
            onPick={(picked) => onChange(bowls.map((other, k) => (k === i ? ofWare(other, picked) : other)))}
          />
          <Button
            look="link"
            aria-label={t('Leave out bowls of {diameterMm} mm', { diameterMm: bowl.diameterMm })}
            onClick={() => onChange(bowls.filter((_, k) => k !== i))}
          >
            {t('Leave out')}
          </Button>
        </div>
      ))}
      <Button
        look="quiet"
        size="small"
        disabled={bowls.length >= 20}
        onClick={() => onChange([...bowls, NEW_BOWL])}
      >
        {t('Another size')}
      </Button>
    </Ticks>
  );
}

function Hands({ work, onChange }: Part<Plan['work']> & { work: Plan['work'] }) {
  return (
    <Ticks legend={t('Hands')}>
      <div className="flex flex-wrap items-center gap-2.5">
        <NumberInput
          label={t('Helpers')}
          value={work.helpers}
          min={0}
          max={20}
          onChange={(helpers) => onChange({ ...work, helpers: Math.round(helpers) })}
        />
        <Tick
          inline
          label={t('limit the minutes')}
          on={work.minutes !== null}
          onChange={(on) => onChange({ ...work, minutes: on ? 90 : null })}
        />
        {work.minutes !== null && (
          <NumberInput
            label={t('Minutes each')}
            value={work.minutes}
            min={5}
            max={2880}
            onChange={(minutes) => onChange({ ...work, minutes: Math.max(5, Math.round(minutes)) })}
          />
        )}
      </div>
    </Ticks>
  );
}

function Tools({ tools, onChange }: Part<Plan['tools']> & { tools: Plan['tools'] }) {
  return (
    <Ticks legend={t('Tools')}>
      <div className="flex flex-wrap items-center gap-2.5">
        {TOOLS.map((tool) => (
          <NumberInput
            key={tool}
            label={word(tool)}
            value={tools[tool]}
            min={0}
            max={99}
            width={100}
            onChange={(n) => onChange({ ...tools, [tool]: n })}
          />
        ))}
      </div>
    </Ticks>
  );
}
