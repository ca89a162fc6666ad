import { AtLeast } from './AtLeast.js';
import { useShallow } from 'zustand/react/shallow';
import { useState } from 'react';
import type { Checked } from '../../../core/check/index.js';
import { formatArea, formatMass } from '../../../core/measure/index.js';
import { guestsIn, portionsOf, type Group } from '../../../core/party/index.js';
import { numberOf, type Plan, type Surface } from '../../../core/plan/index.js';
import {
  areaAskedCm2,
  coverOf,
  laidGroundCm2,
  schoolsOf,
  surfaceAreaCm2,
  targetsOf,
  type Targets,
} from '../../../core/portion/index.js';
import { Frame } from '../../frame/Frame.js';
import { brief } from './station.js';
import { China } from '../../plate/China.js';
import { Seats } from '../../plate/Seats.js';
import { useSession } from '../../store/session.js';
import { useSettings } from '../../store/settings.js';
import { Rim } from '../../ui/rims.js';
import { GroupDialog } from './GroupDialog.js';
import { PartyLines } from './PartyLines.js';
import { PartyWaysDialog } from './PartyWaysDialog.js';
import { SchoolsDialog } from './SchoolsDialog.js';
import { Sentence } from './Sentence.js';
import { SurfaceDialog } from './SurfaceDialog.js';
import { TableSurfaces } from './TableSurfaces.js';
import { Weights } from './Weights.js';
import { Button } from '../../ui/kit/Button.js';
import { ShelfHeading } from '../../ui/kit/Heading.js';
import { t, word } from '../../words/index.js';

const trimmed = (n: number): number => Math.round(n * 100) / 100;

export function Brief({ plan, checked }: { plan: Plan; checked: Checked }) {
  const [surface, setSurface] = useState<Surface | null>(null);
  const { seenBy, see } = useSession(useShallow((state) => ({ seenBy: state.seenBy, see: state.see })));
  const targets = targetsOf(plan);
  return (
    <Frame
      plan={plan}
      station={brief}
      checked={checked}
      shelf={<BriefShelf plan={plan} targets={targets} />}
      foot={<BriefFoot plan={plan} targets={targets} />}
    >
      <China label={t('The table from above, one seat a guest')}>
        <Seats
          party={plan.party}
          r={258}
          picked={seenBy}
          onPick={(id) => see(seenBy === id ? null : id)}
          label={(group) =>
            t('{name}, {count, plural, one {# guest} other {# guests}}', {
              name: group.name,
              count: group.count,
            })
          }
        />
        <TableSurfaces plan={plan} onPick={setSurface} />
        <TableSum plan={plan} targets={targets} />
      </China>
      {surface && <SurfaceDialog plan={plan} surface={surface} onClose={() => setSurface(null)} />}
    </Frame>
  );
}

function TableSum({ plan, targets }: { plan: Plan; targets: Targets }) {
  const units = useSettings((settings) => settings.units);
  const nobody = plan.party.length === 0;
  return (
    <g transform="translate(0 176)" textAnchor="middle">
      <text className="font-display" fontSize="42" fontWeight="900" fill="var(--ink)">
        {nobody ? t('Nobody yet') : formatMass(targets.totalG, units)}
      </text>
      <text y="22" fontSize="14" fill="var(--soft)">
        {nobody
          ? t('Say who is coming on the shelf')
          : t(
              '{trimmed, plural, one {# portion} other {# portions}} of {perPortionG}, {guestsIn, plural, one {# guest} other {# guests}}',
              {
                trimmed: trimmed(targets.portions),
                perPortionG: formatMass(targets.perPortionG, units),
                guestsIn: guestsIn(plan.party),
              },
            )}
      </text>
    </g>
  );
}

function BriefShelf({ plan, targets }: { plan: Plan; targets: Targets }) {
  const [lines, setLines] = useState(false);
  const [group, setGroup] = useState<Group | null>(null);
  const [ways, setWays] = useState(false);
  const [schools, setSchools] = useState(false);
  const offers = schoolsOf(plan);
  const units = useSettings((settings) => settings.units);
  return (
    <>
      <Sentence plan={plan} />
      <AtLeast plan={plan} />
      <ShelfHeading>{t('The party')}</ShelfHeading>
      {lines && <PartyLines plan={plan} onClose={() => setLines(false)} />}
      {plan.party.map((group) => (
        <button
          key={group.id}
          className="on-cloth flex w-full items-center gap-2 border-0 bg-transparent py-0.5 text-left text-sm/[1.1] font-bold [&>svg]:flex-none"
          onClick={() => setGroup(group)}
          aria-label={t('{name}, {count} × {trimmed, plural, one {# portion} other {# portions}}. Change', {
            name: group.name,
            count: group.count,
            trimmed: trimmed(portionsOf(group) / group.count),
          })}
        >
          <Rim group={group} />
          {group.name} <b className="ml-auto font-display text-base/none font-extrabold">{group.count}</b>{' '}
          <i className="w-10.5 text-right font-medium text-soft not-italic">
            × {trimmed(portionsOf(group) / group.count)}
          </i>
        </button>
      ))}
      {!lines && (
        <div className="flex flex-wrap items-center mt-2 gap-1.5">
          <Button look="quiet" size="small" onClick={() => setLines(true)}>
            {plan.party.length === 0 ? t('Say who is coming') : t('Type the party')}
          </Button>
          <Button look="quiet" size="small" onClick={() => setWays(true)}>
            {t('More ways')}
          </Button>
        </div>
      )}
      <ShelfHeading>{t('How much')}</ShelfHeading>
      <Weights plan={plan} offers={offers} />
      <p className="text-soft my-1 mx-0">
        {t('{name}: {perPortionG} for each of {trimmed, plural, one {# portion} other {# portions}}.', {
          name: word(offers.find((offer) => offer.chosen)?.name ?? ''),
          perPortionG: formatMass(targets.perPortionG, units),
          trimmed: trimmed(targets.portions),
        })}
      </p>
      <Button look="quiet" size="small" onClick={() => setSchools(true)}>
        {t('Side by side')}
      </Button>
      {schools && <SchoolsDialog plan={plan} onClose={() => setSchools(false)} />}
      {ways && <PartyWaysDialog plan={plan} onClose={() => setWays(false)} />}
      {group && <GroupDialog group={group} onClose={() => setGroup(null)} />}
    </>
  );
}

function BriefFoot({ plan, targets }: { plan: Plan; targets: Targets }) {
  const units = useSettings((settings) => settings.units);
  const laid = plan.surfaces.reduce((sum, surface) => sum + laidGroundCm2(plan, surface), 0);
  const asked = laid > 0 ? laid / coverOf(plan) : areaAskedCm2(plan);
  const have = plan.surfaces.reduce((sum, surface) => sum + surfaceAreaCm2(surface) * numberOf(surface), 0);
  return (
    <>
      <span>
        <b>{formatMass(targets.totalG, units)}</b> {t('in all')}
      </span>
      <span>
        <b>{trimmed(targets.portions)}</b> {t('portions')}
      </span>
      <span>
        <b>{formatArea(asked, units)}</b> {t('asked')}
      </span>
      <span>
        <b>{formatArea(have, units)}</b> {t('there')}
      </span>
    </>
  );
}
