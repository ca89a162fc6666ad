import type { Plan } from '../../../core/plan/index.js';
import { benchNeck, survives } from '../../../core/shape/index.js';
import { PlateGlyph } from '../../ui/Glyph.js';
import { ShelfTag } from '../../ui/ShelfTag.js';
import { ShelfHeading } from '../../ui/kit/Heading.js';
import { t, word } from '../../words/index.js';
import { BenchSentence } from './BenchSentence.js';
import { Cutters } from './Cutters.js';
import { InHand } from './InHand.js';
import { pickFood, type Bench } from './useOnBench.js';

/** What is cut, with what, and how the same cutter does in other foods of the boards. */
export function BenchShelf({ plan, bench }: { plan: Plan; bench: Bench | undefined }) {
  if (!bench) return <ShelfHeading first>{t('The bench is empty')}</ShelfHeading>;
  return (
    <>
      <BenchSentence plan={plan} bench={bench} />
      <InHand bench={bench} />
      <Cutters bench={bench} />
      <OtherFoods plan={plan} bench={bench} />
    </>
  );
}

const GLYPH = { holds: 'whole', breaks: 'cracked', unfit: 'covered' } as const;
const WORDS = { holds: t('holds'), breaks: t('breaks'), unfit: t('not tried') } as const;

/** The foods of the boards that take cutters: press one to put it on the bench. */
function OtherFoods({ plan, bench }: { plan: Plan; bench: Bench }) {
  const [cutter] = bench.shown.cutters;
  const neck = benchNeck(cutter!.outline);
  return (
    <>
      <ShelfHeading>{t('{cutter} in foods of the boards', { cutter: word(cutter!.name) })}</ShelfHeading>
      <div className="relative grid grid-cols-3 gap-1">
        {bench.foods.map((component) => {
          const { verdict } = survives(neck, component.id);
          return (
            <ShelfTag
              key={component.id}
              component={component}
              on={component.id === bench.component.id}
              small={WORDS[verdict]}
              press={() => pickFood(plan, component.id)}
            >
              <span className="absolute top-0 right-0.5">
                <PlateGlyph state={GLYPH[verdict]} size={22} />
              </span>
            </ShelfTag>
          );
        })}
      </div>
    </>
  );
}
