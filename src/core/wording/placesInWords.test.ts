import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { usualSnap, type Design } from '@/core/design';
import { isInRounds, type PieceId, type RowsPiece } from '@/core/pieces';
import { planBag, type Plan } from '@/core/plan';
import { makePiece } from '@/core/testing/literalReader';
import { PRINTED_MM, TOLD_LENGTH, toldMm } from '@/core/testing/toldLengths';
import { workableBag } from '@/core/testing/workableBag';
import { writePattern, type Pattern } from '.';

/** A place as it is told: the row, how far that is from an edge, and the stitch of how many with its distance from the row's own end. */
interface ToldPlace {
  row: number;
  edgeMm: number;
  /** Stitches from the end of the row to the middle of the snap. */
  stitches: number;
  of: number;
  endMm: number;
}

const PLACE = new RegExp(
  String.raw`(?:row|round) (\d+)(?: and \d+)?, ${TOLD_LENGTH} from the (?:flap’s|top) edge.*?, (on|after) the (\d+)\w\w stitch of (\d+), from (?:either|each) end of the row \(${TOLD_LENGTH}\)`,
);

function placeIn(line: string): ToldPlace {
  const found = PLACE.exec(line);
  if (!found) throw new Error(`no place is told: ${line}`);
  const [, row, edge, edgeUnit, onOrAfter, stitch, of, end, endUnit] = found;
  return {
    row: Number(row),
    edgeMm: toldMm(edge, edgeUnit),
    stitches: Number(stitch) - (onOrAfter === 'on' ? 0.5 : 0),
    of: Number(of),
    endMm: toldMm(end, endUnit),
  };
}

/** The stitches of a row of a piece, as its words make them. */
function stitchesOf({ sections }: Pattern, design: Design, id: PieceId, row: number): number | undefined {
  const section = sections.find((one) => one.id === id);
  return section && makePiece(section.heading, section.lines, design.settings.terms, null).counts.get(row);
}

const step = ({ sections }: Pattern, title: string): string | undefined =>
  sections.find(({ id }) => id === 'order')?.lines.find((line) => line.includes(title));

const rowsPiece = (plan: Plan, id: PieceId): RowsPiece | undefined =>
  plan.pieces.find((piece): piece is RowsPiece => piece.kind === 'rows' && piece.id === id);

const anySnap = fc.record({
  insetMm: fc.integer({ min: 12, max: 45 }),
  layout: fc.constantFrom('centre' as const, 'pair' as const),
  mate: fc.constantFrom('loaded' as const, 'between' as const, 'both' as const),
});

describe.each(BODY_KINDS)('%s: where a snap goes, recomputed from the words', (kind) => {
  test('its row has as many stitches as is told, and lies as far from its edges', () => {
    let told = 0;
    fc.assert(
      fc.property(workableBag(kind), anySnap, (bag, wished) => {
        const snap = usualSnap();
        const settings = { ...bag.settings, lengthUnit: 'cm' as const };
        const design: Design = { ...bag, settings, closures: [{ ...snap, ...wished }] };
        const result = planBag(design);
        if (!result.ok || !result.plan.closures[0]) return;
        const { plan } = result;
        const pattern = writePattern(design, plan);
        const onFlap = step(pattern, 'Set the snap on the flap');
        const onFront = step(pattern, 'Set the mate on the front');
        if (!onFlap || !onFront || plan.pieces.some((piece) => piece.kind === 'half-disc')) return;
        const flapPiece = rowsPiece(plan, 'panel') ?? rowsPiece(plan, 'back') ?? rowsPiece(plan, 'sides');
        if (!flapPiece) throw new Error('the flap is on no piece');
        const half = placeIn(onFlap);
        if (plan.flap.scallops === null) expect(stitchesOf(pattern, design, flapPiece.id, half.row)).toBe(half.of);
        expect(Math.abs(half.stitches * plan.pouch.stitchMm - half.endMm)).toBeLessThan(PRINTED_MM);
        const rows = flapPiece.rows.length;
        const fromEdge = (plan.workedFrom === 'flap-edge' ? half.row - 0.5 : rows - half.row + 0.5) - plan.flap.hemRows;
        expect(Math.abs(Math.abs(fromEdge) * plan.pouch.rowMm - half.edgeMm)).toBeLessThan(PRINTED_MM);

        if (onFront.includes('Not as it is planned')) {
          expect(plan.problems.some(({ code }) => code === 'snap-off-front' || code === 'snap-on-fold')).toBe(true);
          return;
        }
        const frontPiece = rowsPiece(plan, 'panel') ?? rowsPiece(plan, 'front') ?? flapPiece;
        const mate = placeIn(onFront);
        const worked = stitchesOf(pattern, design, frontPiece.id, mate.row);
        if (worked !== undefined) expect(worked).toBe(isInRounds(frontPiece) ? 2 * mate.of : mate.of);
        expect(Math.abs(mate.stitches * plan.pouch.stitchMm - mate.endMm)).toBeLessThan(PRINTED_MM);
        told += 1;
      }),
      { numRuns: 120 },
    );
    // A round purse has no flap to set one on.
    if (kind !== 'round-purse') expect(told).toBeGreaterThan(10);
  });
});
