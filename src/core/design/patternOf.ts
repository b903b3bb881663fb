import {
  STITCHES,
  begunPlain,
  findRepeat,
  foundationOf,
  turningChainOf,
  withPlainEdge,
  type FoundRepeat,
  type StitchPattern,
} from '@/core/stitches';
import { isOwnStitchId, type OwnStitch } from './ownStitchSchema';
import { factsOf, type Design, type StitchChoice } from './schema';

type Patterned = Pick<Design, 'stitch' | 'ownStitches' | 'plainEdge'> & {
  settings?: Pick<Design['settings'], 'foundation'>;
  body?: Pick<Design['body'], 'kind'>;
};

/** Patterns that were made once, by what they were made from. */
const made = new WeakMap<object, Map<number, StitchPattern>>();

/**
 * The pattern that a bag's panel is worked in: of the catalogue or her own, with the plain stitches at its edges; begun with a plain row
 * where foundation stitches, a chain worked on both sides, or the rim of a base ask for one and the pattern has none.
 *
 * @example
 * patternOf({ stitch: 'bobble-field', ownStitches: [], plainEdge: 2 }).edgeStitches // => 5
 */
export const patternOf = (design: Patterned): StitchPattern =>
  begun(edged(patternNamed(design.stitch, design.ownStitches), design.plainEdge), design);

function begun(pattern: StitchPattern, { settings, body }: Patterned): StitchPattern {
  const ofFoundation = settings !== undefined && foundationOf(pattern, settings.foundation) === 'foundation-stitches';
  const inRounds = body !== undefined && factsOf(body.kind).faces === 'rounds';
  return ofFoundation || inRounds ? begunPlain(pattern) : pattern;
}

/** The pattern that the bag's swatch was worked in. One of her own that is not in this bag is taken for single crochet. */
export const swatchPatternOf = ({ swatch, ownStitches }: Pick<Design, 'swatch' | 'ownStitches'>): StitchPattern =>
  patternNamed(swatch.stitch, ownStitches);

/** A pattern by its name, with no more at its edges than it asks for itself. */
export function patternNamed(choice: StitchChoice, ownStitches: readonly OwnStitch[]): StitchPattern {
  if (!isOwnStitchId(choice)) return STITCHES[choice];
  const own = ownStitches.find(({ id }) => id === choice);
  return own ? patternOfOwn(own) : STITCHES.sc;
}

/** Repeats that were found, by the pattern: every plan of a bag asks for them anew. */
const found = new WeakMap<object, FoundRepeat>();

/** What working an own pattern's rows gives: its repeat, or the row that does not fit. */
export function repeatOfOwn(own: Pick<OwnStitch, 'setupRows' | 'rows'>): FoundRepeat {
  const known = found.get(own) ?? findRepeat(own);
  found.set(own, known);
  return known;
}

function patternOfOwn(own: OwnStitch): StitchPattern {
  return once(own, 0, () => {
    const repeat = repeatOfOwn(own);
    return {
      id: own.id,
      use: 'fabric',
      base: own.base,
      repeatStitches: repeat.ok ? repeat.repeatStitches : 1,
      edgeStitches: repeat.ok ? repeat.edgeStitches : 0,
      turningChain: turningChainOf(own.base),
      setupRows: own.setupRows,
      rows: own.rows,
      firstRowPublic: own.firstRowPublic,
      inRounds: false,
      nature: own.nature,
    };
  });
}

const edged = (pattern: StitchPattern, plainEdge: number): StitchPattern =>
  plainEdge === 0 ? pattern : once(pattern, plainEdge, () => withPlainEdge(pattern, plainEdge));

function once(key: object, edge: number, make: () => StitchPattern): StitchPattern {
  const byEdge = made.get(key) ?? new Map<number, StitchPattern>();
  made.set(key, byEdge);
  const known = byEdge.get(edge) ?? make();
  byEdge.set(edge, known);
  return known;
}
