import { useNavigate } from 'react-router';
import { formName } from '../../../core/catalogue/index.js';
import { planLarder, type LaidElement, type Plan, type Surface } from '../../../core/plan/index.js';
import { useShallow } from 'zustand/react/shallow';
import { isCalm } from '../../../core/portion/index.js';
import { useKitchen } from '../../store/kitchen-jobs.js';
import { useSession } from '../../store/session.js';
import { useSettings } from '../../store/settings.js';
import { exportsFor, saveAs } from '../../exports/save.js';
import { ShelfTag } from '../../ui/ShelfTag.js';
import { Button } from '../../ui/kit/Button.js';
import { Collapsible } from '../../ui/kit/Collapsible.js';
import { ShelfHeading } from '../../ui/kit/Heading.js';
import { Menu } from '../../ui/kit/Menu.js';
import { Switch } from '../../ui/kit/Switch.js';
import { t, word } from '../../words/index.js';

const GROUPS = [
  [t('Bowls and large cheeses'), (element: LaidElement) => element.layer === 4],
  [t('Runs and fans'), (element: LaidElement) => element.layer === 1],
  [t('Heaps'), (element: LaidElement) => element.layer === 2],
  [t('Motifs'), (element: LaidElement) => element.motif !== undefined],
  [t('Herbs'), (element: LaidElement) => element.layer === 6],
] as const;

/** What is laid, in the order in which it is laid, and the ways to take it away. */
export function LayShelf({
  plan,
  surface,
  elements,
  picked,
  onPick,
}: {
  plan: Plan;
  surface: Surface | undefined;
  elements: readonly LaidElement[];
  picked: string | null;
  onPick: (id: string) => void;
}) {
  const larder = planLarder(plan);
  return (
    <>
      <ShelfHeading first>{t('Laid in this order')}</ShelfHeading>
      {surface?.singles !== undefined && (
        <p className="text-soft my-0.5">
          {t('One of {n, plural, one {#} other {#}} that are alike.', { n: surface.singles })}
        </p>
      )}
      {GROUPS.map(([name, test]) => {
        const list = elements.filter(test);
        if (list.length === 0) return null;
        return (
          <Collapsible
            key={name}
            open={name === GROUPS[0][0]}
            head="py-1 font-display text-base/[1.1] font-extrabold"
            title={
              <>
                {name}
                <span className="ml-auto font-text text-xs font-medium text-soft">{list.length}</span>
              </>
            }
          >
            <div className="relative grid grid-cols-3 gap-1">
              {list.map((element) => {
                const component = larder.get(element.componentId);
                if (!component) return null;
                return (
                  <ShelfTag
                    key={element.id}
                    component={component}
                    on={picked === element.id}
                    small={lyingWords(element)}
                    press={() => onPick(element.id)}
                  />
                );
              })}
            </div>
          </Collapsible>
        );
      })}
      {elements.length > 0 && surface && <AsServed plan={plan} surface={surface} />}
      <TakeAway plan={plan} surface={surface} />
    </>
  );
}

/** Calmer or fuller: this surface is laid otherwise at once, pins kept, in one step of undo. */
function Ground({ plan, surface }: { plan: Plan; surface: Surface }) {
  const edit = useSession((session) => session.edit);
  const lay = useKitchen((kitchen) => kitchen.lay);
  const turn = (calm: boolean): void => {
    const label = calm ? t('lay it calmer') : t('lay it fuller');
    const ground = calm ? 'calm' : 'full';
    edit({ name: 'together', label, commands: [{ name: 'set-surface', surface: { ...surface, ground } }] });
    const now = useSession.getState().plan;
    if (now) void lay(now, label, plan);
  };
  return (
    <>
      <ShelfHeading>{t('How full')}</ShelfHeading>
      <Switch label={t('Calm, with open ground')} on={isCalm(plan, surface)} onChange={turn} />
    </>
  );
}

/** How full it is laid, and what the picture shows beside the food; that lies on no food while the board is laid. */
function AsServed({ plan, surface }: { plan: Plan; surface: Surface }) {
  const { labels, set } = useSettings(useShallow(({ labels, set }) => ({ labels, set })));
  return (
    <>
      <Ground plan={plan} surface={surface} />
      <ShelfHeading>{t('As it is served')}</ShelfHeading>
      <Switch label={t('Cards and picks')} on={labels} onChange={(labels) => set({ labels })} />
    </>
  );
}

function TakeAway({ plan, surface }: { plan: Plan; surface: Surface | undefined }) {
  return (
    <>
      <ShelfHeading>{t('Take it away')}</ShelfHeading>
      <div className="flex flex-wrap items-center gap-1.5">
        <Button look="quiet" size="small" onClick={() => saveAs('plan', plan)}>
          {t('Plan')}
        </Button>
        <Button look="quiet" size="small" onClick={() => saveAs('shopping', plan)}>
          {t('Shopping list')}
        </Button>
        {surface && <Pictures plan={plan} surface={surface} />}
        <Papers plan={plan} surface={surface} />
      </div>
    </>
  );
}

const lyingWords = (element: LaidElement): string =>
  element.pinned
    ? t('pinned')
    : element.pieces.length > 1
      ? t('{piecesCount} pieces', { piecesCount: element.pieces.length })
      : word(formName(element.form));

/** One surface as it is shown, or every one of the table in one file. */
function Pictures({ plan, surface }: { plan: Plan; surface: Surface }) {
  const items = exportsFor(plan, surface)
    .filter((record) => record.kind === 'picture')
    .map((record) => ({ words: record.words, press: () => saveAs(record.id, plan, surface.id) }));
  return <Menu words={t('Pictures')} size="small" items={items} />;
}

/** What is printed of the laid board: pages, and PDFs of one surface. */
function Papers({ plan, surface }: { plan: Plan; surface: Surface | undefined }) {
  const go = useNavigate();
  const files = surface
    ? exportsFor(plan, surface).filter(({ of, kind }) => of === 'surface' && kind === 'paper')
    : [];
  const items = [
    { words: t('Sheet to print'), press: () => void go(`/plan/${plan.id}/sheet`) },
    { words: t('Step by step'), press: () => void go(`/plan/${plan.id}/build`) },
    ...files.map(({ id, words }) => ({ words, press: () => void saveAs(id, plan, surface!.id) })),
  ];
  return <Menu words={t('On paper')} size="small" items={items} />;
}
