/** Words of the trade that are not everybody's, each with a drawing of its own. */
export const WORD_IDS = [
  'bridge',
  'drop',
  'mate',
  'foot',
  'public-side',
  'slack',
  'ease',
  'inset',
  'take-up',
  'gusset',
  'repeat',
  'turning-chain',
] as const;
export type WordId = (typeof WORD_IDS)[number];

/** A word, and what it means in a sentence or two. */
export interface TradeWord {
  word: string;
  means: string;
}

/**
 * What the words of the trade mean here.
 *
 * @example
 * TRADE_WORDS.bridge.word // => 'bridge'
 */
export const TRADE_WORDS: Record<WordId, TradeWord> = {
  bridge: {
    word: 'bridge',
    means:
      'The rows that lie over the top, between back and flap. It has to be long enough for the fullest bag, or the flap does not close.',
  },
  drop: {
    word: 'drop',
    means: 'How far something comes down: the flap over the front, or a strap from the hand to the bag’s upper edge.',
  },
  mate: {
    word: 'mate',
    means: 'The other half of what closes the bag: a snap on the flap has its mate on the front, where the flap lands.',
  },
  foot: {
    word: 'foot',
    means: 'The end of a strap, where it is sewn or fastened to the bag.',
  },
  'public-side': {
    word: 'public side',
    means:
      'The face that is seen on the finished bag. Some textures stand out on the far side of the row that is worked: then the side before you while you work is the other one.',
  },
  slack: {
    word: 'slack, and pulled',
    means:
      'A crochet strap is measured lying loose, slack, or drawn out, pulled. It is longer pulled, and longer still after some weeks.',
  },
  ease: {
    word: 'ease',
    means: 'Room that is left beside what goes in, so that it can be taken out again.',
  },
  inset: {
    word: 'inset',
    means: 'How far in from an edge something is set.',
  },
  'take-up': {
    word: 'take-up',
    means: 'What a seam takes of the fabric at each side: half a stitch, say, is in the seam and not seen.',
  },
  gusset: {
    word: 'gusset',
    means: 'A strip between front and back, down one side, along the base and up the other: it makes the bag deep.',
  },
  repeat: {
    word: 'repeat',
    means:
      'The stitches over which a pattern begins again. A row has a whole number of them, and the stitches at its edges.',
  },
  'turning-chain': {
    word: 'turning chain',
    means:
      'Chains at the beginning of a row that bring the hook to its height. In one school they stand for the first stitch, in the other they don’t.',
  },
};
