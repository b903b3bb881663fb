import type { CutLining, FlapLining, FlatLining } from '@/core/design';
import {
  LINING_NAMES,
  frays,
  type CrochetedProblems,
  type CrochetedRepairs,
  type CrochetedStage,
  type DropInProblems,
  type DropInRepairs,
  type DropInStage,
  type JoinMap,
  type JoinedSpan,
  type LayOverProblems,
  type LayOverRepairs,
  type LayOverStage,
  type LiningPattern,
} from '@/core/lining';
import { ringBounds } from '@/core/cutting';
import { isInRounds, type PieceId } from '@/core/pieces';
import { PIECE_NAMES } from '../pieceNames';
import { formatQuantity } from '../quantity';
import { spreadText } from '../spreadText';
import { stepWords, type LengthWriter } from '../stepWords';
import type { FittingWords, WordedBag } from './words';

const STUFFS: Readonly<Record<FlatLining['stuff'], string>> = {
  cloth: 'Lining cloth',
  felt: 'Felt',
  fleece: 'Fleece',
  vinyl: 'Vinyl',
};

/** What a lining is of, with the pieces it is cut in. */
const materials = ({ choice, patterns, interfacing }: LayOverStage | DropInStage, { design }: WordedBag): string[] => {
  const length = (mm: number) => formatQuantity(mm, 'mm', design.settings.lengthUnit);
  const pieces = patterns.map(
    ({ copies, layers, cutWidth, cutHeight }) =>
      `${copies * layers > 1 ? `${copies * layers} of ` : ''}${length(cutWidth.value)} by ${length(cutHeight.value)}`,
  );
  const stuck = interfacing.map(({ copies, cut }) => {
    const { widthMm, heightMm } = ringBounds(cut);
    return `${copies > 1 ? `${copies} of ` : ''}${length(widthMm)} by ${length(heightMm)}`;
  });
  return [
    `${STUFFS[choice.stuff]}: ${pieces.join('; ')}.`,
    ...(stuck.length > 0 ? [`Iron-on interfacing: ${stuck.join('; ')}.`] : []),
    choice.joined === 'through-holes'
      ? 'A slotted rotary blade or an awl, a fine hook, thin strong yarn.'
      : `Sewing thread${choice.joined === 'by-machine' ? ', a sewing machine' : ''} and needle${frays(choice) ? ', an iron' : ''}.`,
  ];
};

/** The pieces to cut, each with how many. */
function cutText(patterns: readonly LiningPattern[], length: LengthWriter): string {
  const alone = patterns.length === 1;
  return patterns
    .map((piece, index) => {
      const cut = piece.copies * piece.layers;
      const count = cut === 1 ? `${index === 0 ? 'One' : 'one'} piece` : `${cut} pieces`;
      const named = alone ? '' : ` for the ${LINING_NAMES[piece.id]}`;
      const doubled = piece.layers > 1 ? ', laid on each other two and two' : '';
      return `${count}${named}${doubled}, ${length(piece.cutWidth.value)} by ${length(piece.cutHeight.value)}`;
    })
    .join('; ');
}

const SPANS: Readonly<Record<JoinMap['spans'][number]['name'], string>> = {
  front: 'Front',
  back: 'Back',
  side: 'Side',
  start: 'Where it begins',
  end: 'Where it ends',
};

/** A line to work by for one stretch of the edge: its name, and stitches of the bag over holes of the lining. */
export const joinLine = (
  { name, bag, lining }: JoinedSpan,
  of: JoinMap['of'] = 'hole',
): { name: string; counts: string } => ({
  name: SPANS[name],
  counts: `${bag} over ${lining} ${of === 'hole' ? 'holes' : 'stitches'}, ${spreadText(bag, lining, { place: of })}`,
});

/** Such a line for every stretch, from anchor to anchor. */
const joinText = ({ spans, of }: JoinMap): string =>
  spans
    .map((span) => joinLine(span, of))
    .map(({ name, counts }) => `${name}: ${counts}`)
    .join('. ');

