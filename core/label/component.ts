import { isFactKey, ownComponent, withKnowledge, type Component, type Family } from '../catalogue/index.js';
import { LONGEST_LABEL, type LabelRead } from './read.js';

/** The component that a label describes, or `onto` with what the label says. The label stays with it. */
export function componentOfLabel(
  read: LabelRead,
  about: { name: string; family: Family; text: string; who: string; when: string },
  onto: Component = ownComponent(about.name, about.family),
): Component {
  let out: Component = onto;
  for (const [key, value] of Object.entries(read.facts))
    if (isFactKey(key)) out = withKnowledge(out, key, value);
  return {
    ...out,
    made: 'compound',
    per100g: { ...out.per100g, ...read.nutrition },
    sources: {
      ...out.sources,
      allergens: 'label practice',
      origin: 'label practice',
      ...(Object.keys(read.nutrition).length > 0 ? { nutrition: 'label practice' as const } : {}),
    },
    label: { text: about.text.slice(0, LONGEST_LABEL), who: about.who, when: about.when },
  };
}
