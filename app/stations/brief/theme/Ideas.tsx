import { THEME_IDEAS, type Theme, type ThemeIdea } from '../../../../core/plan/index.js';
import { useHouseOf } from '../../../store/house.js';
import { Collapsible } from '../../../ui/kit/Collapsible.js';
import { t, word } from '../../../words/index.js';

/** Those of the house first, then those that suit the month. */
export function Ideas({
  month,
  onTake,
  onOwn,
}: {
  month: number;
  onTake: (idea: ThemeIdea) => void;
  onOwn: (theme: Theme) => void;
}) {
  const own = useHouseOf('themes');
  const ideas = THEME_IDEAS.toSorted(
    (a, b) => Number(b.months.includes(month)) - Number(a.months.includes(month)),
  );
  return (
    <Collapsible title={t('Start from an idea')}>
      <div className="my-2 grid max-h-96 grid-cols-[repeat(auto-fill,minmax(200px,1fr))] gap-2 overflow-auto p-0.5">
        {own.map((theme) => (
          <Card key={`own ${theme.name}`} theme={theme} line={t('Your own.')} onPress={() => onOwn(theme)} />
        ))}
        {ideas.map((idea) => (
          <Card
            key={idea.id}
            theme={{ ...idea.theme, name: word(idea.theme.name) }}
            line={`${word(idea.line)}${idea.months.includes(month) ? '' : ` ${t('Not its time of the year.')}`}`}
            onPress={() => onTake(idea)}
          />
        ))}
      </div>
    </Collapsible>
  );
}

const Card = ({ theme, line, onPress }: { theme: Theme; line: string; onPress: () => void }) => (
  <button
    className="on-paper grid content-start border border-rule bg-paper px-2.5 py-2 text-left text-sm"
    onClick={onPress}
  >
    <svg className="mb-1.5 h-3 w-full" viewBox="0 0 60 1" preserveAspectRatio="none" aria-hidden="true">
      {theme.palette.map((colour, i) => (
        <rect
          key={i}
          x={(60 / theme.palette.length) * i}
          width={60 / theme.palette.length}
          height="1"
          fill={colour}
        />
      ))}
    </svg>
    <b className="font-display text-base font-extrabold">{theme.name}</b>
    <span>{line}</span>
  </button>
);
