import { allergy } from './parts.js';

export const soyFree = allergy({
  id: 'soy-free',
  name: 'Soy allergy',
  also: ['soy free', 'soy', 'soya', 'soya-free'],
  leftOut: ['soybeans', 'tofu'],
  fact: 'allergen.soy',
  word: 'soy',
  traps: ['tofu, tempeh, edamame', 'soy sauce', 'lecithin in chocolate', 'plant meats', 'dried beef'],
  good: ['cheese', 'beans and chickpeas', 'nuts'],
});
