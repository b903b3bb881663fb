import type { EdgingKind } from '@/core/design';
import { STITCHES } from '@/core/stitches';

/** What of an edging can be told from its kind alone, against single crochet in the same yarn and on the same hook. */
export interface EdgingNature {
  /** The stitch of its plain rounds. */
  plain: 'sl-st' | 'sc';
  /** What is worked over them, once; nothing over a plain edging. */
  over: OverPlain | null;
}

/** The last round of an edging, over its plain ones. */
interface OverPlain {
  heightToSc: number;
  /** Yarn for the same area. */
  yarnToSc: number;
  /** Stitches of the round below that one repeat takes, and those besides where the edge has two ends. */
  repeatStitches: number;
  edgeStitches: number;
}

const { sc, dc } = STITCHES;

/**
 * Every kind but her own patterns, whose proportions are hers. Heights are from memory: a crab stitch lies a little flatter than a
 * single crochet; a picot of three chains stands about as high above its single crochet as that is itself; a shell is as high as its
 * doubles; a spike goes down into the rows and adds no height.
 */
export const EDGING_NATURES: Readonly<Record<Exclude<EdgingKind, 'own'>, EdgingNature>> = {
  'slip-stitch': { plain: 'sl-st', over: null },
  single: { plain: 'sc', over: null },
  crab: { plain: 'sc', over: { heightToSc: 0.8, yarnToSc: 1.2, repeatStitches: 1, edgeStitches: 0 } },
  picot: { plain: 'sc', over: { heightToSc: 2, yarnToSc: 0.8, repeatStitches: 3, edgeStitches: 1 } },
  shell: {
    plain: 'sc',
    over: { heightToSc: dc.nature.heightToSc, yarnToSc: dc.nature.yarnToSc, repeatStitches: 6, edgeStitches: 1 },
  },
  spikes: {
    plain: 'sc',
    over: { heightToSc: sc.nature.heightToSc, yarnToSc: 1.6, repeatStitches: 3, edgeStitches: 2 },
  },
};
