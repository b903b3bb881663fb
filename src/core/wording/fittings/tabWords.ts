import { linesWalls } from '@/core/design';
import type { HungProblems, HungRepairs, TabProblems, TabRepairs, TabStage } from '@/core/closure';
import { nameAt, type SmallPartsProblems } from '@/core/fittings';
import { formatQuantity } from '../quantity';
import { rowWord, spotsText } from '../placeText';
import { stepWords } from '../stepWords';
import { holesText } from './buttonholeWords';
import { SMALL_PARTS, UNDER_EDGE, UNDER_EDGE_REPAIRS } from './cautionWords';
import { waysByThread, waysInRow } from './waysOut';
import type { FittingWords, WordedBag } from './words';

const size = ({ design }: WordedBag, mm: number): string => formatQuantity(mm, 'mm', design.settings.lengthUnit);

/** Where on the front what it is fastened to lies. */
const frontText = ({ spots, figures }: TabStage, bag: WordedBag): string =>
  `row ${figures.row.value}, ${size(bag, figures.down.value)} from the top edge, ${spotsText(
    spots.map(({ place }) => place),
    spots[0]?.ofStitches ?? 0,
  )}`;

export const tabWords: FittingWords<
  TabStage,
  TabProblems & HungProblems & SmallPartsProblems,
  TabRepairs & HungRepairs
> = {
  title: 'Tab',
  add: 'Put a tab on, for a slot or a button',
  takeOff: 'Take the tab off',
  added: 'Tab put on',
  takenOff: 'Tab taken off',
  grip: { name: 'Tab: below the edge', moved: 'Move: Tab' },
  worked: '',
  inRows: ({ choice, spots, figures }) => {
    const [first] = spots;
    if (!first || choice.fastens !== 'slot' || rowWord(first.piece, 1) === 'round') return [];
    return [
      {
        piece: first.piece,
        row: first.row,
        says: `${spots.length === 1 ? 'the slot' : 'the slots'}, ${holesText(
          spots.map(({ place }) => place),
          figures.opening.value,
        )}`,
      },
    ];
  },
  materials: ({ choice, spots }, bag) =>
    choice.fastens === 'button' ? [`Button, ${size(bag, choice.diameterMm)} across: ${spots.length}.`] : [],
  steps: {
    'work-tab': (stage, bag) => {
      const { choice, figures, spots, fromFlap } = stage;
      const [first] = spots;
      const edge = fromFlap ? 'the flap’s edge' : 'the back’s upper edge';
      const places = spots.map(({ edgePlace }) => edgePlace);
      const { stitches, rows, opening, holeRow, reachLoaded, reachEmpty } = figures;
      const hole =
        holeRow === null
          ? ''
          : ` In its row ${holeRow.value} chain ${opening.value} over as many, after ${Math.max(0, Math.floor((stitches.value - opening.value) / 2))}; in the next row one stitch in each chain.`;
      return stepWords(
        spots.length === 1 ? 'Work the tab' : 'Work the tabs',
        `Along ${edge}, its middle ${spotsText(places, first?.edgeStitches ?? 0)}: join the yarn and work ${stitches.value} stitches into the edge, ${rows.value} rows in all.${hole} It has to reach ${size(bag, reachLoaded.value)} loaded and ${size(bag, reachEmpty.value)} empty${choice.fastens === 'slot' ? ', and is tucked through beyond that' : ''}. Work it before an edging, so that the edging goes round it.`,
        choice.fastens === 'slot'
          ? 'It goes through the slot without force.'
          : 'The button goes through with a little force.',
      );
    },
    'leave-slot': (stage, bag) =>
      stepWords(
        'Leave the slot in the front',
        `Front: ${frontText(stage, bag)}. Chain ${stage.figures.opening.value} over as many stitches that are passed over; in the next row one stitch into each chain. Try it on the tab, or on as many stitches of your swatch folded.`,
        null,
        'Once the row is worked there is no slot in it but by unpicking.',
        waysInRow('slot', Math.max(1, Math.abs(bag.plan.pouch.frontRows - stage.figures.row.value) + 1)),
      ),
    'sew-tab-button': (stage, bag) =>
      stepWords(
        'Sew the button on',
        `Front, outer face: ${frontText(stage, bag)}. Sew it on firmly, on a shank as long as the tab is thick.`,
        'Laid over, the hole of the tab lands on it, full.',
        linesWalls(bag.design) ? 'Once the lining is on, the knots have to be hidden under the stitches.' : null,
        waysByThread(bag),
      ),
  },
  inspect: 'tab holds',
  tickets: ({ at, figures: { row, down, stitches, rows, opening, holeRow, reachLoaded, reachEmpty } }) => [
    [row, down, opening].map((figure) => ({ figure, mark: nameAt(at, 'tab') })),
    [stitches, rows, ...(holeRow ? [holeRow] : []), reachLoaded, reachEmpty].map((figure) => ({
      figure,
      mark: nameAt(at, 'tab.tab'),
    })),
  ],
  quotes: {
    steps: {
      'work-tab': ['stitches', 'rows', 'opening', 'holeRow', 'reach.loaded', 'reach.empty'].map((one) => `tab.${one}`),
      'leave-slot': ['tab.row', 'tab.down', 'tab.opening'],
      'sew-tab-button': ['tab.row', 'tab.down'],
    },
    materials: [],
    worked: [],
  },
  problems: {
    ...SMALL_PARTS,
    ...UNDER_EDGE,
    'tab-no-edge': () =>
      'A tab goes on from a straight edge of rows, and this bag has none there, as with discs and scallops: it is left out.',
    'tab-off-front': (v, length) =>
      `The tab would be fastened ${length(v.downMm)} down, on the bend at the base: the front is flat for ${length(v.flatFrontMm)}.`,
    'tab-narrow': (v) =>
      `A hole of ${v.holeStitches} stitches in a tab of ${v.tabStitches} leaves too little beside it: it tears out.`,
    'tab-wide': (v, length) => `The tab and its slot need ${length(v.tabMm)} of an edge that has ${length(v.edgeMm)}.`,
    'tab-drifts': (v, length) =>
      `Empty, the tab’s hole lies ${length(v.missMm)} off its button, more than the ${length(v.findsMm)} that it can be drawn: it fits the full bag.`,
  },
  repairs: {
    ...UNDER_EDGE_REPAIRS,
    'tab-off': () => 'Take the tab off',
    'tab-below-to': (v, length) => `Fasten it ${length(v.belowMm)} below the edge`,
    'tab-width-to': (v, length) => `Make the tab ${length(v.widthMm)} wide`,
    'tab-through-slot': () => 'Tuck it through a slot',
  },
};
