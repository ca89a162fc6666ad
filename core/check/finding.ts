import { factWords, isFactKey, type ComponentId, type Source } from '../catalogue/index.js';
import type { TermId } from '../lay/index.js';
import type { Reason } from '../needs/index.js';
import type { GroupId } from '../party/index.js';
import type { Command, SurfaceId } from '../plan/index.js';
import { speak, speakArg, type Arg, type Args, type MessageId, type Speech } from '../words/index.js';
import {
  kindOf,
  orderOf,
  SEVERITIES,
  type FindingArgs,
  type FindingCode,
  type FindingStation,
  type Severity,
} from './kinds.js';

/** Something that was looked at: its name, its value, and where the value comes from. */
export interface Fact {
  what: Arg;
  value: Arg;
  source: Source | 'this plan';
}

/** Why a need says so, as it is listed. */
export const factsOfReasons = (reasons: readonly Reason[]): Fact[] =>
  reasons.map((reason) => ({
    what: isFactKey(reason.fact) ? factWords(reason.fact) : reason.fact,
    value: { word: reason.value },
    source: reason.source,
  }));

type Kinds<Id> = Id extends `remedy.${infer K}.label` ? K : never;
export type RemedyKind = Kinds<MessageId>;

/** Something the application can do about it: which kind, what its words say, and the edit itself. */
export interface Remedy {
  kind: RemedyKind;
  args: Args;
  command: Command;
}

interface Common {
  /** The same slip keeps its key while the plan changes around it. */
  key: string;
  severity: Severity;
  /** About an allergy or a small child's safety: it cannot be settled by reading it, only by a remedy or an overruling. */
  grave: boolean;
  concerns: GroupId[];
  components: ComponentId[];
  surfaceId: SurfaceId | null;
  facts: Fact[];
  remedies: Remedy[];
  /** Where on the surface it is, lit on the picture: millimetres from its middle. */
  places: readonly Place[];
  /** The rule of laying that is broken there: only this can be laid otherwise. */
  rule: TermId | null;
}

export interface Place {
  x: number;
  y: number;
  r: number;
}

/** What one check found, as data; its words are made from code and arguments (`core/words`). */
export type Finding = { [C in FindingCode]: Common & { code: C; args: FindingArgs[C] } }[FindingCode];

type Given<C extends FindingCode> = Pick<Common, 'key'> &
  Partial<Omit<Common, 'key'>> & { args: FindingArgs[C] };

/** A finding of this kind; what is not said is a caution about nobody, nothing and nowhere, with no remedy. */
export const finding = <C extends FindingCode>(code: C, given: Given<C>): Finding =>
  ({
    severity: 'caution',
    grave: false,
    concerns: [],
    components: [],
    surfaceId: null,
    facts: [],
    remedies: [],
    places: [],
    rule: null,
    ...given,
    code,
  }) as unknown as Finding;

const rank = (severity: Severity): number => SEVERITIES.indexOf(severity);

/** Most urgent first; grave before the rest; the order of the kinds within. */
export const byUrgency = (findings: readonly Finding[]): Finding[] =>
  [...findings].sort(
    (a, b) =>
      rank(a.severity) - rank(b.severity) ||
      Number(b.grave) - Number(a.grave) ||
      orderOf(a.code) - orderOf(b.code),
  );

export const isOfTheLayout = (finding: Finding): boolean => kindOf(finding.code).ofTheLayout === true;
export const isOfALabel = (finding: Finding): boolean => kindOf(finding.code).ofALabel === true;
export const isOverrulable = (finding: Finding): boolean =>
  finding.grave && kindOf(finding.code).overrulable === true;

/** Does a station hang it up? What stops service hangs everywhere. */
export const belongsTo = (finding: Finding, station: FindingStation): boolean =>
  finding.severity === 'blocker' || kindOf(finding.code).stations.includes(station);

// ------------------------------------------------------------------ in words

type Told = Pick<Finding, 'code' | 'args'>;

/** The sentence on the slip. */
export const textOf = (f: Told, speech: Speech): string =>
  speak({ say: `finding.${f.code}.text`, with: f.args as Args }, speech);

/** Why, in small. */
export const whyOf = (f: Told, speech: Speech): string =>
  speak({ say: `finding.${f.code}.why`, with: f.args as Args }, speech);

export const remedyLabel = (r: Pick<Remedy, 'kind' | 'args'>, speech: Speech): string =>
  speak({ say: `remedy.${r.kind}.label`, with: r.args }, speech);

/** What a remedy brings: "+20 g", "2 moved". */
export const remedyEffect = (r: Pick<Remedy, 'kind' | 'args'>, speech: Speech): string =>
  speak({ say: `remedy.${r.kind}.effect`, with: r.args }, speech);

/** A fact as it stands in the table of "Why this?". */
export const factCells = (fact: Fact, speech: Speech): { what: string; value: string; source: string } => ({
  what: speakArg(fact.what, speech),
  value: speakArg(fact.value, speech),
  source: fact.source,
});

/** The whole finding in words, for what is printed or handed on. */
export const inWords = (finding: Finding, speech: Speech) => ({
  text: textOf(finding, speech),
  why: whyOf(finding, speech),
  facts: finding.facts.map((fact) => factCells(fact, speech)),
});
