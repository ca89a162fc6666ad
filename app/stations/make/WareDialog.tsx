import { useState } from 'react';
import { type ShopLine } from '../../../core/make/index.js';
import { nameOf, ownPriceOf, wareOf } from '../../../core/portion/index.js';
import { formatMass } from '../../../core/measure/index.js';
import { applyCommand, type Plan, type Price } from '../../../core/plan/index.js';
import { capital } from '../../../core/words/index.js';
import { useHouseOf } from '../../store/house.js';
import { useSession } from '../../store/session.js';
import { useSettings } from '../../store/settings.js';
import { Field, NumberInput } from '../../ui/Fields.js';
import { Button } from '../../ui/kit/Button.js';
import { PaperDialog } from '../../ui/kit/Dialog.js';
import { PaperHeading } from '../../ui/kit/Heading.js';
import { Input } from '../../ui/kit/Input.js';
import { OwnPrice, usePriceWords } from '../../ui/OwnPrice.js';
import { t } from '../../words/index.js';

interface Props {
  plan: Plan;
  line: ShopLine;
  onClose: () => void;
}

/** One thing of the list: where it is bought and what it costs, what of it is in the house, what it goes into. */
export function WareDialog({ plan, line, onClose }: Props) {
  const edit = useSession((session) => session.edit);
  const units = useSettings((settings) => settings.units);
  const packs = ownPriceOf(plan, line.id)?.packs ?? wareOf({ ...plan, prices: [] }, line.id)?.sold ?? [];
  const into = line.goesInto.filter(({ planId }) => planId === plan.id);
  return (
    <PaperDialog open wide onClose={onClose} title={capital(line.name)}>
      <PaperHeading>{t('What it costs where you buy')}</PaperHeading>
      {packs.length > 0 && <OwnPrice plan={plan} ware={{ id: line.id, name: line.name, packs }} run={edit} />}
      <LastTime plan={plan} id={line.id} />
      <PaperHeading>{t('In the house')}</PaperHeading>
      <InTheHouse plan={plan} id={line.id} />
      <PaperHeading>{t('It goes into')}</PaperHeading>
      <ul className="m-0 list-none p-0">
        {into.map(({ componentId, massG }) => (
          <li key={componentId}>
            {capital(nameOf(plan, componentId))}: {formatMass(massG, units)}
          </li>
        ))}
      </ul>
    </PaperDialog>
  );
}

/** What was paid the last time it was bought, as the house keeps it. */
function LastTime({ plan, id }: { plan: Plan; id: string }) {
  const words = usePriceWords(plan.currency);
  const last = useHouseOf('prices').find(
    ({ componentId, currency, on }) => componentId === id && currency === plan.currency && on !== undefined,
  );
  if (!last) return null;
  return (
    <p className="m-0 mt-1">
      {t('Last time ({date}): {price}', { date: last.on!, price: last.packs.map(words).join('; ') })}
    </p>
  );
}

/** What is there already is used first; what is open may be good until a day only. */
function InTheHouse({ plan, id }: { plan: Plan; id: string }) {
  const edit = useSession((session) => session.edit);
  const componentId = id as Price['componentId'];
  const mine = plan.pantry.filter((entry) => entry.componentId === componentId);
  // several jars become one: all of their grams, until the first of their days
  const [massG, setMassG] = useState(mine.reduce((sum, entry) => sum + entry.massG, 0));
  const [until, setUntil] = useState(mine.flatMap((entry) => entry.until ?? []).sort()[0] ?? '');
  const command = {
    name: 'set-pantry' as const,
    pantry: [
      ...plan.pantry.filter((entry) => entry.componentId !== componentId),
      ...(massG > 0 ? [{ componentId, massG, ...(until === '' ? {} : { until }) }] : []),
    ],
  };
  const refused = !applyCommand(plan, command).ok;
  const late = until !== '' && until < plan.occasion.start.slice(0, 10);
  return (
    <>
      <div className="flex flex-wrap items-end gap-2.5">
        <NumberInput label={t('There, grams')} value={massG} min={0} max={100_000} onChange={setMassG} />
        <Field label={t('good until (open packs)')} width={180}>
          <Input type="date" value={until} onChange={(event) => setUntil(event.target.value)} />
        </Field>
        <Button size="small" className="mb-2" disabled={refused} onClick={() => edit(command)}>
          {t('Keep it so')}
        </Button>
      </div>
      {late && (
        <p role="status" className="m-0 bg-question px-1.5 py-0.5">
          {t('It is not good any more on the day: it is not counted, and bought fresh.')}
        </p>
      )}
    </>
  );
}