const edgeStep = ({ choice, join }: LayOverStage | DropInStage, { length }: WordedBag, isDropIn: boolean) =>
  stepWords(
    'Perforate the lining and crochet its edge',
    `Holes ${length(choice.pitchMm)} from each other, ${length(choice.holesInMm)} in from ${isDropIn ? 'its edge' : 'its edge all round'}${join ? `: ${join.figures.lining.value} in all` : ''}. ${perforating(choice)}With a fine hook and thinner yarn work a single crochet and a chain into every hole. ${isDropIn ? 'At the mouth front and back each on its own, the other folded back, so that it stays open. ' : ''}Slotted blades and awls: cut away from your hand, on a mat.`,
    'Count the holes: write yours down where they differ.',
  );

/** How what lies in two layers is perforated. */
const perforating = ({ layers, perforated }: CutLining): string =>
  layers === 1
    ? ''
    : perforated === 'together'
      ? 'Both layers at once, held together with clips, so that their holes meet. '
      : 'Each layer by itself, by the printed piece, so that their holes meet. ';

/** Interfacing is stuck on while the pieces lie flat. */
const fuseStep = ({ interfacing, choice }: LayOverStage | DropInStage, { length }: WordedBag) =>
  stepWords(
    'Stick the interfacing on',
    `${interfacing
      .map(({ id, copies, cut }) => {
        const { widthMm, heightMm } = ringBounds(cut);
        const named = interfacing.length === 1 ? '' : `${LINING_NAMES[id]}: `;
        return `${named}${copies > 1 ? `${copies} of ` : ''}${length(widthMm)} by ${length(heightMm)}`;
      })
      .join(
        '; ',
      )}, to the wrong side, inside the ${choice.joined === 'through-holes' ? 'holes' : 'seam line'}. Try heat and time on a scrap, press without sliding, let it cool lying flat. Mind the hot iron.`,
    'It holds at its corners too.',
  );

const joinedText = (join: JoinMap | null): string => (join ? ` ${joinText(join)}. Clip where the stretches meet.` : '');

const meltsText = ({ stuff }: { stuff: CutLining['stuff'] }): string =>
  `${STUFFS[stuff]} melts or shrinks under the iron that sticks interfacing on. Tack in a sort that is not stuck, and put that down as a layer more.`;

/** What is said of every lining. */
const ALIKE = {
  takeOff: 'Take the lining out',
  added: 'Lining added',
  takenOff: 'Lining taken out',
  grip: null,
  worked: '',
  materials,
  inspect: null,
};

const joinTickets = (join: JoinMap | null) =>
  join ? [[join.figures.lining, join.figures.bag].map((figure) => ({ figure, mark: 'lining' }))] : [];

