import { formName } from '../../core/catalogue/index.js';
import { menuOf, type MenuPart } from '../../core/exchange/index.js';
import { guestsIn } from '../../core/party/index.js';
import type { Plan } from '../../core/plan/index.js';
import { FAMILY_WORDS } from '../../core/portion/index.js';
import { speakArg } from '../../core/words/index.js';
import { saveAs } from '../exports/save.js';
import { useSpeech } from '../store/useSpeech.js';
import { Button } from '../ui/kit/Button.js';
import { t, word } from '../words/index.js';
import { PrintBar } from './PrintBar.js';
import { PrintPage } from './PrintPage.js';

/** The board written down as a stylist would: surface by surface, family by family, with grams in all and each. */
export function MenuSheet({ plan }: { plan: Plan }) {
  const parts = menuOf(plan).filter((part) => part.families.length > 0);
  return (
    <PrintPage>
      <PrintBar back={`/plan/${plan.id}/choose`} words={t('Back to the board')}>
        <Button look="quiet" onClick={() => saveAs('menu', plan)}>
          {t('Save it as text')}
        </Button>
      </PrintBar>
      <h1>{t('{name}: the menu', { name: plan.occasion.name })}</h1>
      <p>
        {t('{guests, plural, one {# guest} other {# guests}}. Beside each food what one portion has of it.', {
          guests: guestsIn(plan.party),
        })}
      </p>
      {parts.length === 0 && <p>{t('Nothing lies on the board yet: compose one in Choose.')}</p>}
      {parts.map((part) => (
        <Part key={part.surface} part={part} />
      ))}
    </PrintPage>
  );
}

function Part({ part: { surface, copies, singles, portions, families } }: { part: MenuPart }) {
  const speech = useSpeech();
  const mass = (g: number) => speakArg({ g: Math.round(g) }, speech);
  return (
    <section>
      <h2>
        {singles
          ? t('{n, number} × {surface}', { n: copies, surface })
          : copies > 1
            ? t('{surface} and {more, number} like it', { surface, more: copies - 1 })
            : surface}
        <small className="font-normal">
          {t(', for {portions, plural, one {# portion} other {# portions}}', {
            portions: Math.round(portions * 10) / 10,
          })}
        </small>
      </h2>
      <div className="gap-8 sm:columns-2 print:columns-2">
        {families.map(({ family, eachG, foods }) => (
          <table key={family} className="mb-3 w-full break-inside-avoid border-collapse">
            <caption className="text-left font-display font-extrabold first-letter:uppercase">
              {word(FAMILY_WORDS[family])} <span className="font-normal">{mass(eachG)}</span>
            </caption>
            <tbody>
              {foods.map((food) => (
                <tr key={food.component.id} className="border-b border-rule align-top">
                  <th scope="row" className="py-0.5 text-left font-normal">
                    {[food.component.name, ...food.forms.map((form) => word(formName(form)))].join(', ')}
                    {food.leftG > 0 && (
                      <small> {t('({mass} left in the packs)', { mass: mass(food.leftG) })}</small>
                    )}
                  </th>
                  <td className="w-20 py-0.5 text-right! tabular-nums">{mass(food.massG)}</td>
                  <td className="w-16 py-0.5 text-right! tabular-nums">
                    {food.pieces ? t('{n, number} pcs', { n: food.pieces }) : mass(food.eachG)}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        ))}
      </div>
    </section>
  );
}
