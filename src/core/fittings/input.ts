import type { SettledDesign } from '@/core/contents';
import { isBagForItself, type Design } from '@/core/design';
import type { Figure } from '@/core/figures';
import type { GaugeStage } from '@/core/gauge';
import { isInRounds, type PieceSet, type PiecesFigures } from '@/core/pieces';
import type { FlapStage, PouchStage, SectionByState } from '@/core/stages';
import type { FittingPlace } from './place';
import type { FittingStage, MadeParts, MadeSize, Planned } from './stage';

/** What anything that is put on a bag is planned from: the bag as it is without it. */
export interface FittingInput {
  design: SettledDesign;
  gauge: GaugeStage;
  /** What goes in, on the scale: nought where nothing of it was weighed. */
  mass: Figure;
  pouch: PouchStage;
  flap: FlapStage;
  set: PieceSet;
  /** Its pieces together: area, seams. */
  whole: PiecesFigures;
  section: SectionByState;
  at: FittingPlace;
  /** Another bag, as it is before anything is put on it; null where it can't be planned. */
  bare(design: Design): BareBag | null;
}

/** A bag before anything is put on it. */
export interface BareBag {
  gauge: GaugeStage;
  pouch: PouchStage;
  set: PieceSet;
  whole: PiecesFigures;
}

/** One kind of what is put on a bag. A new one is a file with one of these, and a line in its group's catalogue. */
export interface FittingKind<Choice extends { kind: string }, Stage extends FittingStage<Choice>> {
  /** As it is first put on a bag. */
  usual(design: Design): Choice;
  plan(choice: Choice, input: FittingInput): Planned<Stage>;
  /** What differs of it from making to making. */
  made?(stage: Stage, parts: MadeParts): MadeSize[];
}

/** A kind whose choices are not known: inside a catalogue each is handed its own. */
interface AnyFittingKind {
  usual(design: Design): { kind: string };
  plan(choice: never, input: FittingInput): Planned<FittingStage>;
  made?(stage: never, parts: MadeParts): MadeSize[];
}

/** Kinds of a group, looked up by what a design names. */
export type FittingKinds = Readonly<Record<string, AnyFittingKind>>;

/** What comes of any kind of a catalogue. */
export type StageOf<Kinds extends FittingKinds> = Extract<
  ReturnType<Kinds[keyof Kinds]['plan']>,
  { ok: true }
>['stage'];

/**
 * When a lining goes in: on the flat pieces before they are joined; or last, where it is a bag for itself, or goes into sides that are worked in rounds, or
 * into a band that is joined as it is worked.
 */
export const liningGoesIn = (
  { pieces, joins }: Pick<PieceSet, 'pieces' | 'joins'>,
  { lining }: { lining: { kind: string } | null },
): 'flat' | 'last' =>
  (lining !== null && isBagForItself(lining)) ||
  pieces.some(isInRounds) ||
  joins.some(({ made }) => made === 'as-worked')
    ? 'last'
    : 'flat';
