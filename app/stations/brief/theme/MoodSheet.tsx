import { foodsOfColour } from '../../../../core/board/index.js';
import { REGIONS, type Component } from '../../../../core/catalogue/index.js';
import { growingMonth, planLarder, type Plan, type Theme } from '../../../../core/plan/index.js';
import { Portrait } from '../../../ui/Portrait.js';
import { MotifDrawing } from '../../../ui/Motif.js';
import { Button } from '../../../ui/kit/Button.js';
import { t } from '../../../words/index.js';
import { shortName } from '../../../../core/measure/index.js';

const SHOWN = 4;
const MOST_COLOURS = 6;
/** A first colour to change, out of the kitchen's own. */
const NEW_COLOUR = '#e2a33c';

/** The theme as it will be seen: its motifs and name over lengths of coloured cloth, and what the larder has of each colour. */
export function MoodSheet({
  plan,
  draft,
  south,
  onChange,
}: {
  plan: Plan;
  draft: Theme;
  south: boolean;
  onChange: (theme: Theme) => void;
}) {
  const { palette } = draft;
  const month = growingMonth({ occasion: { ...plan.occasion, hemisphere: south ? 'south' : 'north' } });
  const larder = planLarder(plan);
  const set = (i: number, colour: string): void =>
    onChange({ ...draft, palette: palette.map((old, k) => (k === i ? colour : old)) });
  return (
    <section
      aria-label={t('The theme as a sheet')}
      className="-rotate-[0.6deg] border border-rule bg-runner px-4 pt-3 pb-4 text-ink shadow-paper"
    >
      <MoodHead draft={draft} />
      {palette.length === 0 && (
        <p className="m-0 mb-2 text-sm">{t('No colour yet: the board takes what colour its food has.')}</p>
      )}
      <div className="flex">
        {palette.map((colour, i) => (
          <div key={i} className="min-w-0 flex-1">
            <Cloth n={i + 1} colour={colour} onPick={(picked) => set(i, picked)} />
            <OfColour
              foods={foodsOfColour(colour, larder, { month, region: draft.region }).slice(0, SHOWN)}
            />
            <Button
              look="link"
              size="small"
              aria-label={t('Leave out colour {i}', { i: i + 1 })}
              onClick={() => onChange({ ...draft, palette: palette.filter((_, k) => k !== i) })}
            >
              {t('Leave out')}
            </Button>
          </div>
        ))}
        {palette.length < MOST_COLOURS && (
          <button
            className="h-32 w-11 flex-none border border-dashed border-rule font-display text-xl"
            aria-label={t('Another colour')}
            onClick={() => onChange({ ...draft, palette: [...palette, NEW_COLOUR] })}
          >
            +
          </button>
        )}
      </div>
    </section>
  );
}

/** A length of cloth: pressed, another colour is picked for it. */
const Cloth = ({ n, colour, onPick }: { n: number; colour: string; onPick: (colour: string) => void }) => (
  <input
    type="color"
    className="block h-32 w-full cursor-pointer border-0 bg-transparent p-0 [&::-webkit-color-swatch]:border-0 [&::-webkit-color-swatch-wrapper]:p-0"
    aria-label={t('Colour {i}', { i: n })}
    value={colour}
    onChange={(event) => onPick(event.target.value)}
  />
);

/** Its motifs, its name and its mood. */
function MoodHead({ draft }: { draft: Theme }) {
  const region = REGIONS.find(({ id }) => id === draft.region)?.name;
  return (
    <>
      <div className="flex min-h-11 flex-wrap items-center gap-3">
        {draft.motifs
          .filter((motif) => motif !== 'none')
          .map((motif) => (
            <MotifDrawing key={motif} motif={motif} width={80} />
          ))}
      </div>
      <p className="m-0 truncate pb-1 font-display text-2xl/[1.1] font-black">
        {draft.name || t('No name yet')}
      </p>
      <p className="m-0 mb-2 text-sm">
        {draft.mood === 'calm' ? t('calm, with open ground') : t('abundant, to the rim')}
        {region && t(', food from {region}', { region })}
      </p>
    </>
  );
}

/** What could show it. Where nothing can, the colour is for cloth and flowers. */
const OfColour = ({ foods }: { foods: readonly Component[] }) => (
  <ul className="m-0 mt-1.5 grid min-h-39 list-none content-start gap-1 p-0">
    {foods.map((food) => (
      <li
        key={food.id}
        className="flex items-center gap-1 text-xs/[1.02] max-sm:flex-col max-sm:items-start max-sm:gap-0"
      >
        <Portrait food={food} width="34" height="34" />
        <span className="line-clamp-2 min-w-0 break-words">{shortName(food.name)}</span>
      </li>
    ))}
    {foods.length === 0 && (
      <li className="pr-1 text-xs">{t('No food has it: show it in cloth or flowers.')}</li>
    )}
  </ul>
);
