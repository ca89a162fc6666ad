import { Link } from 'react-router';
import { TASTE_WORDS } from '../../../core/catalogue/index.js';
import { capital, cheesePartners, glanceOf, type Checked } from '../../../core/check/index.js';
import type { Plan } from '../../../core/plan/index.js';
import { PaperDialog } from '../../ui/Paper.js';

const MOST = 5;
/** Less than this of a board nobody sees. */
const SEEN = 0.005;

/** Taste, texture, strength and colour of the board, and what goes with each cheese. */
export function GlanceDialog({
  plan,
  checked,
  onClose,
}: {
  plan: Plan;
  checked: Checked;
  onClose: () => void;
}) {
  const g = glanceOf(checked.context);
  const missing = g.tastes.filter((t) => t.foods.length === 0).map((t) => TASTE_WORDS[t.taste]);
  const partners = cheesePartners(checked.context);
  return (
    <PaperDialog
      open
      wide
      onClose={onClose}
      title="The board at a glance"
      hint={missing.length > 0 ? `Nothing ${missing.join(', nothing ')}.` : 'Every taste is there.'}
    >
      <div className="glance">
        <section>
          <h3>Tastes</h3>
          <ul className="plain-list">
            {g.tastes.map((t) => (
              <li key={t.taste}>
                <b>{capital(TASTE_WORDS[t.taste])}</b> <Bar of={t.most} most={MOST} />{' '}
                {t.foods.slice(0, 3).join(', ') || 'nothing yet'}
                {t.foods.length > 3 && ` and ${t.foods.length - 3} more`}
              </li>
            ))}
          </ul>
          <h3>Textures</h3>
          <p>{g.textures.map((t) => `${t.texture} ${t.kinds}`).join(', ') || 'Nothing lies there yet.'}</p>
        </section>
        <section>
          <h3>From mild to strong, the order of tasting</h3>
          <ol className="plain-list">
            {g.ladder.map((step) => (
              <li key={step.strength}>
                <Bar of={step.strength} most={MOST} /> {step.foods.join(', ')}
              </li>
            ))}
          </ol>
          <h3>Colours, by the board that they cover</h3>
          <div className="colour-band" aria-hidden="true">
            {g.colours.map((c) => (
              <span key={c.colour} style={{ background: c.hex, flexGrow: c.share }} />
            ))}
          </div>
          <p>
            {g.colours
              .filter((c) => c.share >= SEEN)
              .map((c) => `${c.colour} ${Math.round(c.share * 100)} %`)
              .join(', ')}
          </p>
        </section>
      </div>
      {partners.length > 0 && (
        <>
          <h3>Each cheese, its bread and its contrast</h3>
          <table className="schools">
            <tbody>
              {partners.map((p) => (
                <tr key={p.cheese.id}>
                  <th scope="row">{p.cheese.name}</th>
                  <td>{p.vehicle?.name ?? '–'}</td>
                  <td>{p.contrast?.name ?? '–'}</td>
                  <td>{p.why}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      )}
      <p>
        <Link className="link" to={`/plan/${plan.id}/bites`}>
          The ten best bites for each group, to print on cards
        </Link>
      </p>
    </PaperDialog>
  );
}

function Bar({ of, most }: { of: number; most: number }) {
  return (
    <span role="img" aria-label={`${of} of ${most}`} className="bar">
      {Array.from({ length: most }, (_, i) => (
        <i key={i} className={i < of ? 'full' : ''} />
      ))}
    </span>
  );
}
