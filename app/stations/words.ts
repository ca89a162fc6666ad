import type { Plan } from '../../core/plan/index.js';
import { t } from '../words/index.js';

export const ROLE_WORDS: Record<Plan['occasion']['role'], string> = {
  meal: t('the whole meal'),
  drinks: t('a board with drinks'),
  'one-of-many': t('one dish among many'),
  sweet: t('a sweet course'),
  children: t('a children’s snack'),
};

/** What the board is for. */
export const KIND_WORDS: Record<Plan['occasion']['kind'], string> = {
  none: t('no special occasion'),
  drinks: t('drinks'),
  meal: t('a meal'),
  breakfast: t('a breakfast'),
  sweet: t('something sweet'),
  children: t('a children’s party'),
  afternoon: t('an afternoon'),
  iftar: t('a breaking of the fast (iftar)'),
  picnic: t('a picnic'),
  film: t('a film night'),
  walk: t('a walk'),
};

export const POLICY_WORDS: Record<Plan['policy'], string> = {
  'everything-fits': t('Everything fits everyone.'),
  'looked-after': t('Everyone is looked after on shared surfaces.'),
  'own-plate': t('Some have a plate of their own.'),
};
