import { CORD_TAIL_MM, TIED_CORD_TIMES } from '@/core/defaults';
import type { Drawstring } from '@/core/design';
import { COMMON_PRACTICE, GEOMETRY, MEMORY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import { nameAt, type FittingInput } from '@/core/fittings';
import { casingLengthFigure, casingStitchesFigure } from './casing';

/** The numbers of a drawstring; its row as it is counted along the piece. */
export interface DrawstringFigures {
  row: Figure;
  passes: Figure;
  round: Figure;
  cord: Figure;
  open: Figure;
  closed: Figure;
  /** The strip that the cord runs in, of one that runs in a casing: its stitches across, and how long it is. */
  casingStitches: Figure | null;
  casingLength: Figure | null;
}

/** Each number of a drawstring with its reason: where it runs, how long it is, what hangs out of it. */
export function figuresOf(
  choice: Drawstring,
  { row, passes, stitches }: { row: number; passes: number; stitches: number },
  { pouch, gauge, at }: FittingInput,
): DrawstringFigures {
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
