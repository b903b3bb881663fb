import type { Figure } from '@/core/figures';
import type { FabricMark, FittingPlace, FittingStage, StepRule } from '@/core/fittings';
import type { Problem } from '@/core/problems';

/** What of something that closes a mouth, or hangs from an edge, is its own to say. */
interface Told<Choice extends { kind: string }> {
  choice: Choice;
  at: FittingPlace;
  closes: FittingStage['closes'];
  holds: FittingStage['holds'];
  marks: FabricMark[];
  workedOn?: Figure[];
  worked?: FittingStage['worked'];
  threads?: Figure[];
  sewn?: FittingStage['sewn'];
  tails?: number;
  steps: StepRule[];
  differs?: FittingStage['differs'];
  sizes?: Figure[];
  asked: Figure[];
  problems: Problem[];
}

/** A stage of what has no part of its own on the flap. */
export const closingStage = <Choice extends { kind: string }>({
  choice,
  at,
  closes,
  holds,
  marks,
  workedOn = [],
  worked = [],
  threads = [],
  sewn = [],
  tails = 0,
  steps,
  differs = [],
  sizes = [],
  asked,
  problems,
}: Told<Choice>): FittingStage<Choice> => ({
  choice,
  at,
  closes,
  holds,
  marks,
  bands: [],
  worked,
  workedOn,
  threads,
  cloth: [],
  sewn,
  tails,
  steps,
  differs,
  sizes,
  worn: null,
  fromEdgeMm: null,
  compared: [],
  asked,
  problems,
});
