import type { FactKey, Process } from '../catalogue/index.js';
import { isOfAnimal, isOfSlaughter } from './claims.js';
import { CONCEPTS, type Concept } from './concepts.js';
import type { Lexicon } from './lexicon.js';
import type { Item } from './match.js';
import { maybe } from './stated.js';
import type { Statement } from './statements.js';

export type Fact = readonly [FactKey, string];

const isOpenValue = (value: string) => value === 'brand' || value === 'depends';

/** Whose meat or fish a cut may be. */
const FLESH: ReadonlySet<FactKey> = new Set([
  'animal.pork',
  'animal.beef',
  'animal.poultry',
  'animal.lamb',
  'animal.game',
  'animal.fish',
  'animal.shellfish',
]);
/** What comes after goes with it. The Polish "z" is "of" as well. */
const WITH = /^(?:with|in|on|mit|auf|avec|au|aux|a|con|al|alla|alle|en|su|met|op|com|ao|em)$/;

/** What cheese, milk or meat without animals is made of. */
const INSTEAD = maybe('allergen.soy', 'allergen.gluten', 'allergen.tree-nuts', 'nut.cashew', 'nut.almond');
const INSTEAD_OF_WHAT = 'made of what: soy, wheat, oats or nuts?';

/** The items of one statement with what stands beside each. */
export class Reading {
  constructor(
    readonly items: readonly Item[],
    readonly statement: Statement,
  ) {}

  get lexicon(): Lexicon {
    return this.statement.lexicon;
  }

  isMark(i: number, ...marks: NonNullable<Item['mark']>[]): boolean {
    const item = this.items[i];
    return item?.what === 'mark' && (marks.length === 0 || marks.includes(item.mark!));
  }

  private is(
    list: 'plantMilk' | 'plantButter' | 'plantMade' | 'vegetarian' | 'sources' | 'joints' | 'freeAfter',
    i: number,
  ): boolean {
    const item = this.items[i];
    if (!item || item.what === 'mark') return false;
    return (item.foreign ?? this.lexicon).is(list, item.words);
  }

  isFreeWord = (i: number): boolean => this.is('freeAfter', i);

  /** The item directly before, or directly after, or after words such as "of". */
  private before(i: number): number {
    return this.items[i]?.tight && !this.isMark(i - 1) ? i - 1 : -1;
  }
  private after(i: number, joints: boolean): number {
    let j = i + 1;
    while (joints && j <= i + 3 && this.items[j]?.tight && this.is('joints', j)) j++;
    return this.items[j]?.tight && !this.isMark(j) ? j : -1;
  }
  private hasJoint = (i: number): boolean => Boolean(this.items[i + 1]?.tight) && this.is('joints', i + 1);

  /** "oat milk", "lait de coco", "mleko sojowe": a plant beside the word makes it a plant's. */
  private plantBeside(i: number): boolean {
    const head = CONCEPTS[this.items[i]!.id!].head;
    if (!head) return false;
    const lists = head === 'butter' ? (['plantButter', 'plantMilk'] as const) : (['plantMilk'] as const);
    const at = (j: number) => j >= 0 && lists.some((list) => this.is(list, j));
    const spot = this.lexicon.language.plantAfter ? this.after(i, true) : this.before(i);
    return at(spot) || (this.hasJoint(i) && at(this.after(i, true)));
  }

  private wordBeside(i: number, list: 'plantMade' | 'vegetarian'): boolean {
    return [this.before(i), this.after(i, false)].some((j) => j >= 0 && this.is(list, j));
  }

  private isSource(j: number): boolean {
    const item = this.items[j];
    if (!item || j < 0) return false;
    return item.what === 'source' || this.is('sources', j);
  }

  /** Does a plant beside it, or in brackets after it, say what it is of? */
  private sourceBeside(i: number): boolean {
    if (this.isSource(this.before(i)) || this.isSource(this.after(i, true))) return true;
    return this.inside(i).some((j) => this.isSource(j));
  }

  /** Items in the bracket, or after the colon, that follows. */
  private inside(i: number): number[] {
    const out: number[] = [];
    if (this.isMark(i + 1, 'open')) {
      let depth = 0;
      for (let j = i + 1; j < this.items.length; j++) {
        if (this.isMark(j, 'open')) depth++;
        else if (this.isMark(j, 'close') && --depth === 0) break;
        else out.push(j);
      }
    } else if (this.isMark(i + 1, 'colon'))
      for (let j = i + 2; j < this.items.length && !this.isMark(j, 'break', 'close'); j++) out.push(j);
    return out;
  }

  private isFood(j: number): boolean {
    const what = this.items[j]?.what;
    return what === 'concept' || what === 'source' || what === 'food';
  }

  private isFlesh(j: number): boolean {
    const { what, id } = this.items[j]!;
    return (
      what === 'concept' &&
      CONCEPTS[id!].facts.some(([fact, value]) => value === 'contains' && FLESH.has(fact))
    );
  }

