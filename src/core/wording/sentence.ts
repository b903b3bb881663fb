/** Writes a length in the maker's unit. */
export type LengthOf = (mm: number) => string;

/** Writes a mass in the maker's unit. */
export type MassOf = (massG: number) => string;

/** A problem's sentence, or a repair's label, from its values; lengths and masses are written in the maker's units. */
export type Sentence<Values = never> = (
  values: Values,
  length: LengthOf,
  names: Record<string, string>,
  mass: MassOf,
) => string;

/** A sentence for every code, each from the values that its code has. */
export type Sentences<ByCode> = { readonly [Code in keyof ByCode]: Sentence<ByCode[Code]> };
