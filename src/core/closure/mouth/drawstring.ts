import { BEAD_GRIPS, CORD_TAIL_MM, TIED_CORD_TIMES, TIE_MM } from '@/core/defaults';
import { usualDrawstring, type Drawstring } from '@/core/design';
import { COMMON_PRACTICE, GEOMETRY, MEMORY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import {
  nameAt,
  pathOf,
  type FabricMark,
  type FittingInput,
  type FittingKind,
  type FittingStage,
  type MarkMove,
  type StepRule,
} from '@/core/fittings';
import { isInRounds, isLengthwise, isOneOfTwo, stripOf, trackAlongMm, trackRow } from '@/core/pieces';
import { backEndOf } from '@/core/placing';
import { ownCodes, type Problem, type Repair } from '@/core/problems';
import { closingStage } from './closesMouth';
import { cordPath } from './cordPath';

/** What is doubtful of a drawstring; lengths in mm. */
export interface DrawstringProblems {
  'cord-no-row': object;
  'cord-few-stitches': { stitches: number };
  'cord-below-face': { belowRows: number; mostRows: number };
  'cord-too-thick': { cordMm: number; stitchMm: number };
  'bead-slips': { holeMm: number; mostMm: number };
  'bead-too-tight': { holeMm: number; leastMm: number };
  'long-cords': object;
}
export interface DrawstringRepairs {
  'cord-below-to': { belowRows: number };
  'cord-through-eyelets': object;
  'cord-through-casing': object;
  'bead-hole-to': { holeMm: number };
  'take-cord-out': object;
}

const ours = ownCodes<DrawstringProblems, DrawstringRepairs>();

/** With fewer stitches all round there is no going in and out. Ours. */
const LEAST_ROUND = 8;

/** A cord no thicker than this share of a stitch goes between two of them. From memory. */
const BETWEEN_STITCHES = 0.9;

export interface DrawstringStage extends FittingStage<Drawstring> {
  /** Stitches from one pass to the next, from the centre front on; none where it runs in a casing. */
  path: number[];
  row: number;
  figures: {
    row: Figure;
    passes: Figure;
    round: Figure;
    cord: Figure;
    open: Figure;
    closed: Figure;
    /** The strip that the cord runs in, of one that runs in a casing: its stitches across, and how long it is. */
    casingStitches: Figure | null;
    casingLength: Figure | null;
  };
}

/** A cord that runs in and out of a row below the mouth and draws it together. */
export const drawstring: FittingKind<Drawstring, DrawstringStage> = {
  usual: usualDrawstring,
  plan(choice, bag) {
    const { at, pouch, set } = bag;
    const counts = roundOf(choice, bag);
    if (counts === null)
      return {
        ok: false,
        problems: [
          ours.problem({
            code: 'cord-no-row',
            severity: 'decide',
            place: 'closures',
            path: pathOf(at),
            values: {},
            repairs: [takeOut(bag)],
          }),
        ],
      };
    if (counts.front + counts.back < LEAST_ROUND)
      return {
        ok: false,
        problems: [
          ours.problem({
            code: 'cord-few-stitches',
            severity: 'decide',
            place: 'closures',
            path: pathOf(at),
            values: { stitches: counts.front + counts.back },
            repairs: [takeOut(bag)],
          }),
        ],
      };
    const row = trackRow(set.tracks.front, rowBelow(choice, pouch.frontRows));
    const passes = passesOf(choice, counts.front + counts.back, pouch.stitchMm);
    const path = choice.through === 'casing' ? [] : cordPath(counts, passes);
    const figures = figuresOf(choice, { row, passes, stitches: counts.front + counts.back }, bag);
    const casing = casingFabric(figures, bag);
    const tassels = choice.ends === 'tassels' ? tasselYarn(choice, bag) : null;
    return {
      ok: true,
      stage: {
        ...closingStage({
          choice,
          at,
          closes: 'mouth',
          // Drawn together, it leaves no stretch of its own.
          holds: [[-figures.round.value, figures.round.value]],
          marks:
            choice.through === 'casing'
              ? casingMarks(choice, counts, figures, bag)
              : marksOf(choice, path, counts, bag),
          workedOn: casing ? [casing] : [],
          threads: tassels ? [tassels] : [],
          tails: casing ? 2 : 0,
          sewn:
            figures.casingLength === null
              ? []
              : [{ label: 'Both long edges of the casing', mm: 2 * figures.casingLength.value }],
          steps: stepsOf(choice, bag),
          asked: [...(Object.values(figures) as (Figure | null)[]), casing, tassels].filter(
            (figure) => figure !== null,
          ),
          problems: problemsOf(choice, bag),
        }),
        path,
        row,
        figures,
      },
    };
  },
};

const rowBelow = ({ belowRows }: Drawstring, rows: number): number => Math.max(1, Math.min(rows, belowRows));

/**
 * Stitches of the row all round: of the front, and of the back, each with half of a strip's end at either side; null where no row runs round, as on
 * two discs.
 */
function roundOf(choice: Drawstring, { pouch, set }: FittingInput): { front: number; back: number } | null {
  const { front } = set.tracks;
  const piece = set.pieces.find(({ id }) => id === front.piece);
  if (piece?.kind !== 'rows') return null;
  const ofFace = piece.rows[trackRow(front, rowBelow(choice, pouch.frontRows)) - 1]?.stitches ?? pouch.topStitches;
  if (isInRounds(piece)) return { front: ofFace, back: ofFace };
  const strip = stripOf(set);
  const isBetween = strip && (strip.id === 'gusset' || isOneOfTwo(strip));
  const ofStrip = isBetween ? (isLengthwise(strip) ? strip.rows.length : strip.startStitches) : 0;
  return { front: ofFace + ofStrip, back: ofFace + ofStrip };
}

/** An even number, so that both ends come out on the same face. */
const passesOf = ({ everyMm, through }: Drawstring, stitches: number, stitchMm: number): number => {
  // Through a casing it only goes in and comes out, at the middle of the front.
  if (through === 'casing') return 2;
  const most = 2 * Math.floor(stitches / 4);
  return Math.max(4, Math.min(most, 2 * Math.round((stitches * stitchMm) / everyMm / 2)));
};

function figuresOf(
  choice: Drawstring,
  { row, passes, stitches }: { row: number; passes: number; stitches: number },
  { pouch, gauge, at }: FittingInput,
): DrawstringStage['figures'] {
  const name = (id: string) => nameAt(at, `cord.${id}`);
  const roundMm = stitches * pouch.stitchMm;
  const round = makeFigure(
    name('round'),
    'Row of the cord, all round',
    roundMm,
    'mm',
    {
      rule: 'Stitches of the row, all round, times the width of one.',
      inputs: [input('Stitches all round', stitches, 'stitch'), inputFrom(gauge.stitchWidth)],
      source: GEOMETRY,
    },
    stitches * (gauge.stitchWidth.plusMinus ?? 0),
  );
  const tied = choice.closedBy === 'bow';
  const cord = makeFigure(
    name('length'),
    choice.cords === 2 ? 'Each cord' : 'Cord',
    tied ? TIED_CORD_TIMES * roundMm : roundMm + 2 * CORD_TAIL_MM,
    'mm',
    tied
      ? {
          rule: 'Two and a half times round, so that it can be tied.',
          inputs: [inputFrom(round)],
          source: COMMON_PRACTICE,
        }
      : {
          rule: 'Once round, and both ends that leave the mouth when it stands open.',
          inputs: [inputFrom(round), input('Each end', CORD_TAIL_MM, 'mm')],
          source: MEMORY,
        },
    (tied ? TIED_CORD_TIMES : 1) * (round.plusMinus ?? 0),
  );
  const passesFigure = makeFigure(name('passes'), 'Times it passes through', passes, 'count', {
    rule:
      choice.through === 'casing'
        ? 'Into the casing and out of it, at the middle of the front.'
        : 'The row all round, divided by about so far as you wish from one to the next, to the nearest even number: then both ends come out on the outer face.',
    inputs: choice.through === 'casing' ? [] : [inputFrom(round), input('About every', choice.everyMm, 'mm')],
    source: GEOMETRY,
  });
  // In a casing it lies in as many folds as would be about so far from each other.
  const folds = choice.through === 'casing' ? Math.max(4, Math.round(roundMm / choice.everyMm)) : passes;
  const gatheredMm = folds * pouch.layers.fabricMm * (choice.through === 'casing' ? 2 : 1);
  const casingStitches =
    choice.through === 'casing' ? casingStitchesFigure(name('casing'), choice, { pouch, gauge }) : null;
  const end = (id: string, label: string, usedMm: number, rule: string, inputs: Figure[]) =>
    makeFigure(name(id), label, Math.max(0, (cord.value - usedMm) / 2), 'mm', {
      rule,
      inputs: [inputFrom(cord), ...inputs.map(inputFrom)],
      source: MEMORY,
    });
  return {
    row: makeFigure(name('row'), 'Row of the cord', row, 'row number', {
      rule: 'So many rows below the front’s upper edge as you wish.',
      inputs: [input('Rows below the edge', choice.belowRows, 'row')],
      source: GEOMETRY,
    }),
    passes: passesFigure,
    casingStitches,
    casingLength: casingStitches ? casingLengthFigure(name('casingLength'), choice, round) : null,
    round,
    cord,
    open: end('open', 'Each end, mouth open', roundMm, 'Half of what the cord is longer than the row all round.', [
      round,
    ]),
    closed: end(
      'closed',
      'Each end, drawn together',
      gatheredMm,
      'Half of what is left of the cord once the row is drawn together: a fold at every pass, each as thick as the fabric.',
      [passesFigure, gauge.fabricThickness],
    ),
  };
}

/** A casing beside the cord, on either side of it, mm: room to slip, and an edge to sew. From memory. */
const CASING_PLAY_MM = 3;

const casingStitchesFigure = (
  id: string,
  { cordMm }: Drawstring,
  { pouch, gauge }: Pick<FittingInput, 'pouch' | 'gauge'>,
): Figure =>
  makeFigure(
    id,
    'Stitches across the casing',
    Math.max(3, Math.ceil(((Math.PI / 2) * cordMm + 2 * CASING_PLAY_MM) / pouch.stitchMm)),
    'stitch',
    {
      rule: 'Half round the cord, and room to slip on either side, in whole stitches, up to the next; three at least.',
      inputs: [
        input('Cord, thick', cordMm, 'mm'),
        input('Room on either side', CASING_PLAY_MM, 'mm'),
        inputFrom(gauge.stitchWidth),
      ],
      source: MEMORY,
    },
  );

/** Between the ends of a casing, for each cord that leaves it, mm: twice as wide as the cord, and a little. From memory. */
const casingGapMm = ({ cordMm }: Drawstring): number => 2 * cordMm + 4;

const casingLengthFigure = (id: string, choice: Drawstring, round: Figure): Figure =>
  makeFigure(
    id,
    choice.cords === 2 ? 'Casing, both halves together' : 'Casing, long',
    Math.max(0, round.value - choice.cords * casingGapMm(choice)),
    'mm',
    {
      rule: 'The row all round, less a gap where each cord leaves it: at the middle of the front, and with two cords at the middle of the back.',
      inputs: [
        inputFrom(round),
        input('Gap for a cord', casingGapMm(choice), 'mm'),
        input('Gaps', choice.cords, 'count'),
      ],
      source: GEOMETRY,
    },
    round.plusMinus,
  );

function casingFabric(
  { casingStitches, casingLength }: DrawstringStage['figures'],
  { pouch, gauge, at }: FittingInput,
): Figure | null {
  if (!casingStitches || !casingLength) return null;
  return makeFigure(
    nameAt(at, 'cord.casingFabric'),
    'Fabric of the casing',
    casingStitches.value * pouch.stitchMm * casingLength.value,
    'mm2',
    {
      rule: 'Its stitches, times the width of one, times its length.',
      inputs: [inputFrom(casingStitches), inputFrom(casingLength), inputFrom(gauge.stitchWidth)],
      source: GEOMETRY,
    },
  );
}

/** Small tassels at the ends of the cords: so long, and wound so often. From memory. */
export const END_TASSEL = { lengthMm: 45, wraps: 16 } as const;

function tasselYarn({ cords }: Drawstring, { at }: FittingInput): Figure {
  const oneMm = 2 * END_TASSEL.wraps * END_TASSEL.lengthMm + TIE_MM;
  return makeFigure(nameAt(at, 'cord.tassels'), 'Yarn of the tassels', (2 * cords * oneMm) / 1000, 'm', {
    rule: 'Once down the card and up again for every wrap, and what binds it, for each end of each cord. As it is held, all strands together.',
    inputs: [
      input('Tassel, long', END_TASSEL.lengthMm, 'mm'),
      input('Wraps', END_TASSEL.wraps, 'count'),
      input('Ends', 2 * cords, 'count'),
    ],
    source: MEMORY,
  });
}

/** Moved along the front, the cord goes to another row. */
const moveOf = ({ belowRows }: Drawstring, { at, pouch, set }: FittingInput): Omit<MarkMove, 'isGripped'> => ({
  way: 'along',
  path: [...pathOf(at), 'belowRows'],
  valueMm: belowRows * pouch.rowMm,
  countedMm: pouch.rowMm,
  perMm: 1,
  leastMm: pouch.rowMm,
  mostMm: 60 * pouch.rowMm,
  stepMm: pouch.rowMm,
  alongPiece: set.tracks.front.step,
  setMm: belowRows * pouch.rowMm,
});

/** Where each cord leaves its casing, on the outer face; and the casing along the row inside. */
function casingMarks(
  choice: Drawstring,
  counts: { front: number; back: number },
  { casingStitches }: DrawstringStage['figures'],
  bag: FittingInput,
): FabricMark[] {
  const { set, pouch, at } = bag;
  const k = rowBelow(choice, pouch.frontRows);
  const move = moveOf(choice, bag);
  const wideMm = (casingStitches?.value ?? 0) * pouch.stitchMm;
  const faces = (['front', 'back'] as const).filter(
    // Of rounds that lie flat both faces are the same rows.
    (face) => face === 'front' || set.tracks.back.piece !== set.tracks.front.piece || !isInRoundsPiece(bag),
  );
  return faces.flatMap((face): FabricMark[] => {
    const track = set.tracks[face];
    const common = {
      of: at,
      piece: track.piece,
      alongMm: trackAlongMm(track, (k - 0.5) * pouch.rowMm, pouch.rowMm),
      stationMm: null,
      count: null,
      stuff: 'cord',
      throughMm: [],
      presence: 'set',
    } as const;
    const halfMm = (counts[face] * pouch.stitchMm) / 2;
    const exits = face === 'front' || choice.cords === 2 ? [-1, 1] : [];
    return [
      ...exits.map((side, index): FabricMark => ({
        ...common,
        mark: nameAt(at, 'cord'),
        face: 'outer',
        acrossMm: (side * casingGapMm(choice)) / 2,
        foldedMm: face === 'front' ? (k - 0.5) * pouch.rowMm : backEndOf(pouch) - (k - 0.5) * pouch.rowMm,
        form: { kind: 'disc', radiusMm: Math.max(1, choice.cordMm / 2) },
        standsMm: choice.cordMm / 2,
        move: face === 'front' ? { ...move, isGripped: index === 0 } : null,
      })),
      {
        ...common,
        mark: nameAt(at, 'cord.casing'),
        face: 'inner',
        acrossMm: -halfMm,
        form: { kind: 'line', toAcrossMm: 2 * halfMm, toAlongMm: 0, wideMm },
        stuff: 'stitches',
        standsMm: pouch.layers.fabricMm,
        move: null,
      },
    ];
  });
}

const isInRoundsPiece = ({ set }: FittingInput): boolean =>
  set.pieces.some((piece) => piece.id === set.tracks.front.piece && isInRounds(piece));

/** A spot at every pass, on both faces. */
function marksOf(
  choice: Drawstring,
  path: readonly number[],
  counts: { front: number; back: number },
  bag: FittingInput,
): FabricMark[] {
  const { set, pouch, at } = bag;
  const { stitchMm, rowMm } = pouch;
  const k = rowBelow(choice, pouch.frontRows);
  const all = counts.front + counts.back;
  let from = (path[0] as number) / 2;
  const places = path.slice(1).map((gap) => {
    const place = from;
    from += gap;
    return place;
  });
  places.push(from);
  const radiusMm = Math.max(1, choice.cordMm / 2);
  const move = moveOf(choice, bag);
  return places.flatMap((place, index): FabricMark[] => {
    // From the centre front round to the left; past a quarter it is on the back.
    const onFront = place <= counts.front / 2 || place >= all - counts.front / 2;
    const face = onFront ? 'front' : 'back';
    const fromMiddle = onFront ? (place > all / 2 ? place - all : place) : all / 2 - place;
    const track = set.tracks[face];
    const piece = set.pieces.find(({ id }) => id === track.piece);
    const ofFace = piece?.kind === 'rows' ? (piece.rows[trackRow(track, k) - 1]?.stitches ?? 0) : 0;
    // Beyond the face it is on the strip's end.
    if (Math.abs(fromMiddle) > ofFace / 2) return [];
    return [
      {
        mark: nameAt(at, 'cord'),
        of: at,
        piece: track.piece,
        face: 'outer',
        acrossMm: fromMiddle * stitchMm,
        alongMm: trackAlongMm(track, (k - 0.5) * rowMm, rowMm),
        stationMm: null,
        foldedMm: face === 'front' ? (k - 0.5) * rowMm : backEndOf(pouch) - (k - 0.5) * rowMm,
        count: null,
        form:
          choice.through === 'eyelets'
            ? { kind: 'ring', radiusMm: radiusMm + 2, wireMm: 1.5 }
            : { kind: 'disc', radiusMm },
        stuff: choice.through === 'eyelets' ? 'metal' : 'cord',
        standsMm: choice.through === 'eyelets' ? 1.5 : choice.cordMm / 2,
        throughMm: choice.through === 'eyelets' ? [pouch.layers.fabricMm] : [],
        presence: 'set',
        move: face === 'front' ? { ...move, isGripped: index === 0 } : null,
      },
    ];
  });
}

/** Eyelets go through the crochet alone; the cord is drawn in once nothing more is sewn. */
const stepsOf = ({ through }: Drawstring, { design }: FittingInput): StepRule[] => [
  ...(through === 'eyelets'
    ? [
        {
          name: 'set-eyelets',
          after: ['blocked'],
          before: design.lining ? (['covered'] as const) : [],
          mark: 'cord',
        },
      ]
    : []),
  ...(through === 'casing'
    ? [
        { name: 'work-casing', after: ['begun'], before: [] },
        // On the inner face, over a lining where there is one.
        { name: 'sew-casing', after: ['joined', 'covered', 'work-casing'], before: [], mark: 'cord.casing' },
      ]
    : []),
  {
    name: 'thread-cord',
    after: ['blocked', 'joined', 'covered', 'set-eyelets', 'sew-casing'],
    before: [],
    mark: 'cord',
  },
];

const takeOut = ({ design, at }: FittingInput): Repair =>
  ours.repair({
    code: 'take-cord-out',
    values: {},
    edits: [{ path: ['closures'], value: design.closures.filter((_, index) => index !== at.index) }],
  });

function problemsOf(choice: Drawstring, bag: FittingInput): Problem[] {
  const { pouch, at } = bag;
  const { cordMm, beadHoleMm, belowRows, through, closedBy } = choice;
  const told = { place: 'closures', mark: nameAt(at, 'cord') } as const;
  const path = (field: string) => [...pathOf(at), field];
  const problems: Problem[] = [
    ours.problem({ code: 'long-cords', severity: 'mind', path: pathOf(at), values: {}, repairs: [], ...told }),
  ];
  const mostRows = Math.max(1, Math.floor(Math.min(pouch.frontRows, pouch.backRows) / 2));
  if (belowRows > mostRows)
    problems.push(
      ours.problem({
        code: 'cord-below-face',
        severity: 'decide',
        path: path('belowRows'),
        values: { belowRows, mostRows },
        repairs: [
          ours.repair({
            code: 'cord-below-to',
            values: { belowRows: mostRows },
            edits: [{ path: path('belowRows'), value: mostRows }],
          }),
        ],
        ...told,
      }),
    );
  if (through === 'stitches' && cordMm > BETWEEN_STITCHES * pouch.stitchMm)
    problems.push(
      ours.problem({
        code: 'cord-too-thick',
        severity: 'decide',
        path: path('cordMm'),
        values: { cordMm, stitchMm: pouch.stitchMm },
        repairs: [
          ours.repair({
            code: 'cord-through-eyelets',
            values: {},
            edits: [{ path: path('through'), value: 'eyelets' }],
          }),
          ours.repair({
            code: 'cord-through-casing',
            values: {},
            edits: [{ path: path('through'), value: 'casing' }],
          }),
        ],
        ...told,
      }),
    );
  if (closedBy === 'bead') problems.push(...beadProblems(cordMm, beadHoleMm, path('beadHoleMm'), told));
  return problems;
}

/** A bead whose hole is too wide or too narrow for two strands. */
function beadProblems(
  cordMm: number,
  holeMm: number,
  path: (string | number)[],
  told: { place: 'closures'; mark: string },
): Problem[] {
  const [leastMm, mostMm] = [BEAD_GRIPS.least * cordMm, BEAD_GRIPS.most * cordMm];
  if (holeMm >= leastMm && holeMm <= mostMm) return [];
  const gripsMm = Math.min(40, Math.max(1, Math.round((leastMm + mostMm) * 2) / 4));
  const repairs = [
    ours.repair({ code: 'bead-hole-to', values: { holeMm: gripsMm }, edits: [{ path, value: gripsMm }] }),
  ];
  return [
    holeMm > mostMm
      ? ours.problem({ code: 'bead-slips', severity: 'decide', path, values: { holeMm, mostMm }, repairs, ...told })
      : ours.problem({
          code: 'bead-too-tight',
          severity: 'decide',
          path,
          values: { holeMm, leastMm },
          repairs,
          ...told,
        }),
  ];
}
