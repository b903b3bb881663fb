import type { SettledDesign } from '@/core/contents';
import { pathOf, type FabricMark } from '@/core/fittings';
import { isInRounds, type Piece } from '@/core/pieces';
import { ownCodes, type Problem } from '@/core/problems';

/** What is doubtful of two things that are put on; lengths in mm. */
export interface OverlapProblems {
  'lie-on-each-other': { overMm: number };
}
export interface OverlapRepairs {
  'trim-moved': { fromEdgeMm: number };
}

const ours = ownCodes<OverlapProblems, OverlapRepairs>();

/** A mark's reach on its piece, mm: across from the middle line, and along from where the piece begins. */
interface Box {
  across: readonly [number, number];
  along: readonly [number, number];
}

/** The rectangle that a mark lies within. */
export function boxOf({ form, acrossMm, alongMm }: Pick<FabricMark, 'form' | 'acrossMm' | 'alongMm'>): Box {
  const about = (halfAcross: number, halfAlong: number): Box => ({
    across: [acrossMm - halfAcross, acrossMm + halfAcross],
    along: [alongMm - halfAlong, alongMm + halfAlong],
  });
  switch (form.kind) {
    case 'disc':
      return about(form.radiusMm, form.radiusMm);
    case 'ring':
      return about(form.radiusMm + form.wireMm / 2, form.radiusMm + form.wireMm / 2);
    case 'patch':
      return about(form.widthMm / 2, form.lengthMm / 2);
    case 'line': {
      const [across, along] = [
        [acrossMm, acrossMm + form.toAcrossMm],
        [alongMm, alongMm + form.toAlongMm],
      ].map((ends) => [Math.min(...ends), Math.max(...ends)] as const) as [
        readonly [number, number],
        readonly [number, number],
      ];
      return { across, along: [along[0] - form.wideMm / 2, along[1] + form.wideMm / 2] };
    }
    case 'outline': {
      const across = form.points.map(([one]) => acrossMm + one);
      const along = form.points.map(([, one]) => alongMm + one);
      return {
        across: [Math.min(...across), Math.max(...across)],
        along: [Math.min(...along), Math.max(...along)],
      };
    }
  }
}

/** What two stretches have in common, mm; nought or less where they lie beside each other. */
const common = (a: readonly [number, number], b: readonly [number, number]): number =>
  Math.min(a[1], b[1]) - Math.max(a[0], b[0]);

/** What is easiest moved: trim before hardware, and both before anything else. */
const MOVED_FIRST = ['trims', 'hardware'] as const;

/** By less than this things may lie on each other, mm: they give way. Ours. */
const MAY_MM = 1;

/**
 * Closures, trims and strap feet that lie on each other on the same face of a piece; each thing is told once, with the first that it lies on.
 *
 * @param marks all that is put on, as it lies on the pieces
 * @param pieces those pieces
 */
export function overlapProblems(
  design: SettledDesign,
  marks: readonly FabricMark[],
  pieces: readonly Piece[],
): Problem[] {
  // Of rounds both faces are one piece on the sheet: which of them a foot lies on is not told by it.
  const inRounds = new Set(pieces.filter(isInRounds).map(({ id }) => id));
  const told = new Set<string>();
  const set = marks.filter(
    ({ presence, of }) =>
      presence === 'set' &&
      (of.group === 'closures' || of.group === 'hardware' || of.group === 'trims' || of.group === 'straps'),
  );
  const problems: Problem[] = [];
  set.forEach((one, index) => {
    const box = boxOf(one);
    for (const other of set.slice(0, index)) {
      if (other.piece !== one.piece || other.face !== one.face) continue;
      if (other.of.group === one.of.group && other.of.index === one.of.index) continue;
      const isOfStrap = one.of.group === 'straps' || other.of.group === 'straps';
      // Whether straps cross is their own to say.
      if (isOfStrap && (inRounds.has(one.piece) || one.of.group === other.of.group)) continue;
      const boxOther = boxOf(other);
      const overMm = Math.min(common(box.across, boxOther.across), common(box.along, boxOther.along));
      const pair = [one.of, other.of].map(({ group, index: at }) => `${group}.${at}`).join();
      if (overMm <= MAY_MM || told.has(pair)) continue;
      told.add(pair);
      // What is easiest moved: trim before anything else.
      const moved = MOVED_FIRST.flatMap((group) => [one, other].filter(({ of }) => of.group === group))[0] ?? null;
      problems.push(
        ours.problem({
          code: 'lie-on-each-other',
          severity: 'decide',
          place: 'closures',
          path: pathOf((moved ?? one).of),
          mark: (moved ?? one).mark,
          values: { overMm },
          repairs: moved ? movedFurther(design, moved, moved === one ? other : one) : [],
        }),
      );
    }
  });
  return problems;
}

/** The trim or the hardware further from its edge than what it lies on. */
function movedFurther({ trims, hardware }: SettledDesign, trim: FabricMark, other: FabricMark) {
  const choice = (trim.of.group === 'trims' ? trims : hardware)[trim.of.index];
  if (!choice || !('on' in choice) || trim.stationMm === null || other.stationMm === null) return [];
  const [own, others] = [boxOf(trim), boxOf(other)];
  const reachMm = Math.max(own.along[1] - trim.alongMm, trim.alongMm - own.along[0]);
  const halfMm = (others.along[1] - others.along[0]) / 2;
  const apartMm = reachMm + halfMm + 2;
  const downMm = other.stationMm - trim.stationMm;
  // On the front further down; on flap and back further from their edges, which is back towards the fold.
  const byMm = choice.on === 'front' || choice.on === 'sides' ? downMm + apartMm : apartMm - downMm;
  const fromEdgeMm = Math.ceil(choice.fromEdgeMm + byMm);
  if (fromEdgeMm < 0 || fromEdgeMm > 400) return [];
  return [
    ours.repair({
      code: 'trim-moved',
      values: { fromEdgeMm },
      edits: [{ path: [...pathOf(trim.of), 'fromEdgeMm'], value: fromEdgeMm }],
    }),
  ];
}
