import type { Design } from '@/core/design';
import type { Figure } from '@/core/figures';
import type { FittingStage } from '@/core/fittings';
import type { PieceId } from '@/core/pieces';
import type { Plan } from '@/core/plan';
import type { Sentences } from '../sentence';
import type { LengthWriter, StepWords } from '../stepWords';

/** What a writer may look at besides the stage that it is handed: the bag that the fitting is on. */
export interface WordedBag {
  design: Design;
  plan: Plan;
  length: LengthWriter;
}

/** Writes the pieces of another bag that nothing is put on, as this one's are written. */
export type WriteBare = (design: Design) => string[];

/** The words of every row of the pieces of such a bag. */
export type WriteBareRows = (design: Design) => ReadonlyMap<PieceId, string[]>;

/** A figure as it is shown beside a fitting's fields, with the mark on the drawing that it lights. */
export interface Ticket {
  figure: Figure;
  mark?: string;
  label?: string;
}

/** Figures that a text quotes, by their bare names, so that each number in it can be asked why. */
export type Quoted = readonly string[];

/** All words of one kind of what is put on a bag. A writer is handed its own stage. */
export interface FittingWords<
  Stage extends FittingStage,
  Problems extends object = object,
  Repairs extends object = object,
> {
  /** The heading of its fields, and what puts it on and takes it off. */
  title: string;
  add: string;
  takeOff: string;
  /** The names of those two changes, for taking them back. */
  added: string;
  takenOff: string;
  /** The name of the grip that moves its mark, and of that change. */
  grip: { name: string; moved: string } | null;
  /** The heading of what is worked of it apart, and how that is worked. */
  worked: string;
  workedLines?(stage: Stage, bag: WordedBag, piecesOf: WriteBare): string[];
  /** What of it is counted row by row, by the names that its stage gives: what that is called, and what is worked in every row, without its number. */
  beside?: {
    called(name: string, stage: Stage): string;
    rows(stage: Stage, name: string, bag: WordedBag, rowsOf: WriteBareRows): string[];
  };
  /** What is left in a row of a piece while that is worked: said before the row, with its number. */
  inRows?(stage: Stage): { piece: PieceId; row: number; says: string }[];
  materials(stage: Stage, bag: WordedBag): string[];
  /** Its steps, by the names that its stage gives them. */
  steps: Readonly<Record<string, (stage: Stage, bag: WordedBag) => StepWords>>;
  /** What the last look has to find, after “Ends secure”. */
  inspect: string | null;
  /** What is added where the hem is sewn down over it. */
  overHem?(stage: Stage): string;
  /** Rows of tickets. */
  tickets(stage: Stage): Ticket[][];
  /** What its steps quote, and what its materials and its worked part do. */
  quotes: { steps: Readonly<Record<string, Quoted>>; materials: Quoted; worked: Quoted };
  /** The sentences of its own problems, and the labels of its own repairs. */
  problems: Sentences<Problems>;
  repairs: Sentences<Repairs>;
}
