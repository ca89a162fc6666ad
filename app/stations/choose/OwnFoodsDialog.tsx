import { useState } from 'react';
import { toast } from 'sonner';
import { componentsCsv, readComponentsCsv, type RowProblem } from '../../../core/exchange/index.js';
import type { Component } from '../../../core/catalogue/index.js';
import type { Plan } from '../../../core/plan/index.js';
import { useSession } from '../../store/session.js';
import { PaperDialog } from '../../ui/Paper.js';
import { PickTable } from '../../ui/PickTable.js';
import { RowProblems } from '../../ui/RowProblems.js';
import { saveFile } from '../../ui/save.js';

/** The stylist's own foods of this plan, as a list and as a table. */
export function OwnFoodsDialog({
  plan,
  onPick,
  onClose,
}: {
  plan: Plan;
  onPick: (c: Component) => void;
  onClose: () => void;
}) {
  const [problems, setProblems] = useState<readonly RowProblem[]>([]);
  const edit = useSession((s) => s.edit);
  const bring = (text: string): void => {
    const read = readComponentsCsv(text);
    setProblems(read.problems);
    if (read.components.length === 0) return;
    edit({
      name: 'together',
      label: 'bring in own foods',
      commands: read.components
        .slice(0, 200)
        .map((component) => ({ name: 'add-component' as const, component })),
    });
    toast(`${read.components.length} brought in. What their table did not say is unknown.`);
  };
  return (
    <PaperDialog
      open
      onClose={onClose}
      title="Your own foods"
      hint="They belong to this plan and go along in its file. A table takes them to another plan."
    >
      {plan.ownComponents.length === 0 && <p>None yet.</p>}
      <ul className="plain-list">
        {plan.ownComponents.map((c) => (
          <li key={c.id}>
            <button className="link" onClick={() => (onClose(), onPick(c))}>
              {c.name}
            </button>{' '}
            <span className="soft">{c.family.replace('-', ' ')}</span>
          </li>
        ))}
      </ul>
      <div className="row" style={{ marginTop: 10 }}>
        <PickTable words="Bring in a table (CSV)" label="A table of own foods" onText={bring} />
        <button
          className="button quiet small"
          disabled={plan.ownComponents.length === 0}
          onClick={() =>
            saveFile('own-foods.csv', componentsCsv(plan.ownComponents), 'text/csv;charset=utf-8')
          }
        >
          Save as a table (CSV)
        </button>
      </div>
      <RowProblems problems={problems} />
    </PaperDialog>
  );
}
