import { formName } from '../../catalogue/index.js';
import type { StageFood } from '../../lay/index.js';
import { speak, type Arg, type Speech } from '../../words/index.js';

/** How a food is laid, in words: "24 pieces in 3 places: 12, 7, 5; 80 g". */
export function foodWords(food: StageFood, speech: Speech): { name: string; how: string } {
  const n = food.piles.reduce((sum, pieces) => sum + pieces, 0);
  const how: Arg =
    food.bowls > 0
      ? { say: 'paper.in-bowls', with: { n: food.bowls } }
      : food.piles.length > 1
        ? {
            say: 'paper.in-piles',
            with: { n, piles: food.piles.length, each: food.piles.join(', ') },
          }
        : { say: 'paper.piles', with: { n } };
  return {
    name: speak(
      {
        say: 'paper.food',
        with: { number: food.number, food: food.component.name, form: { word: formName(food.form) } },
      },
      speech,
    ),
    how: speak({ say: 'paper.mass', with: { how, mass: { g: Math.round(food.massG) } } }, speech),
  };
}
