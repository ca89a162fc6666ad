import { checkPlan, inWords, isOfTheLayout } from '../../core/check/index.js';
import { boardSheet, SHEET_KINDS, type SheetKind } from '../../core/exchange/paper/board.js';
import { laySurface, lies, unlaidOn, type LaidSurface } from '../../core/lay/index.js';
import { boardSvg, drawnSize } from '../../core/picture/index.js';
import { planLarder, type Plan, type Surface } from '../../core/plan/index.js';
import { PAPERS, type PaperId } from '../../core/shape/index.js';
import { ENGLISH } from '../../core/words/index.js';
import { BadInput, numberOf, planOf, seedOf, writeNamed, type Call } from '../call.js';

export const LAY_HELP = `lay <plan> [--seed n] [--steps k] [--surface id] [--svg file] [--png file]
  --seed     a whole number from 0; the plan's own without it
  --steps    rounds in which foods trade places, 0 to 40; 5 without it, 0 is a first draft
  --surface  lay only this one; the pictures are of it, or else of the surface with the most parts
  --png      needs Chromium (apt-get install chromium)
Coordinates are millimetres from the surface's middle, y down; angles in degrees, clockwise.`;

export const SHEET_HELP = `sheet <plan> --kind ${SHEET_KINDS.join('|')} --pdf file [--surface id] [--paper ${Object.keys(PAPERS).join('|')}]
  build     the board at each stage of laying, with counts and grams
  legend    one drawing with numbers, and what each is
  template  in true size over as many sheets as it takes, with register marks and a bar of 100 mm
The plan must be laid (lay). Without --surface it is the one with the most parts.`;

const elementsOf = (plan: Plan, id: string): number =>
  plan.layout.find((layer) => layer.surfaceId === id)?.elements.length ?? 0;

/** The surface that is named, or of some the one with the most parts. */
function surfaceOf(call: Call, plan: Plan): Surface | undefined {
  const id = call.options.surface?.[0];
  const named = plan.surfaces.find((surface) => surface.id === id);
  if (id !== undefined && !named)
    throw new BadInput(`--surface: there is no surface "${id}"`, {
      valid: plan.surfaces.map((surface) => surface.id),
    });
  return named ?? plan.surfaces.toSorted((a, b) => elementsOf(plan, b.id) - elementsOf(plan, a.id))[0];
}

const MOST_STEPS = 40;
/** Pixels along a picture's longer side. */
const PNG_PX = 2400;

const round2 = (n: number): number => Math.round(n * 100) / 100;

/** A surface as the command prints it: its figures and scores, its elements with each piece's outline, what is not laid, its slips. */
function printed(plan: Plan, laid: LaidSurface, findings: ReturnType<typeof checkPlan>['findings']) {
  const larder = planLarder(plan);
  const surface = plan.surfaces.find(({ id }) => id === laid.surfaceId)!;
  const piles = new Map<string, number>();
  return {
    id: laid.surfaceId,
    outline: laid.outline,
    coverage: laid.coverage,
    figures: laid.figures,
    scores: laid.scores,
    whole: laid.whole,
    elements: laid.elements.map((element) => {
      const component = larder.get(element.componentId);
      const food = `${element.componentId} ${element.form}`;
      const pile = (piles.get(food) ?? 0) + 1;
      piles.set(food, pile);
      return {
        id: element.id,
        component: element.componentId,
        form: element.form,
        pile,
        outline: element.outline,
        x: element.x,
        y: element.y,
        angle: element.angle,
        layer: element.layer,
        pinned: element.pinned,
        pieces: component
          ? lies(element, component).map((outline) => outline.map(([x, y]) => [round2(x), round2(y)]))
          : [],
      };
    }),
    unlaid: unlaidOn(plan, surface).map(({ component, massG, why }) => ({
      component: component.id,
      massG: round2(massG),
      why,
    })),
    slips: findings
      .filter((finding) => isOfTheLayout(finding) && finding.surfaceId === surface.id)
      .map((finding) => ({
        code: finding.code,
        rule: finding.rule,
        components: finding.components,
        places: finding.places,
        ...inWords(finding, ENGLISH),
      })),
  };
}

export function lay(call: Call): void {
  const asked = planOf(call);
  const seed = seedOf(call, asked);
  const steps = numberOf(call, 'steps', 0, MOST_STEPS);
  const started = call.now();
  const only = call.options.surface ? surfaceOf(call, asked) : undefined;
  const laid = (only ? [only] : asked.surfaces).map((surface) =>
    laySurface(asked, surface, seed, steps === undefined ? {} : { steps: Math.floor(steps) }),
  );
  const plan: Plan = {
    ...asked,
    layout: [
      ...asked.layout.filter(({ surfaceId }) => !laid.some((one) => one.surfaceId === surfaceId)),
      ...laid.map(({ surfaceId, elements }) => ({ surfaceId, elements })),
    ],
  };
  const seconds = (call.now() - started) / 1000;
  const shown = surfaceOf(call, plan);
  const [svg, png] = [call.options.svg?.[0], call.options.png?.[0]];
  const labels = cardsAsked(call);
  if (svg && shown) writeNamed(call, 'svg', svg, boardSvg(plan, shown, { labels, cloth: true }));
  if (png && shown) {
    const [length, width] = drawnSize(shown, true);
    const scale = PNG_PX / Math.max(length!, width!);
    const picture = call.shoot(
      boardSvg(plan, shown, { labels, cloth: true }),
      Math.round(length! * scale),
      Math.round(width! * scale),
    );
    if (!picture)
      throw new BadInput('--png needs Chromium, and none is at hand: install it, or ask for --svg');
    writeNamed(call, 'png', png, picture);
  }
  const { findings } = checkPlan(plan);
  call.print({ plan, surfaces: laid.map((one) => printed(plan, one, findings)), seconds });
}

/** Is the board drawn as it is served, with cards and picks? */
function cardsAsked(call: Call): boolean {
  const said = call.options.cards?.[0] ?? 'no';
  if (said !== 'yes' && said !== 'no')
    throw new BadInput('--cards takes yes or no', { valid: ['yes', 'no'] });
  return said === 'yes';
}

/** A sheet for who lays the board, as a PDF. */
export async function sheet(call: Call): Promise<void> {
  const plan = planOf(call);
  const kind = call.options.kind?.[0];
  if (!SHEET_KINDS.includes(kind as SheetKind))
    throw new BadInput(`--kind takes ${SHEET_KINDS.join(', ')}`, { valid: SHEET_KINDS });
  const paper = call.options.paper?.[0] ?? 'a4';
  if (!Object.hasOwn(PAPERS, paper))
    throw new BadInput(`--paper takes ${Object.keys(PAPERS).join(', ')}`, { valid: Object.keys(PAPERS) });
  const file = call.options.pdf?.[0];
  if (!file) throw new BadInput('name the file: --pdf file');
  const surface = surfaceOf(call, plan);
  const pdf = surface && (await boardSheet(plan, surface, kind as SheetKind, paper as PaperId, ENGLISH));
  if (!pdf) throw new BadInput('nothing is laid on that surface: lay the plan first');
  writeNamed(call, 'pdf', file, pdf);
  call.print({ surface: surface.id, kind, paper, file, bytes: pdf.length });
}
