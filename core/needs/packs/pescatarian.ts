import type { NeedPack } from '../pack.js';
import { FLESH, MEAT_NEAR, PAGE, STRICT_RENNET } from './meatless.js';
import { contactSetting, notAsIngredient, rennetSetting } from './parts.js';

export const pescatarian: NeedPack = {
  id: 'pescatarian',
  name: 'Pescatarian',
  also: ['pescatarians', 'pescetarian', 'pescetarians'],
  rim: 'waves',
  summary: 'Fish and shellfish, but no meat, and the rest as for vegetarians.',
  strictness: 'strict',
  settings: [rennetSetting('never', 'does not matter'), contactSetting('none')],
  rules: [
    ...FLESH.map(([fact, word]) => notAsIngredient(fact, word)),
    {
      fact: 'gelatine-from',
      forbidden: ['pork', 'beef'],
      why: 'its gelatine is of pork or beef',
      source: 'label practice',
    },
    STRICT_RENNET,
  ],
  contact: MEAT_NEAR,
  page: { ...PAGE, good: ['smoked and tinned fish', 'prawns', ...PAGE.good] },
};