const layOverWords = <Choice extends FlatLining | FlapLining>(
  title: string,
): FittingWords<LayOverStage<Choice>, LayOverProblems, LayOverRepairs> => ({
  title,
  add: `Add a ${title.charAt(0).toLowerCase()}${title.slice(1)}`,
  ...ALIKE,
  steps: {
    'cut-lining': ({ patterns, cloth, choice }, { length }) => {
      const alone = patterns.length === 1;
      const shaped = cloth.some(({ toOutline }) => toOutline)
        ? ` Where a piece is shaped, lay the crochet on the cloth and cut to its outline, ${frays(choice) ? 'with the same allowance all round' : 'as much inside all round'}; or cut by the printed piece.`
        : '';
      return stepWords(
        'Cut the lining',
        `${cutText(patterns, length)}${frays(choice) ? '; along the grain' : ''}. Measure your own ${alone ? 'panel' : 'pieces'} first.${shaped}`,
      );
    },
    'fuse-interfacing': fuseStep,
    'press-lining': ({ cloth, turnUnder }, { length }) =>
      stepWords(
        'Press the lining’s edges under',
        `${length(turnUnder.value)} on every side, to ${cloth.map((piece) => `${length(piece.finishedWidth.value)} by ${length(piece.finishedLength.value)}`).join(', ')}. Mind the hot iron.`,
      ),
    'edge-lining': (stage, bag) => edgeStep(stage, bag, false),
    'sew-lining': ({ choice, join }, { plan }) => {
      const how = {
        'by-hand': 'whip',
        'by-machine':
          'stitch by machine close to its edge, with a long stitch and paper under the crochet, which is torn off,',
        'through-holes': 'join stitch to stitch with single crochet',
      }[choice.joined];
      return plan.pieces.some(isInRounds) && choice.kind === 'flat'
        ? stepWords(
            'Sew the lining in',
            `Join the short ends of the piece that goes round, right sides together, and ${plan.pieces.some(({ kind }) => kind === 'oval') ? 'its lower edge to the piece for the base' : 'close its lower edge'}. Wrong side to wrong side in the bag; ${how} round the mouth${plan.flap.onPiece ? ' and the flap' : ''}, a little inside the crochet’s edge${plan.straps.length > 0 ? ', over the feet of the strap' : ''}.${joinedText(join)}`,
            'No ripples; the seams of the lining face the crochet.',
          )
        : stepWords(
            'Sew the lining on',
            `Wrong side to wrong side, ${frays(choice) ? 'pressed ' : ''}edges a little inside the crochet’s; ${how} all round.${joinedText(join)}`,
            'No ripples when it is bent as it will be folded.',
            plan.joins.some(({ made }) => made === 'sewn') ? 'After the seams there is no laying it flat.' : null,
          );
    },
  },
  tickets: ({ choice, turnUnder, cloth, join }) => [
    cloth.flatMap(({ cutWidth, cutLength }) => [cutWidth, cutLength].map((figure) => ({ figure, mark: 'lining.cut' }))),
    // What does not fray is cut at its finished edge.
    frays(choice)
      ? [turnUnder, ...cloth.flatMap(({ finishedWidth, finishedLength }) => [finishedWidth, finishedLength])].map(
          (figure) => ({ figure, mark: 'lining.press' }),
        )
      : [],
    ...joinTickets(join),
  ],
  quotes: {
    steps: {
      'cut-lining': ['lining.cutWidth', 'lining.cutLength'],
      'press-lining': ['lining.turnUnder', 'lining.finishedWidth', 'lining.finishedLength'],
      'edge-lining': ['lining.holes'],
      'sew-lining': ['lining.holes', 'lining.bagEdge'],
    },
    materials: ['lining.cutWidth', 'lining.cutLength'],
    worked: [],
  },
  problems: {
    'interfacing-melts': meltsText,
    'lining-without-flap': () => 'This bag has no flap whose inner face could be lined: it is left out.',
  },
  repairs: {
    'interfacing-out': () => 'Leave the interfacing out',
    'lining-off': () => 'Leave the lining out',
    'lining-flat': () => 'Line all of it',
  },
});

/** All words of linings that are laid over the crochet. */
export const flatLiningWords = layOverWords<FlatLining>('Flat lining');
export const flapLiningWords = layOverWords<FlapLining>('Lining of the flap alone');

/** How the seams of a drop-in lining are sewn, by how it is cut. */
function seamsText({ patterns, cutAs, choice, inside, opening }: DropInStage, { length }: WordedBag): string {
  const has = (id: string) => patterns.some((piece) => piece.id === id);
  const deep = inside.depth ? length(inside.depth.value / 2) : null;
  const box = deep
    ? ` Flatten each lower corner, seam on seam, and sew across it ${deep} from its point, as marked.`
    : '';
  const seams =
    cutAs === 'folded'
      ? `Fold it in the middle, right sides together, and sew both sides.${box}`
      : cutAs === 'two'
        ? `Right sides together, sew both sides and the bottom.${box}`
        : has('disc')
          ? 'Sew the band round both discs, right sides together, its ends at the mouth; leave the mouth open.'
          : has('base')
            ? 'Sew the wall’s short ends together, then its lower edge to the base, notch to notch.'
            : has('gusset')
              ? 'Sew the gusset to the front and to the back, right sides together, notch to notch at the middle of the base.'
              : has('band')
                ? 'Sew a band into each side, its end between both notches.'
                : 'Sew both sides; then pull each corner open and sew its cut edges together.';
  const hem =
    frays(choice) && choice.hemMm > 0 && choice.joined !== 'by-machine'
      ? ` Turn ${length(choice.hemMm)} in at the edge and press it. Mind the hot iron.`
      : '';
  const open = opening ? ` Leave ${length(opening.value)} open where it is marked.` : '';
  return `${seams} ${length(choice.seamMm)} from the edge; press the seams open${frays(choice) ? '' : ' with your nail'}.${open}${hem}`;
}

