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
        <p>This group is not in the party any more.</p>
        <Link to={`/plan/${plan.id}/check`}>Back to the check</Link>
      </PrintPage>
    );
  const card = guestCard(plan, checked, group, speech);
  return (
    <PrintPage>
      <PrintBar back={`/plan/${plan.id}/check`} words="Back to the check">
        <Button
          look="quiet"
          onClick={() => saveFile(`card-${group.id}.html`, guestCardHtml(card), 'text/html;charset=utf-8')}
        >
          Save the card
        </Button>
      </PrintBar>
      <h1>{card.occasion}</h1>
      <p className="flex flex-wrap items-center gap-2.5">
        <Rim group={group} size={40} /> <b>{card.who}</b>
      </p>
      <p>{card.promise}</p>
      {card.mayEat.map((m) => (
        <CardList key={m.surface} title={`You may eat, on ${m.surface.toLowerCase()}`} items={m.foods} />
      ))}
      <CardList title="Bites for you" items={card.bites} />
      <CardList title="Ask first" items={card.ask} />
      <CardList title="Not for you" items={card.notForYou} />
      <CardList title="Overruled by a person" items={card.overruled} />
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
