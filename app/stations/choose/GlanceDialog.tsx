import { Link } from 'react-router';
import { TASTE_WORDS } from '../../../core/catalogue/index.js';
import { cheesePartners, glanceOf, type Checked } from '../../../core/check/index.js';
import { capital } from '../../../core/words/index.js';
import type { Plan } from '../../../core/plan/index.js';
import { PaperDialog } from '../../ui/kit/Dialog.js';
import { buttonLook } from '../../ui/kit/Button.js';
import { Table } from '../../ui/kit/Table.js';
import { PaperHeading } from '../../ui/kit/Heading.js';

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
      <div className="grid grid-cols-[repeat(auto-fit,minmax(260px,1fr))] gap-x-6 gap-y-2">
        <section>
          <PaperHeading>Tastes</PaperHeading>
          <ul className="m-0 list-none p-0">
            {g.tastes.map((t) => (
              <li key={t.taste}>
                <b>{capital(TASTE_WORDS[t.taste])}</b> <Bar of={t.most} most={MOST} />{' '}
                {t.foods.slice(0, 3).join(', ') || 'nothing yet'}
                {t.foods.length > 3 && ` and ${t.foods.length - 3} more`}
              </li>
            ))}
          </ul>
          <PaperHeading>Textures</PaperHeading>
          <p>{g.textures.map((t) => `${t.texture} ${t.kinds}`).join(', ') || 'Nothing lies there yet.'}</p>
        </section>
        <section>
          <PaperHeading>From mild to strong, the order of tasting</PaperHeading>
          <ol className="m-0 list-none p-0">
            {g.ladder.map((step) => (
              <li key={step.strength}>
                <Bar of={step.strength} most={MOST} /> {step.foods.join(', ')}
              </li>
            ))}
          </ol>
          <PaperHeading>Colours, by the board that they cover</PaperHeading>
          <div className="flex h-6.5 border border-rule" aria-hidden="true">
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
          <PaperHeading>Each cheese, its bread and its contrast</PaperHeading>
          <Table className="mt-2.5">
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
          </Table>
        </>
      )}
      <p>
        <Link className={buttonLook({ look: 'link' })} to={`/plan/${plan.id}/bites`}>
          The ten best bites for each group, to print on cards
        </Link>
      </p>
    </PaperDialog>
  );
}

function Bar({ of, most }: { of: number; most: number }) {
  return (
    <span role="img" aria-label={`${of} of ${most}`} className="inline-flex gap-0.5">
      {Array.from({ length: most }, (_, i) => (
        <i key={i} className={`size-2.25 rounded-full border border-enamel ${i < of ? 'bg-enamel' : ''}`} />
      ))}
    </span>
  );
}
