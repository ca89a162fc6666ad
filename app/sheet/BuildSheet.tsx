import { useMemo } from 'react';
import { foodWords } from '../../core/exchange/paper/words.js';
import { stagesOf, type Stage } from '../../core/lay/index.js';
import { planLarder, type Plan, type Surface } from '../../core/plan/index.js';
import { cardsOn } from '../../core/picture/index.js';
import { speak } from '../../core/words/index.js';
import { saveAs } from '../exports/save.js';
import type { StationView } from '../stations/station.js';
import { useSpeech } from '../store/useSpeech.js';
import { Button } from '../ui/kit/Button.js';
import { BoardAtStep, StepFoods } from '../plate/BoardAtStep.js';
import { PrintBar } from './PrintBar.js';
import { PrintPage } from './PrintPage.js';
import { surfaceName } from '../plate/surface-name.js';
import { t } from '../words/index.js';

/** The board at each stage of laying, for a helper who has never seen it: what comes now in colour, what lies there pale. */
export function BuildSheet({ plan }: StationView) {
  const speech = useSpeech();
  const laid = plan.surfaces.filter((surface) => stagesOf(plan, surface).length > 0);
  return (
    <PrintPage>
      <PrintBar back={`/plan/${plan.id}/lay`} words={t('Back to the board')} />
      <h1>{t('{name}: laid step by step', { name: plan.occasion.name })}</h1>
      <p>{speak({ say: 'paper.care' }, speech)}</p>
      {laid.length === 0 && <p>{t('Nothing is laid yet: lay the board, and its steps stand here.')}</p>}
      {laid.map((surface) => (
        <section key={surface.id}>
          <h2>{surfaceName(surface)}</h2>
          <p className="flex gap-2 print:hidden">
            <Button look="quiet" size="small" onClick={() => void saveAs('build', plan, surface.id)}>
              {t('Save the steps (PDF)')}
            </Button>
            <Button look="quiet" size="small" onClick={() => void saveAs('template', plan, surface.id)}>
              {t('Save a template in true size (PDF)')}
            </Button>
          </p>
          <Steps plan={plan} surface={surface} />
        </section>
      ))}
    </PrintPage>
  );
}

function Steps({ plan, surface }: { plan: Plan; surface: Surface }) {
  const speech = useSpeech();
  const stages = useMemo(() => stagesOf(plan, surface), [plan, surface]);
  return (
    <ol className="m-0 list-none p-0">
      {stages.map((stage, i) => (
        <li key={stage.id} className="mb-4 break-inside-avoid">
          <h3 className="mb-1 font-display text-lg font-extrabold">
            {i + 1}. {speak({ say: `paper.stage.${stage.id}` }, speech)}
          </h3>
          <div className="grid grid-cols-[1.3fr_1fr] items-start gap-4 max-md:grid-cols-1">
            <Step plan={plan} surface={surface} stages={stages.slice(0, i + 1)} />
            <StepFoods foods={stage.foods} words={(food) => foodWords(food, speech)} />
          </div>
        </li>
      ))}
      <Cards plan={plan} surface={surface} stages={stages} />
    </ol>
  );
}

/** The last step: which cards are written, and where each stands. */
function Cards({ plan, surface, stages }: { plan: Plan; surface: Surface; stages: readonly Stage[] }) {
  const speech = useSpeech();
  const foods = useMemo(() => stages.flatMap((stage) => stage.foods), [stages]);
  const cards = useMemo(
    () =>
      cardsOn(
        surface,
        foods.flatMap(({ elements }) => elements),
        planLarder(plan),
        speech,
      ),
    [plan, surface, foods, speech],
  );
  if (cards.length === 0) return null;
  return (
    <li className="mb-4 break-inside-avoid">
      <h3 className="mb-1 font-display text-lg font-extrabold">
        {stages.length + 1}. {speak({ say: 'paper.stage.cards' }, speech)}
      </h3>
      <div className="grid grid-cols-[1.3fr_1fr] items-start gap-4 max-md:grid-cols-1">
        <BoardAtStep plan={plan} surface={surface} now={[]} before={foods} cards />
        <ul className="m-0 list-none p-0">
          {cards.map(({ lines, x, y }) => (
            <li key={`${x} ${y}`} className="mb-1">
              {speak({ say: 'paper.card', with: { text: lines.join(' ') } }, speech)}
            </li>
          ))}
        </ul>
      </div>
    </li>
  );
}

function Step({ plan, surface, stages }: { plan: Plan; surface: Surface; stages: readonly Stage[] }) {
  const before = useMemo(() => stages.slice(0, -1).flatMap(({ foods }) => foods), [stages]);
  return <BoardAtStep plan={plan} surface={surface} now={stages.at(-1)!.foods} before={before} />;
}
