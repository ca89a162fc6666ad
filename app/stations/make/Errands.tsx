import { handRecords, tripsOf, whoGoes, type ShopLine, type Trip } from '../../../core/make/index.js';
import type { Plan } from '../../../core/plan/index.js';
import { useSession } from '../../store/session.js';
import { Choice } from '../../ui/Fields.js';
import { ShelfHeading } from '../../ui/kit/Heading.js';
import { ToggleGroup } from '../../ui/kit/ToggleGroup.js';
import { t } from '../../words/index.js';
import { tripWords } from './ShopPaper.js';
import { useMake } from './useMake.js';

const NOBODY = '-';
const ALL = 'all';

/** Who goes to which shop when, and whose list is looked at. */
export function Errands({ plan, lines }: { plan: Plan; lines: readonly ShopLine[] }) {
  const edit = useSession((session) => session.edit);
  const shown = useMake((state) => state.errandsOf);
  const hands = handRecords(plan);
  const trips = tripsOf(lines);
  if (hands.length < 2 || trips.length === 0) return null;
  const send = (trip: Trip, hand: string): void =>
    edit({
      name: 'set-errands',
      errands: [
        ...plan.day.errands.filter((errand) => errand.trip !== trip.key),
        ...(hand === NOBODY ? [] : [{ trip: trip.key, hand }]),
      ],
    });
  const going = hands.filter(({ id }) => trips.some((trip) => whoGoes(plan, trip) === id));
  return (
    <>
      <ShelfHeading>{t('Who goes')}</ShelfHeading>
      {trips.map((trip) => (
        <Choice
          key={trip.key}
          label={tripWords(trip)}
          value={whoGoes(plan, trip) ?? NOBODY}
          options={[[NOBODY, t('not said yet')], ...hands.map(({ id, name }) => [id, name] as const)]}
          onPick={(hand) => send(trip, hand)}
        />
      ))}
      {going.length > 0 && (
        <ToggleGroup
          label={t('Whose list')}
          value={shown ?? ALL}
          options={[
            { value: ALL, words: t('all of it') },
            ...going.map(({ id, name }) => ({ value: id, words: name })),
          ]}
          onPick={(id) => useMake.setState({ errandsOf: id === ALL ? null : id })}
        />
      )}
    </>
  );
}