/** How the seams of a lining are crocheted through holes, edges on edges. */
function crochetedSeamsText(
  { patterns, choice, cutAs, inside }: DropInStage,
  holes: number,
  { length }: WordedBag,
): string {
  const [first] = patterns;
  const alike = cutAs === 'folded' ? 'Fold it in the middle' : 'Lay the pieces on each other';
  const together = choice.perforated === 'together' || choice.layers > 1;
  const box = inside.depth && cutAs !== 'walls' ? ` Flatten each lower corner and sew across it, as marked.` : '';
  return `Perforate every seam, holes ${length(choice.pitchMm)} from each other and ${length(choice.holesInMm)} in from the edge, ${
    together ? 'through all that meets there at once, held with clips' : 'each piece by itself, by the printed piece'
  }: ${holes} along the ${LINING_NAMES[first.id]}. ${alike}, wrong sides together, edges even; with a fine hook and thinner yarn work a single crochet and a chain into every hole, through both. Leave the mouth. Slotted blades and awls: cut away from your hand, on a mat.${box}`;
}

/** All words of a lining that is put into the bag. */
export const dropInLiningWords: FittingWords<DropInStage, DropInProblems, DropInRepairs> = {
  title: 'Drop-in lining',
  add: 'Add a drop-in lining',
  ...ALIKE,
  steps: {
    'cut-lining': ({ patterns, choice }, { length }) =>
      stepWords(
        'Cut the lining',
        `${cutText(patterns, length)}${frays(choice) ? '; along the grain' : ''}; or by the printed pieces. Measure the inside of your own bag first.`,
      ),
    'fuse-interfacing': fuseStep,
    'sew-lining-seams': (stage, bag) =>
      stepWords(
        stage.seamHoles ? 'Crochet the lining’s seams' : 'Sew the lining’s seams',
        stage.seamHoles ? crochetedSeamsText(stage, stage.seamHoles.value, bag) : seamsText(stage, bag),
        `Finished it is ${bag.length(stage.inside.width.value)} across and ${bag.length(stage.inside.height.value)} up${stage.inside.depth ? `, ${bag.length(stage.inside.depth.value)} from front to back` : ''}.`,
      ),
    'edge-lining': (stage, bag) => edgeStep(stage, bag, true),
    'put-lining-in': ({ choice, join }, { length, plan }) =>
      choice.joined === 'by-machine'
        ? stepWords(
            'Sew the lining in and turn it',
            `The bag right side out, in the lining, right sides together, seam to side; clip it. By machine with a long stitch round the mouth, ${length(choice.belowMm)} below the crochet’s edge${plan.straps.length > 0 ? ', the straps out of the way between both' : ''}. Draw the bag out through the opening, sew that shut by hand, and push the lining in.`,
            'No ripples; nothing is caught that should hang free.',
          )
        : stepWords(
            'Put the lining in',
            `Wrong side to wrong side, its seams to the crochet; its edge ${length(choice.belowMm)} below the mouth, seam to side. ${choice.joined === 'through-holes' ? 'Join its edge stitch to stitch with single crochet.' : 'Pin the middles first, then whip it round.'}${joinedText(join)}${plan.straps.length > 0 ? ' Over the feet of the strap.' : ''}`,
            'No ripples, and nothing bags out when it is loaded.',
          ),
  },
  tickets: ({ patterns, inside, join, opening, seamHoles }) => [
    patterns.flatMap(({ cutWidth, cutHeight }) =>
      [cutWidth, cutHeight].map((figure) => ({ figure, mark: 'lining.cut' })),
    ),
    [
      inside.width,
      inside.height,
      ...(inside.depth ? [inside.depth] : []),
      ...(opening ? [opening] : []),
      ...(seamHoles ? [seamHoles] : []),
    ].map((figure) => ({ figure, mark: 'lining.press' })),
    ...joinTickets(join),
  ],
  quotes: {
    steps: {
      'cut-lining': ['lining.cutWidth', 'lining.cutLength'],
      'sew-lining-seams': [
        'lining.opening',
        'lining.seamHoles',
        'lining.insideWidth',
        'lining.insideHeight',
        'lining.insideDepth',
      ],
      'edge-lining': ['lining.holes'],
      'put-lining-in': ['lining.holes', 'lining.bagEdge'],
    },
    materials: ['lining.cutWidth', 'lining.cutLength'],
    worked: [],
  },
  problems: {
    'interfacing-melts': meltsText,
    'lining-cut-unsuited': (v) =>
      `Cut ${v.folded ? 'in one piece and folded' : 'in two'}, a lining does not go into walls that are round. It is planned with a piece for each wall.`,
    'lining-turned-over-stiffener': () =>
      'A stiffener can’t be turned through an opening: slide it in through that before you sew it shut, or whip the lining in by hand.',
    'lining-shallow': (v, length) =>
      `The lining would be ${length(v.heightMm)} deep: its edge lies too far below the mouth of so small a bag.`,
    'lining-allowance-wide': (v, length) =>
      `Seams of ${length(v.seamMm)} are wider than half of the lining (${length(v.halfMm)}): they would lie on each other.`,
  },
  repairs: {
    'interfacing-out': () => 'Leave the interfacing out',
    'lining-as-walls': () => 'Cut it as the bag’s walls',
    'lining-edge-up': () => 'Let it reach up to the mouth',
    'lining-by-hand': () => 'Whip it in by hand',
    'lining-seam-to': (v, length) => `Sew with ${length(v.seamMm)}`,
  },
};

