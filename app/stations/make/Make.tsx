import type { Checked } from '../../../core/check/index.js';
import { shopFor } from '../../../core/make/index.js';
import { formatMoney } from '../../../core/measure/index.js';
import type { Plan } from '../../../core/plan/index.js';
import { portionsIn } from '../../../core/party/index.js';
import { Frame } from '../../frame/Frame.js';
import { useDay } from '../../store/day.js';
import { ToggleGroup } from '../../ui/kit/ToggleGroup.js';
import { t } from '../../words/index.js';
import { DayPlate } from './DayPlate.js';
import { DayShelf } from './DayShelf.js';
import { DaySlips } from './DaySlips.js';
import { RecipePaper } from './RecipePaper.js';
import { ShopPaper } from './ShopPaper.js';
import { ShopShelf } from './ShopShelf.js';
import { make } from './station.js';
import { ToolPaper } from './ToolPaper.js';
import { useDayOnArrival, useKeptDay, useMake, whenAt, type MakeView } from './useMake.js';
import { WorkCard } from './WorkCard.js';

const VIEWS: readonly { value: MakeView; words: string }[] = [
  { value: 'day', words: t('The day') },
  { value: 'shopping', words: t('Shopping') },
  { value: 'recipes', words: t('Recipes') },
  { value: 'tools', words: t('Tools') },
];

/** From a laid plan to a day that works: what is bought, who does what when, what is packed. */
export function Make({ plan, checked }: { plan: Plan; checked: Checked }) {
  useDayOnArrival();
  const { view, picked } = useMake();
  const day = useKeptDay(plan);
  const item = day.kept.find(({ task }) => task.id === picked);
  return (
    <Frame
      plan={plan}
      station={make}
      checked={checked}
      slips={<DaySlips plan={plan} day={day} />}
      shelf={
        <>
          <ToggleGroup
            label={t('What is looked at')}
            value={view}
            options={VIEWS}
            onPick={(view) => useMake.setState({ view, picked: null })}
            className="mb-3 grid grid-cols-2 gap-1.5"
          />
          {view === 'day' ? <DayShelf plan={plan} day={day} /> : <ShopShelf plan={plan} view={view} />}
        </>
      }
      foot={<MakeFoot plan={plan} />}
    >
      {view === 'day' && <DayPlate plan={plan} day={day} />}
      {view === 'shopping' && <ShopPaper plan={plan} />}
      {view === 'recipes' && <RecipePaper plan={plan} />}
      {view === 'tools' && <ToolPaper plan={plan} />}
      {view === 'day' && item && <WorkCard plan={plan} day={day} item={item} />}
      <Busy />
    </Frame>
  );
}

function Busy() {
  const busy = useDay((state) => state.busy);
  return (
    <p role="status" className="sr-only">
      {busy ? t('Laying out the day') : ''}
    </p>
  );
}

function MakeFoot({ plan }: { plan: Plan }) {
  const day = useKeptDay(plan);
  const { costMinor } = shopFor([plan]);
  const portions = portionsIn(plan.party);
  const hands = [...day.minutes.values()].reduce((sum, minutes) => sum + minutes, 0);
  const first = day.kept[0];
  return (
    <>
      {first && (
        <span>
          {t('begins')} <b>{whenAt(plan, first.placed.start)}</b>
        </span>
      )}
      <span>
        <b>{t('{h} h {min} min', { h: Math.floor(hands / 60), min: hands % 60 })}</b> {t('by hand')}
      </span>
      <span>
        <b>{day.cleans}</b> {day.cleans === 1 ? t('clean-down') : t('clean-downs')}
      </span>
      {portions > 0 && (
        <span>
          <b>{formatMoney(Math.round(costMinor / portions), plan.currency)}</b> {t('a portion')}
        </span>
      )}
    </>
  );
}
