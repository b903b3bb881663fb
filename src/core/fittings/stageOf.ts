import type { FittingStage } from './stage';

/** What is told of everything that is put on, and whatever else there is of it. */
type Told<Choice extends { kind: string }> = Pick<
  FittingStage<Choice>,
  'choice' | 'at' | 'marks' | 'steps' | 'asked' | 'problems'
> &
  Partial<FittingStage<Choice>>;

/**
 * The stage of something that is put on, from what it has to say: whatever it leaves out, it has none of.
 *
 * @example
 * stageOf({ choice: { kind: 'toy' }, at: { group: 'trims', index: 0 }, marks: [], steps: [], asked: [], problems: [] }).tails // => 0
 */
export const stageOf = <Choice extends { kind: string }>(told: Told<Choice>): FittingStage<Choice> => ({
  bands: [],
  worked: [],
  workedOn: [],
  beside: [],
  threads: [],
  cloth: [],
  bought: 0,
  sewn: [],
  tails: 0,
  differs: [],
  sizes: [],
  worn: null,
  closes: null,
  holds: [],
  fromEdgeMm: null,
  compared: [],
  ...told,
});
