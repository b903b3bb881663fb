import { MOST_CHOSEN_ROWS } from '@/core/defaults';
import { patternOf, type Design, linesWalls } from '@/core/design';
import type { DesignEdit, Problem, Repair } from '@/core/problems';
import { isPlainAt, type StitchPattern } from '@/core/stitches';
import { moveLineEdits, panelLines, type Lines, type PanelLine } from './moveLine';

/**
 * What a stitch pattern asks of the bag it is worked into: folds on plain rows, a lining behind an open fabric, and a word
 * about motifs that stand on their heads on the front.
 */
export function textureProblems(design: Design, lines: Lines): Problem[] {
  const pattern = patternOf(design);
  const { openness, hasUp } = pattern.nature;
  return [
    ...foldProblems(lines, pattern),
    ...(hasUp && (lines.flap.hasFlap || lines.pouch.figures.baseFold) ? [upsideDown(lines)] : []),
    ...(openness === 'open' && !linesWalls(design)
      ? [
          {
            code: 'open-without-lining' as const,
            severity: 'mind' as const,
            place: 'body' as const,
            values: {},
            repairs: [],
          },
        ]
      : []),
  ];
}

/** Which parts show a motif that has an up the other way round, and how to turn them. */
function upsideDown({ pouch, flap, workedFrom }: Lines): Problem {
  const strip = pouch.figures.baseFold !== null;
  const fromFlap = strip && workedFrom === 'flap-edge';
  return {
    code: 'motif-upside-down',
    severity: 'mind',
    place: 'body',
    values: { fromFlap, strip, hasFlap: flap.hasFlap },
    repairs: strip
      ? [
          {
            code: 'work-from-other-end',
            values: { fromFlap },
            edits: [{ path: ['body', 'workedFrom'], value: fromFlap ? 'front-edge' : 'flap-edge' }],
          },
        ]
      : [],
  };
}

/** Only a pattern that has plain rows at all can be asked to fold on one. */
function foldProblems(lines: Lines, pattern: StitchPattern): Problem[] {
  const repeatPlain = pattern.rows.some((_, index) => isPlainAt(pattern, pattern.setupRows.length + index + 1));
  if (!repeatPlain) return [];
  const folds = panelLines(lines).filter(
    (line): line is PanelLine & { id: 'fold.base' | 'fold.top' } => line.id === 'fold.base' || line.id === 'fold.top',
  );
  return folds
    .filter(({ afterRow }) => !isPlainAt(pattern, afterRow))
    .map(({ id, afterRow: row }) => ({
      code: 'fold-on-texture',
      severity: 'mind',
      place: 'body',
      mark: id,
      asks: [id === 'fold.base' ? 'panel.frontRows' : 'fold.top.rows'],
      values: { row },
      repairs: nearestPlain(pattern, row)
        .map((plain): Repair => ({
          code: 'fold-on-plain-row',
          values: { row: plain },
          edits:
            id === 'fold.base' && lines.workedFrom === 'front-edge'
              ? evenFaces(plain)
              : moveLineEdits(lines, id, plain),
        }))
        .filter(({ edits }) => edits.every(({ value }) => value === null || Number(value) <= MOST_CHOSEN_ROWS)),
    }));
}

/** Front and back of so many rows each, so that the fold moves and both upper edges still meet. */
const evenFaces = (rows: number): DesignEdit[] =>
  ['front', 'back'].map((part) => ({ path: ['body', 'chosenRows', part], value: rows }));

/** The plain row on either side of a row, the nearer first; row 0 is none. */
function nearestPlain(pattern: StitchPattern, row: number): number[] {
  const reach = pattern.rows.length;
  const found = [-1, 1].flatMap((direction) => {
    for (let away = 1; away <= reach; away += 1) {
      const candidate = row + direction * away;
      if (candidate >= 1 && isPlainAt(pattern, candidate)) return [candidate];
    }
    return [];
  });
  return found.sort((a, b) => Math.abs(a - row) - Math.abs(b - row));
}