/** All words of a lining that is crocheted. */
export const crochetedLiningWords: FittingWords<CrochetedStage, CrochetedProblems, CrochetedRepairs> = {
  title: 'Crocheted lining',
  add: 'Add a crocheted lining',
  ...ALIKE,
  worked: 'Lining',
  workedLines: ({ own }, _bag, piecesOf) => piecesOf(own),
  beside: {
    called: (name) => `Lining: ${PIECE_NAMES[name as PieceId].toLowerCase()}`,
    rows: ({ own }, name, _bag, rowsOf) => rowsOf(own).get(name as PieceId) ?? [],
  },
  materials: ({ choice, counts }, { design }) => {
    const { lengthUnit } = design.settings;
    return [
      `Thin yarn for the lining: for ${formatQuantity(counts.fabric.value, 'mm2', lengthUnit)} of single crochet; weigh a swatch of it. Hook ${choice.hookMm} mm.`,
    ];
  },
  steps: {
    'work-lining': ({ inside, counts }, { length }) =>
      stepWords(
        'Work the lining',
        `In its thin yarn, wrong side as you like it, as written under “Lining”: ${counts.stitches.value} stitches across at the mouth, the front ${counts.rows.value} rows high. Block it.`,
        `Finished it is ${length(inside.width.value)} across and ${length(inside.height.value)} up${inside.depth ? `, ${length(inside.depth.value)} from front to back` : ''}.`,
      ),
    'join-lining-pieces': () =>
      stepWords(
        'Join the lining’s pieces',
        'As those of the bag are joined, in the lining’s own yarn; leave the mouth open.',
      ),
    'put-lining-in': ({ choice, join }, { length, plan }) =>
      stepWords(
        'Put the lining in',
        `Wrong side to wrong side, its seams to the crochet; its edge ${length(choice.belowMm)} below the mouth, side to side. Join it with slip stitches or single crochet${join ? ', so many of the bag’s stitches over its own' : ' round the mouth'}.${joinedText(join)}${plan.straps.length > 0 ? ' Over the feet of the strap.' : ''}`,
        'No ripples, and nothing bags out when it is loaded.',
      ),
  },
  tickets: ({ inside, join, counts }) => [
    [counts.stitches, counts.rows, counts.fabric].map((figure) => ({ figure })),
    [inside.width, inside.height, ...(inside.depth ? [inside.depth] : [])].map((figure) => ({ figure })),
    ...joinTickets(join),
  ],
  quotes: {
    steps: {
      'work-lining': [
        'lining.ownStitches',
        'lining.ownRows',
        'lining.insideWidth',
        'lining.insideHeight',
        'lining.insideDepth',
      ],
      'put-lining-in': ['lining.holes', 'lining.bagEdge'],
    },
    materials: ['lining.ownFabric'],
    worked: ['lining.ownStitches', 'lining.ownRows'],
  },
  problems: {
    'lining-crochet-unplanned': () =>
      'A bag as small as the inside of this one can’t be crocheted for a lining: it is left out.',
  },
  repairs: { 'lining-off': () => 'Leave the lining out' },
};
