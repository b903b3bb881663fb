import type { WayOut } from '../stepWords';
import type { WordedBag } from './words';

/** What sits beside a closed edge of a lining is reached through it. */
const UNPICK_LINING: WayOut = {
  what: 'Unpick the lining’s edge next to it, about 10 cm, set it through the gap, and sew the edge on again.',
  costs: 'Half an hour; nothing shows.',
};
const UNPICK_SEAM: WayOut = {
  what: 'Unpick one side seam from the mouth down, until the face lies flat, set it, and sew the seam again.',
  costs: 'An hour; the edge can look worked over.',
};
const THROUGH_BOTH: WayOut = {
  what: 'Set it through both layers: cut a slit in the lining as long as a prong is wide, and secure its ends with a stitch.',
  costs: 'A quarter of an hour; its back shows inside, and cloth that frays can tear there.',
};
const SEWN_ON: WayOut = {
  what: 'Take another kind that a thread holds: a press stud, or a snap that is sewn on.',
  costs: 'A quarter of an hour; it holds less than prongs.',
};

/** A part that goes through the fabric, or is shut in, and was forgotten before the lining or the seams. */
export const waysThrough = ({ design }: Pick<WordedBag, 'design'>): WayOut[] => [
  ...(design.lining ? [UNPICK_LINING, THROUGH_BOTH] : [UNPICK_SEAM]),
  SEWN_ON,
];

/** A part that a thread holds, once the lining covers its back. */
export const waysByThread = ({ design }: Pick<WordedBag, 'design'>): WayOut[] =>
  design.lining
    ? [
        {
          what: 'Sew it on from the outside: begin under a stitch, and draw the knots in between both layers.',
          costs: 'A few minutes more; pulled hard, it draws at the crochet alone.',
        },
        UNPICK_LINING,
      ]
    : [];

/** What can be done instead of what was not left in its row. */
const INSTEAD = {
  buttonhole: [
    {
      what: 'Part two stitches and sew round the gap in buttonhole stitch.',
      costs: 'Twenty minutes; it is shorter than planned: try the button first, and take a smaller one.',
    },
    {
      what: 'Join a loop of chains on at the flap’s edge instead, and set the button below it.',
      costs: 'Ten minutes.',
    },
  ],
  slot: [
    {
      what: 'Sew a band across the front there instead, at its ends only, as wide inside as the slot.',
      costs: 'Twenty minutes; it stands out of the face a little.',
    },
  ],
  loop: [
    {
      what: 'Join a loop on at the edge: yarn drawn in, chains, a row of slip stitches back.',
      costs: 'Ten minutes; its ends have to be woven in well.',
    },
    { what: 'Take a snap instead.', costs: 'None, as long as the lining is not on.' },
  ],
  ring: [
    {
      what: 'Sew it over with doubled thread, or hold it in a folded tab that is sewn on.',
      costs: 'A quarter of an hour; it shows a little more.',
    },
  ],
} satisfies Record<string, WayOut[]>;

/** A hole, a loop or a ring that was not left, or worked in, in its row. */
export const waysInRow = (what: keyof typeof INSTEAD, rowsBack: number): WayOut[] => [
  {
    what: `Unpick down to that row: ${rowsBack === 1 ? 'one row' : `${rowsBack} rows`}, and work on from there.`,
    costs: 'As long as those rows took; nothing shows.',
  },
  ...INSTEAD[what],
];

/** A zipper that was forgotten. */
export const waysZipper = ({ design }: Pick<WordedBag, 'design'>): WayOut[] => [
  {
    what: 'Sew it in by hand with the mouth turned out: small backstitches, the ends of its tapes turned under and sewn down last.',
    costs: 'An hour and a half instead of half an hour; its ends are less firm.',
  },
  ...(design.lining ? [UNPICK_LINING] : [UNPICK_SEAM]),
];
