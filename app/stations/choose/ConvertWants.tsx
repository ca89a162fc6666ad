import { useState } from 'react';
import { needPack } from '../../../core/needs/index.js';
import { guestsIn } from '../../../core/party/index.js';
import { groupsAt, type Plan } from '../../../core/plan/index.js';
import { cheaperBy, type Target } from '../../../core/swap/index.js';
import { NeedPicker } from '../brief/NeedPicker.js';
import { NumberInput, Tick, Ticks } from '../../ui/Fields.js';
import { Select } from '../../ui/kit/Select.js';
import { t } from '../../words/index.js';

const HOT_C = 30;

/** What the board shall become: for whom, where, for how much, and when. */
export function Wants({
  plan,
  target,
  onChange,
}: {
  plan: Plan;
  target: Target;
  onChange: (target: Target) => void;
}) {
  const [percent, setPercent] = useState(20);
  const july = `${plan.occasion.start.slice(0, 4)}-07-15${plan.occasion.start.slice(10)}`;
  const cheaper = target.budgetMinor !== undefined;
  /** The money follows the guests and the share. */
  const change = (patch: Partial<Target>, money = cheaper, share = percent): void => {
    const { budgetMinor: _old, ...next } = { ...target, ...patch };
    onChange(money ? { ...next, budgetMinor: cheaperBy(plan, share, next) } : next);
  };
  return (
    <Ticks legend={t('Make it')}>
      <NeedPicker needs={[...target.needs]} onChange={(needs) => change({ needs })} />
      <Where plan={plan} target={target} onChange={onChange} />
      <div className="flex flex-wrap items-center gap-2.5">
        <Tick inline label={t('cheaper by')} on={cheaper} onChange={(on) => change({}, on)} />
        <NumberInput
          label={t('per cent')}
          value={percent}
          min={1}
          max={80}
          width={90}
          onChange={(n) => {
            setPercent(n);
            if (cheaper) change({}, true, n);
          }}
        />
        <NumberInput
          label={t('for so many guests')}
          value={target.guests ?? guestsIn(plan.party)}
          min={1}
          max={2000}
          width={110}
          onChange={(n) => change({ guests: Math.max(1, Math.round(n)) })}
        />
        <Tick
          inline
          label={t('for July outdoors, {HOTC} °C', { HOTC: HOT_C })}
          on={target.occasion !== undefined}
          onChange={(on) => {
            const { occasion: _o, ...bare } = target;
            onChange(on ? { ...bare, occasion: { start: july, where: 'outdoors', airTempC: HOT_C } } : bare);
          }}
        />
      </div>
      <OnlyHelps needs={target.needs} />
    </Ticks>
  );
}

const EVERYWHERE = '';

/** All of the table, one of its surfaces, or those from which a group is served. */
function Where({
  plan,
  target: { surfaces, ...whole },
  onChange,
}: {
  plan: Plan;
  target: Target;
  onChange: (target: Target) => void;
}) {
  if (plan.surfaces.length < 2) return null;
  const places = [
    ...plan.surfaces.map((surface) => ({
      value: `at ${surface.id}`,
      words: surface.name,
      under: t('One surface'),
      ids: [surface.id],
    })),
    ...plan.party
      .map((group) => ({
        value: `for ${group.id}`,
        words: group.name,
        under: t('What a group is served from'),
        ids: plan.surfaces.filter((s) => groupsAt(plan, s).includes(group)).map((s) => s.id),
      }))
      .filter(({ ids }) => ids.length > 0 && ids.length < plan.surfaces.length),
  ];
  const same = (ids: readonly string[]) => ids.join(' ') === surfaces?.join(' ');
  return (
    <label className="mt-2 flex flex-wrap items-center gap-2.5">
      {t('Turn')}
      <Select
        label={t('What is turned')}
        className="w-60"
        value={places.find(({ ids }) => same(ids))?.value ?? EVERYWHERE}
        onPick={(value) => {
          const place = places.find((other) => other.value === value);
          onChange(place ? { ...whole, surfaces: place.ids } : whole);
        }}
        options={[{ value: EVERYWHERE, words: t('the whole board') }, ...places]}
      />
    </label>
  );
}

function OnlyHelps({ needs }: Pick<Target, 'needs'>) {
  if (needs.length === 0) return null;
  return (
    <p className="text-soft">
      {t('{needs}: the tool helps to plan; labels, guests and licensed advice decide.', {
        needs: needs.map((choice) => needPack(choice.id)?.name ?? choice.id).join(', '),
      })}
    </p>
  );
}
