import { useShallow } from 'zustand/react/shallow';
import { useState } from 'react';
import { componentsCsv, readComponentsCsv, type RowProblem } from '../../../core/exchange/index.js';
import { homeMadeId, type Component } from '../../../core/catalogue/index.js';
import { planLarder, type Plan } from '../../../core/plan/index.js';
import { FromHouse } from '../../house/FromHouse.js';
import { keepInHouse } from '../../store/house.js';
import { useSession } from '../../store/session.js';
import { PaperDialog } from '../../ui/kit/Dialog.js';
import { CSV_FILE, FileButton } from '../../ui/kit/FileButton.js';
import { RowProblems } from '../../ui/RowProblems.js';
import { saveFile } from '../../ui/save.js';
import { Button } from '../../ui/kit/Button.js';
import { t, word } from '../../words/index.js';
import { toast } from '../../ui/toast.js';

/** As many as a plan may hold (core/plan), and as one command may bring. */
const MOST_OWN_FOODS = 300;
const AT_ONCE = 200;
const BROUGHT_IN = t('bring in own foods');

/** Brings the good rows of a table into the plan, and tells of the others. */
function useTable(plan: Plan) {
  const [problems, setProblems] = useState<readonly RowProblem[]>([]);
  const { edit, amend } = useSession(useShallow((state) => ({ edit: state.edit, amend: state.amend })));
  const bring = (text: string): void => {
    const read = readComponentsCsv(text);
    setProblems(read.problems);
    if (read.components.length === 0) return;
    const taken = read.components.slice(0, Math.max(0, MOST_OWN_FOODS - plan.ownComponents.length));
    for (let i = 0; i < taken.length; i += AT_ONCE) {
      const command = {
        name: 'together' as const,
        label: BROUGHT_IN,
        commands: taken
          .slice(i, i + AT_ONCE)
          .map((component) => ({ name: 'add-component' as const, component })),
      };
      // one step of undo, however many they are
      if (i === 0) edit(command);
      else amend(command, BROUGHT_IN);
    }
    const left = read.components.length - taken.length;
    if (left > 0)
      setProblems([
        ...read.problems,
        {
          row: 0,
          column: '',
          reason: { say: 'no.more-foods', with: { most: MOST_OWN_FOODS, left } },
        },
      ]);
    toast(
      t('{takenCount} brought in. What their table did not say is unknown.', { takenCount: taken.length }),
    );
  };
  return { problems, bring };
}

/** The stylist's own foods of this plan, as a list and as a table. */
export function OwnFoodsDialog({
  plan,
  onPick,
  onClose,
}: {
  plan: Plan;
  onPick: (component: Component) => void;
  onClose: () => void;
}) {
  const { problems, bring } = useTable(plan);
  const edit = useSession((session) => session.edit);
  return (
    <PaperDialog
      open
      onClose={onClose}
      title={t('Your own foods')}
      hint={t(
        'They belong to this plan and go along in its file. What you keep in your house is there for every plan.',
      )}
    >
      {plan.ownComponents.length + plan.recipes.length === 0 && <p>{t('None yet.')}</p>}
      <Kept plan={plan} onPick={(component) => (onClose(), onPick(component))} />
      <div className="flex flex-wrap items-center gap-2.5 mt-2.5">
        <FromHouse
          kind="foods"
          words={t('Take from your house')}
          onTake={(component) => edit({ name: 'add-component', component })}
        />
        <FileButton
          words={t('Bring in a table (CSV)')}
          label={t('A table of own foods')}
          accept={CSV_FILE}
          size="small"
          onFile={(file) => void file.text().then(bring)}
        />
        <Button
          look="quiet"
          size="small"
          disabled={plan.ownComponents.length === 0}
          onClick={() =>
            saveFile('own-foods.csv', componentsCsv(plan.ownComponents), 'text/csv;charset=utf-8')
          }
        >
          {t('Save as a table (CSV)')}
        </Button>
      </div>
      <RowProblems problems={problems} />
    </PaperDialog>
  );
}

function Kept({ plan, onPick }: { plan: Plan; onPick: (component: Component) => void }) {
  return (
    <ul className="m-0 list-none p-0">
      {plan.recipes.map((recipe) => {
        const made = planLarder(plan).get(homeMadeId(recipe));
        return (
          <li key={recipe.id}>
            {made ? (
              <Button look="link" onClick={() => onPick(made)}>
                {recipe.name}
              </Button>
            ) : (
              recipe.name
            )}{' '}
            <span className="text-soft">
              {made ? t('your recipe') : t('your recipe; a part of it is not in this larder')}
            </span>
          </li>
        );
      })}
      {plan.ownComponents.map((component) => (
        <li key={component.id}>
          <Button look="link" onClick={() => onPick(component)}>
            {component.name}
          </Button>{' '}
          <span className="text-soft">{word(component.family.replace('-', ' '))}</span>{' '}
          <Button
            look="link"
            aria-label={t('Keep {name} in your house', { name: component.name })}
            onClick={() =>
              void keepInHouse('foods', component).then(
                (kept) => kept && toast(t('“{name}” is in your house.', { name: component.name })),
              )
            }
          >
            {t('Keep in your house')}
          </Button>
        </li>
      ))}
    </ul>
  );
}
