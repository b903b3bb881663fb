import type { OnFlap } from '@/core/design';
import type { FabricMark, FittingInput, MarkForm, StepRule } from '@/core/fittings';
import type { Problem } from '@/core/problems';
import type { HoleInEdging } from './holeInEdging';

/** What is so of one of both parts: the one on the flap, or its mate on the front. */
export interface OnFlapPart<Choice> {
  /** What it is called: at the head of a label, and within a sentence. */
  label: string;
  noun: string;
  face: FabricMark['face'];
  form(choice: Choice): MarkForm;
  stuff: FabricMark['stuff'];
  standsMm(choice: Choice): number;
  /** Of the layers that are there, whether it goes through the crochet, and through the lining. */
  through(choice: Choice, isLined: boolean): { fabric: boolean; lining: boolean };
}

/** What of something that closes a flap can be told from its kind and choices alone. */
export interface OnFlapNature<Choice extends OnFlap> {
  /** At the head of the names of its figures, marks and problems. */
  prefix: string;
  half: OnFlapPart<Choice>;
  mate: OnFlapPart<Choice>;
  /** How far it reaches along the fabric from its middle, mm. */
  radiusMm(choice: Choice): number;
  /** By how much it may miss its mate and still close, mm. */
  findsMm(choice: Choice): number;
  /** Whether something of it shows on the inside that a hem can hide. */
  isHidden(choice: Choice): boolean;
  /** Where in the edging of the flap's edge it lies, of what can be left in one; null or nothing: in a row of the flap. */
  inEdging?(choice: Choice, bag: FittingInput): HoleInEdging | null;
  steps(choice: Choice, bag: FittingInput): StepRule[];
  /** What is to be minded of it besides where it is set. */
  cautions(choice: Choice, bag: FittingInput): Problem[];
}
