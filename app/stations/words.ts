import type { Plan } from '../../core/plan/index.js';

export const ROLE_WORDS: Record<Plan['occasion']['role'], string> = {
  meal: 'the whole meal',
  drinks: 'a board with drinks',
  'one-of-many': 'one dish among many',
  sweet: 'a sweet course',
  children: 'a children’s snack',
};

export const POLICY_WORDS: Record<Plan['policy'], string> = {
  'everything-fits': 'Everything fits everyone.',
  'looked-after': 'Everyone is looked after on shared surfaces.',
  'own-plate': 'Some have a plate of their own.',
};
