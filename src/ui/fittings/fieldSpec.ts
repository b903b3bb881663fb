import type { Design } from '@/core/design';
import type { WordId } from '@/core/wording';

/** One choice of a fitting, as a field: what it is called, where it stands in the fitting, and the name of its change. */
export type FieldSpec<Choice> = {
  path: keyof Choice & string;
  label: string;
  change: string;
  width?: string;
  help?: string;
  /** A word of the trade that its label uses. */
  word?: WordId;
  /** Whether it applies to what else is chosen; always, where nothing is said. */
  applies?: (chosen: Choice) => boolean;
} & (
  | {
      kind: 'length';
      /** For thicknesses and small parts: millimetres, or hundredths of an inch. */
      fine?: boolean;
      /** What stands in the field while nothing is chosen, where that may be. */
      empty?: string;
    }
  | {
      kind: 'count';
      suffix?: string;
      /** What stands in the field while nothing is chosen, where that may be. */
      empty?: string;
    }
  | {
      kind: 'choice';
      choices: Choices | ((design: Design, chosen: Choice) => Choices);
      /** How what the design keeps is told from the others, where it is no word. */
      as?: { shown: (kept: unknown) => string; kept: (shown: string) => unknown };
    }
);

/** What can be chosen, as the design keeps it, each with its label; in the order in which it is offered. */
export type Choices = Readonly<Record<string, string>>;

/** The row of fields of one kind. Limits, and the sentence that is said where one is passed, are its schema's. */
export type FieldSpecs<Choice> = readonly FieldSpec<Choice>[];

/** The rows of fields of every kind of a union. */
export type SpecsOf<Union extends { kind: string }> = {
  [Kind in Union['kind']]: FieldSpecs<Extract<Union, { kind: Kind }>>;
};
