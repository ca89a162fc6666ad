import { bitesFor, type Bite, type Checked } from '../../core/check/index.js';
import type { Plan } from '../../core/plan/index.js';
import { portraitUrl } from '../ui/pictures.js';
import { Rim } from '../ui/rims.js';
import { PrintBar } from './PrintBar.js';
import { PrintPage } from './PrintPage.js';
import { t, word } from '../words/index.js';
import { shortName } from '../../core/measure/index.js';

/** The ten best bites of this board for each group, each drawn small, to print on cards. */
export function BitesSheet({ plan, checked }: { plan: Plan; checked: Checked }) {
  return (
    <PrintPage>
      <PrintBar back={`/plan/${plan.id}/choose`} words={t('Back to the board')} />
      <h1>{t('{name}: bites', { name: plan.occasion.name })}</h1>
      {plan.party.map((group) => {
        const bites = bitesFor(checked.context, group);
        return (
          <section key={group.id}>
            <h2 className="flex flex-wrap items-center gap-2">
              <Rim group={group} size={28} /> {group.name}, {group.count}
            </h2>
            {bites.length === 0 ? (
              <p>{t('No whole bite yet: bread, something with body and a contrast must all be theirs.')}</p>
            ) : (
              <ul className="grid list-none grid-cols-[repeat(auto-fill,minmax(200px,1fr))] gap-2 p-0">
                {bites.map((bite) => (
                  <BiteCard key={bite.foods.map((component) => component.id).join(' ')} bite={bite} />
                ))}
              </ul>
            )}
          </section>
        );
      })}
      <p>
        <i>
          {t(
            'This sheet helps to plan. Read the label, ask the kitchen, and follow medical or religious advice.',
          )}
        </i>
      </p>
    </PrintPage>
  );
}

function BiteCard({ bite }: { bite: Bite }) {
  return (
    <li className="grid break-inside-avoid border border-rule px-2.5 py-1.5 [&>div]:flex [&>div]:gap-1">
      <div aria-hidden="true">
        {bite.foods.map((component) => (
          <img key={component.id} src={portraitUrl(component)} alt="" width="44" height="44" />
        ))}
      </div>
      <b>{bite.foods.map((component) => shortName(component.name)).join(' + ')}</b>
      <span>
        {t('{why}; on {surface}', {
          why: bite.why[0] ? word(bite.why[0]) : t('simple and good'),
          surface: bite.surface.toLowerCase(),
        })}
      </span>
    </li>
  );
}
