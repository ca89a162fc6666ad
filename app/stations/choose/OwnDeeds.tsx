import { useState } from 'react';
import { ownId, type Component } from '../../../core/catalogue/index.js';
import { planLarder, type Plan } from '../../../core/plan/index.js';
import { useSession } from '../../store/session.js';
import { FactsDialog } from './FactsDialog.js';
import { ownRecipeOf, RecipeDialog } from './RecipeDialog.js';
import { ReadLabelDialog } from './ReadLabelLazily.js';
import { Button } from '../../ui/kit/Button.js';
import { t } from '../../words/index.js';

/** Read its label, copy it, and, where it is the stylist's own, change or delete it. */
export function OwnDeeds({
  plan,
  component,
  onClose,
}: {
  plan: Plan;
  component: Component;
  onClose: () => void;
}) {
  const [open, setOpen] = useState<'label' | 'facts' | 'recipe' | null>(null);
  const edit = useSession((session) => session.edit);
  const recipe = ownRecipeOf(plan, component);
  const copy = (): void => {
    const name = `${component.name.slice(0, 72)}, own`;
    const larder = planLarder(plan);
    let id = ownId(name);
    for (let n = 2; larder.has(id as Component['id']); n++) id = `${ownId(name)}-${n}`;
    edit({ name: 'add-component', component: { ...component, id: id as Component['id'], name } });
    onClose();
  };
  return (
    <>
      <div className="flex flex-wrap items-center gap-2.5 mt-2">
        {!recipe && (
          <Button look="quiet" size="small" onClick={() => setOpen('label')}>
            {t('Read its label')}
          </Button>
        )}
        <Button look="quiet" size="small" onClick={copy}>
          {t('Copy as your own')}
        </Button>
        <IfOwn plan={plan} component={component} onOpen={setOpen} onClose={onClose} />
      </div>
      {component.label && (
        <p className="text-soft mt-1.5 mb-0 mx-0">
          {t('Label read by {who}, {when}.', {
            who: component.label.who,
            when: component.label.when.slice(0, 10),
          })}
        </p>
      )}
      {open === 'label' && (
        <ReadLabelDialog plan={plan} onto={component} onClose={() => (setOpen(null), onClose())} />
      )}
      {open === 'recipe' && (
        <RecipeDialog plan={plan} recipe={recipe} onClose={() => (setOpen(null), onClose())} />
      )}
      {open === 'facts' && <FactsDialog component={component} onClose={() => (setOpen(null), onClose())} />}
    </>
  );
}

/** What is the stylist's own can be changed and deleted. */
function IfOwn({
  plan,
  component,
  onOpen,
  onClose,
}: {
  plan: Plan;
  component: Component;
  onOpen: (paper: 'facts' | 'recipe') => void;
  onClose: () => void;
}) {
  const edit = useSession((session) => session.edit);
  const recipe = ownRecipeOf(plan, component);
  const own = plan.ownComponents.some((other) => other.id === component.id);
  if (!recipe && !own) return null;
  return (
    <>
      <Button look="quiet" size="small" onClick={() => onOpen(recipe ? 'recipe' : 'facts')}>
        {recipe ? t('Change the recipe') : t('Change its facts')}
      </Button>
      <Button
        look="quiet"
        size="small"
        onClick={() => {
          edit(
            recipe
              ? { name: 'remove-recipe', id: recipe.id }
              : { name: 'remove-component', componentId: component.id },
          );
          onClose();
        }}
      >
        {t('Delete it')}
      </Button>
    </>
  );
}
