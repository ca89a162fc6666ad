import { Link } from 'react-router';
import { toast } from 'sonner';
import { formName } from '../../../core/catalogue/index.js';
import { planLarder, type LaidElement, type Plan, type Surface } from '../../../core/plan/index.js';
import { exportPlan, exportPng, exportShopping, exportSvg } from '../../frame/exports.js';
import { portraitUrl } from '../../ui/pictures.js';

const GROUPS = [
  ['Bowls and large cheeses', (e: LaidElement) => e.layer === 4],
  ['Runs and fans', (e: LaidElement) => e.layer === 1],
  ['Heaps', (e: LaidElement) => e.layer === 2],
  ['Herbs', (e: LaidElement) => e.layer === 6],
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
      <h2 style={{ marginTop: 0 }}>Laid in this order</h2>
      {GROUPS.map(([name, test]) => {
        const list = elements.filter(test);
        if (list.length === 0) return null;
        return (
          <details key={name} open={name === GROUPS[0][0]}>
            <summary className="plank-head" style={{ cursor: 'pointer', padding: '4px 0' }}>
              {name}
              <span>{list.length}</span>
            </summary>
            <div className="plank-items">
              {list.map((e) => {
                const c = larder.get(e.componentId);
                if (!c) return null;
                return (
                  <button
                    key={e.id}
                    className="plank-item"
                    aria-pressed={picked === e.id}
                    onClick={() => onPick(e.id)}
                  >
                    <img src={portraitUrl(c)} alt="" />
                    <span className="price-tag">
                      {c.name.split(',')[0]}
                      <small>
                        {e.pinned
                          ? 'pinned'
                          : e.pieces.length > 1
                            ? `${e.pieces.length} pieces`
                            : formName(e.form)}
                      </small>
                    </span>
                  </button>
                );
              })}
            </div>
          </details>
        );
      })}
      <h2>Take it away</h2>
      <div className="row" style={{ gap: 6 }}>
        <button className="button quiet small" onClick={() => exportPlan(plan)}>
          Plan
        </button>
        <button className="button quiet small" onClick={() => exportShopping(plan)}>
          Shopping list
        </button>
        {surface && (
          <>
            <button className="button quiet small" onClick={() => exportSvg(plan, surface)}>
              SVG
            </button>
            <button
              className="button quiet small"
              onClick={() => void exportPng(plan, surface).catch((e: unknown) => toast.error(String(e)))}
            >
              PNG
            </button>
          </>
        )}
        <Link className="button quiet small" to={`/plan/${plan.id}/sheet`}>
          Sheet to print
        </Link>
      </div>
    </>
  );
}
