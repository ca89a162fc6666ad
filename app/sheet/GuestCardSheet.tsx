import { Link, useParams } from 'react-router';
import type { Checked } from '../../core/check/index.js';
import { guestCard, guestCardHtml } from '../../core/exchange/index.js';
import type { Plan } from '../../core/plan/index.js';
import { useSpeech } from '../store/useSpeech.js';
import { saveFile } from '../ui/save.js';
import { Rim } from '../ui/rims.js';
import { PrintBar } from './PrintBar.js';
import { Button } from '../ui/kit/Button.js';
import { PrintPage } from './PrintPage.js';
import { t } from '../words/index.js';

/** The card of the group that the address names. */
export function GuestCardPage({ plan, checked }: { plan: Plan; checked: Checked }) {
  const { of = '' } = useParams();
  return <GuestCardSheet plan={plan} checked={checked} groupId={of} />;
}

/** A card to hand to a group: what they may eat, their bites, and what they can count on, with its condition. */
function GuestCardSheet({ plan, checked, groupId }: { plan: Plan; checked: Checked; groupId: string }) {
  const speech = useSpeech();
  const group = plan.party.find((group) => group.id === groupId);
  if (!group)
    return (
      <PrintPage>
        <p>{t('This group is not in the party any more.')}</p>
        <Link to={`/plan/${plan.id}/check`}>{t('Back to the check')}</Link>
      </PrintPage>
    );
  const card = guestCard(plan, checked, group, speech);
  return (
    <PrintPage>
      <PrintBar back={`/plan/${plan.id}/check`} words={t('Back to the check')}>
        <Button
          look="quiet"
          onClick={() => saveFile(`card-${group.id}.html`, guestCardHtml(card), 'text/html;charset=utf-8')}
        >
          {t('Save the card')}
        </Button>
      </PrintBar>
      <h1>{card.occasion}</h1>
      <p className="flex flex-wrap items-center gap-2.5">
        <Rim group={group} size={40} /> <b>{card.who}</b>
      </p>
      <p>{card.promise}</p>
      {card.mayEat.map((m) => (
        <CardList
          key={m.surface}
          title={t('You may eat, on {surface}', { surface: m.surface.toLowerCase() })}
          items={m.foods}
        />
      ))}
      <CardList title={t('Bites for you')} items={card.bites} />
      <CardList title={t('A little of it')} items={card.little} />
      <CardList title={t('Ask first')} items={card.ask} />
      <CardList title={t('Not for you')} items={card.notForYou} />
      <CardList title={t('Overruled by a person')} items={card.overruled} />
      <p>
        <i>{card.caution}</i>
      </p>
    </PrintPage>
  );
}

function CardList({ title, items }: { title: string; items: readonly string[] }) {
  if (items.length === 0) return null;
  return (
    <section>
      <h2>{title}</h2>
      <ul>
        {items.map((item) => (
          <li key={item}>{item}</li>
        ))}
      </ul>
    </section>
  );
}