  /** Is the animal of a cut named with it: "fillets of smoked cod", "Hähnchenbrustfilet"; bacon goes with a fillet, and is none of it. */
  private fleshBeside(i: number): boolean {
    const { from, to } = this.run(i);
    for (const step of [-1, 1])
      for (let j = i + step; j >= from && j < to; j += step) {
        const { what, id, words } = this.items[j]!;
        if (this.isFlesh(j)) return true;
        if (WITH.test(words) || !(what === 'manner' || id === 'animal-cut' || this.is('joints', j))) break;
      }
    return this.inside(i).some((j) => this.isFlesh(j));
  }

  /** Is the question that the word leaves answered by what is named after it? */
  private answered(i: number): boolean {
    const concept: Concept = CONCEPTS[this.items[i]!.id!];
    const { namedBy } = concept;
    if (!namedBy) return false;
    if (namedBy === 'animal') return this.fleshBeside(i);
    // behind "bread with cheese" a bracket is the cheese's, behind "filling of lemon" it is the filling's
    const inside = this.inside(concept.besideFood ? this.run(i).to - 1 : i);
    const next = this.after(i, true);
    if (namedBy === 'any') {
      if (inside.some((j) => this.isFood(j) && this.items[j]!.id !== this.items[i]!.id)) return true;
      return (
        next >= 0 && (this.items[next]!.additive === true || (this.isAdditiveClass(i) && this.isFood(next)))
      );
    }
    const names = (j: number) =>
      j >= 0 &&
      this.items[j]?.what === 'concept' &&
      CONCEPTS[this.items[j]!.id!].facts.some(
        ([fact, value]) => value === 'contains' && fact.startsWith('allergen.'),
      );
    return this.sourceBeside(i) || names(this.before(i)) || names(this.after(i, true)) || inside.some(names);
  }

  private isAdditiveClass = (i: number): boolean =>
    ['emulsifier', 'colour', 'glaze', 'enhancer'].includes(this.items[i]!.id!);

  /** The run that an item stands in: as far as a comma, a bracket or "and" on either side. */
  run(i: number): { from: number; to: number } {
    let [from, to] = [i, i + 1];
    const stops = (j: number) => this.isMark(j);
    while (from > 0 && !stops(from - 1)) from--;
    while (to < this.items.length && !stops(to)) to++;
    return { from, to };
  }

  /** "Vegan cheese", "plant-based ham": something else stands in for it, and nobody says what. */
  private standsIn(i: number): boolean {
    const { head, process, facts } = CONCEPTS[this.items[i]!.id!];
    const meat = facts.some(([fact]) => isOfSlaughter(fact));
    return (
      (((head !== undefined || process !== undefined) && this.wordBeside(i, 'plantMade')) ||
        (meat && process !== undefined && this.wordBeside(i, 'vegetarian'))) &&
      !this.inside(i).some((j) => this.isFood(j))
    );
  }

  /** Facts of a word as its neighbours let them stand, and what is still to be asked. */
  factsOf(i: number): { facts: Fact[]; open: string | undefined; asks: boolean } {
    const item = this.items[i]!;
    const concept = CONCEPTS[item.id!];
    let facts: Fact[] = [...concept.facts];
    const nutty =
      this.before(i) >= 0 &&
      this.items[this.before(i)]?.what === 'concept' &&
      CONCEPTS[this.items[this.before(i)]!.id!].facts.some(([fact]) => fact === 'allergen.tree-nuts');
    if (this.wordBeside(i, 'plantMade') || this.plantBeside(i))
      facts =
        concept.head === 'cream' && nutty && !this.wordBeside(i, 'plantMade')
          ? facts.filter(([fact]) => fact.endsWith('.milk')).map(([fact]) => [fact, 'brand'])
          : facts.filter(([fact]) => !isOfAnimal(fact));
    else if (this.wordBeside(i, 'vegetarian')) facts = facts.filter(([fact]) => !isOfSlaughter(fact));
    if (concept.besideFood && ![this.before(i), this.after(i, true)].some((j) => this.isFood(j))) facts = [];
    if (concept.sourced && this.sourceBeside(i)) facts = facts.filter(([fact]) => fact !== 'allergen.gluten');
    if (this.answered(i) || (concept.namedByLaw && this.statement.headed))
      facts = concept.namedBy === 'animal' ? [] : facts.filter(([, value]) => !isOpenValue(value));
    const standsIn = this.standsIn(i);
    if (standsIn) {
      const known = new Set(facts.map(([fact]) => fact));
      facts.push(...INSTEAD.filter(([fact]) => !known.has(fact)));
    }
    return {
      facts,
      open: standsIn ? INSTEAD_OF_WHAT : concept.open,
      asks: facts.some(
        ([fact, value]) => isOpenValue(value) || (fact === 'ingredient.vanilla-extract' && concept.open),
      ),
    };
  }

  process(i: number, facts: readonly Fact[]): Process | undefined {
    const { process, facts: all } = CONCEPTS[this.items[i]!.id!];
    return facts.length === 0 && all.length > 0 ? undefined : process;
  }
}
