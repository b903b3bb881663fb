export type Values = Record<string, number>;

/** A problem's sentence, or a repair's label, from its values; lengths are written in the maker's unit. */
export type Sentence = (
  values: Values,
  length: (mm: number | undefined) => string,
  names: Record<string, string>,
) => string;
