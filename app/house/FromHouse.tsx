import { recordOf, type HouseKind, type HouseValue } from '../../core/house/index.js';
import { keepInHouse, useHouseOf } from '../store/house.js';
import { Button } from '../ui/kit/Button.js';
import { Menu } from '../ui/kit/Menu.js';
import { t } from '../words/index.js';
import { toast } from '../ui/toast.js';

/** What the house has of a kind, to take into this plan, and what lies here, to keep for every plan. */
export function FromHouse<K extends HouseKind>({
  kind,
  words,
  value,
  onTake,
}: {
  kind: K;
  /** As the menu is called: "One of your boards". */
  words: string;
  /** What would be kept; undefined while it is not whole. */
  value?: HouseValue<K> | undefined;
  onTake: (value: HouseValue<K>) => void;
}) {
  const kept = useHouseOf(kind);
  const { nameOf } = recordOf(kind);
  const keep = (it: HouseValue<K>): void =>
    void keepInHouse(kind, it).then(
      (kept) => kept && toast(t('“{nameOf}” is in your house.', { nameOf: nameOf(it) })),
    );
  return (
    <span className="flex flex-wrap items-center gap-2.5">
      {kept.length > 0 && (
        <Menu
          words={words}
          size="small"
          items={kept.map((it) => ({ words: nameOf(it), press: () => onTake(it) }))}
        />
      )}
      {value !== undefined && (
        <Button look="quiet" size="small" onClick={() => keep(value)}>
          {t('Keep in your house')}
        </Button>
      )}
    </span>
  );
}
