import { Link } from 'react-router';
import { formName } from '../../../core/catalogue/index.js';
import { planLarder, type LaidElement, type Plan, type Surface } from '../../../core/plan/index.js';
import { exportsFor, saveAs } from '../../exports/save.js';
import { portraitUrl } from '../../ui/pictures.js';
import { Button, buttonLook } from '../../ui/kit/Button.js';
import { Collapsible } from '../../ui/kit/Collapsible.js';
import { ShelfHeading } from '../../ui/kit/Heading.js';
import { Menu } from '../../ui/kit/Menu.js';
import { t, word } from '../../words/index.js';

const GROUPS = [
  [t('Bowls and large cheeses'), (element: LaidElement) => element.layer === 4],
  [t('Runs and fans'), (element: LaidElement) => element.layer === 1],
  [t('Heaps'), (element: LaidElement) => element.layer === 2],
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
      {GROUPS.map(([name, test]) => {
        const list = elements.filter(test);
        if (list.length === 0) return null;
        return (
          <Collapsible
            key={name}
            open={name === GROUPS[0][0]}
            head={t('py-1 font-display text-base/[1.1] font-extrabold')}
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
                  <button
                    key={element.id}
                    className="group/item relative flex min-w-0 flex-col items-stretch border-0 bg-transparent p-0 before:wood before:relative before:order-1 before:-mx-0.75 before:h-1.75 before:shadow-tag [&_img]:mx-auto [&_img]:mt-1 [&_img]:-mb-1 [&_img]:block [&_img]:h-13"
                    aria-pressed={picked === element.id}
                    onClick={() => onPick(element.id)}
                  >
                    <img src={portraitUrl(component)} alt="" />
                    <span className="on-paper order-2 mt-0.5 min-h-11 bg-paper px-0.5 pt-1 pb-0.5 text-center text-xs/[1.06] font-bold wrap-anywhere shadow-tag transition-colors group-hover/item:bg-ink group-hover/item:text-white group-aria-pressed/item:bg-ink group-aria-pressed/item:text-white [&_small]:block [&_small]:text-xs/[1.1] [&_small]:font-medium [&_small]:opacity-85">
                      {component.name.split(',')[0]}
                      <small>
                        {element.pinned
                          ? t('pinned')
                          : element.pieces.length > 1
                            ? t('{piecesCount} pieces', { piecesCount: element.pieces.length })
                            : word(formName(element.form))}
                      </small>
                    </span>
                  </button>
                );
              })}
            </div>
          </Collapsible>
        );
      })}
      <ShelfHeading>{t('Take it away')}</ShelfHeading>
      <div className="flex flex-wrap items-center gap-1.5">
        <Button look="quiet" size="small" onClick={() => saveAs('plan', plan)}>
          {t('Plan')}
        </Button>
        <Button look="quiet" size="small" onClick={() => saveAs('shopping', plan)}>
          {t('Shopping list')}
        </Button>
        {surface && <Pictures plan={plan} surface={surface} />}
        <Link className={buttonLook({ look: 'quiet', size: 'small' })} to={`/plan/${plan.id}/sheet`}>
          {t('Sheet to print')}
        </Link>
      </div>
    </>
  );
}

/** One surface as it is shown, or every one of the table in one file. */
function Pictures({ plan, surface }: { plan: Plan; surface: Surface }) {
  const items = exportsFor(plan, surface)
    .filter((record) => record.kind === 'picture')
    .map((record) => ({ words: record.words, press: () => saveAs(record.id, plan, surface.id) }));
  return <Menu words={t('Pictures')} size="small" items={items} />;
}
