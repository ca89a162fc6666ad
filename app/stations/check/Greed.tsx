import { Effect } from '../../ui/Effect.js';
import { useDeferredValue, useState } from 'react';
import { promiseAt, remedyEffect, remedyLabel, type Checked } from '../../../core/check/index.js';
import { formatMass } from '../../../core/measure/index.js';
import { speak } from '../../../core/words/index.js';
import { useRemedy } from '../../rail/useRemedy.js';
import { useSettings } from '../../store/settings.js';
import { useSpeech } from '../../store/useSpeech.js';
import { Rim } from '../../ui/rims.js';
import { Button } from '../../ui/kit/Button.js';
import { Collapsible } from '../../ui/kit/Collapsible.js';
import { Slider } from '../../ui/kit/Slider.js';
import { t } from '../../words/index.js';

const [LEAST, MOST, STEP] = [1, 3, 0.05];

/** A dial: what is sure for each group if those who eat everything take more than their share. */
export function Greed({ checked }: { checked: Checked }) {
  const units = useSettings((settings) => settings.units);
  const run = useRemedy();
  const [moved, setMoved] = useState<number>();
  const greed = Math.max(LEAST, moved ?? checked.care.greed);
  const speech = useSpeech();
  const { at, said, remedy } = promiseAt(checked.context, useDeferredValue(greed));
  if (at.groups.length === 0) return null;
  return (
    <Collapsible title={t('If the others take more')} head="font-display text-base/[1.2] font-extrabold">
      <Slider
        label={t('How many times their share the others take')}
        min={LEAST}
        max={MOST}
        step={STEP}
        value={greed}
        said={`${greed.toFixed(2)} times`}
        onChange={setMoved}
      />
      <p role="status">{speak(said, speech)}</p>
      <ul className="m-0 list-none p-0">
        {at.groups.map((group) => (
          <li key={group.group.id} className="flex flex-wrap items-center gap-1.5">
            <Rim group={group.group} size={20} /> {group.group.name}:{' '}
            <b>{formatMass(group.sureG / group.group.count, units)}</b>{' '}
            {t('of {needG} each', { needG: formatMass(group.needG / group.group.count, units) })}
          </li>
        ))}
      </ul>
      {remedy && (
        <Button look="quiet" size="small" onClick={() => run(remedy.command)}>
          {remedyLabel(remedy, speech)} <Effect words={remedyEffect(remedy, speech)} />
        </Button>
      )}
    </Collapsible>
  );
}
