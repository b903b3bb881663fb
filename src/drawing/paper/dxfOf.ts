import makerjs from 'makerjs';
import type { Label, PaperSheet } from './paperSheet';
import { paperLook } from './paperLooks';
import { paperPaths } from './paperPaths';

/** Layers of a file for a cutter, by what is done along their lines, with the AutoCAD colour each is told apart by. */
const LAYERS = { CUT: 7, SEAM: 3, MARKS: 4, PERFORATION: 5, OUTLINE: 8, TEXT: 8 } as const;

/** Points that lie nearer are one: a chord of no length would break a line, mm. */
const SAME_MM = 1e-6;

/**
 * A sheet as a DXF file for a cutter, in millimetres, y up, its lines on layers by what is done along them. Of release 12, which every cutter reads: polylines of
 * single corners, no splines, no handles.
 *
 * Source: AutoCAD R12 DXF, group codes 0 to 79; a header without an entry stands for its default.
 */
export function dxfOf({ box, shapes, labels }: PaperSheet): string {
  const at = ({ x, y }: { x: number; y: number }): makerjs.IPoint => [x - box.x, box.heightMm - (y - box.y)];
  const models = shapes.flatMap(paperPaths).map(({ role, points, closed }): makerjs.IModel => {
    const up = points.map(at);
    const apart = up.filter((point, index) => {
      const before = index > 0 ? up[index - 1] : closed ? up.at(-1) : undefined;
      return !before || makerjs.measure.pointDistance(point, before) > SAME_MM;
    });
    return { ...new makerjs.models.ConnectTheDots(closed, apart), layer: paperLook(role).layer };
  });
  const captions = labels.map((label) => captionOf(label, at(label)));
  const dxf = makerjs.exporter.toDXF(
    { models: Object.fromEntries([...models, ...captions].map((model, index) => [String(index), model])) },
    {
      units: makerjs.unitType.Millimeter,
      usePOLYLINE: true,
      fontSize: LETTERS_MM,
      layerOptions: Object.fromEntries(Object.entries(LAYERS).map(([name, color]) => [name, { color }])),
    },
  );
  return dxf.replace(HEADER, `${HEADER}9\n$ACADVER\n1\nAC1009\n`);
}

/** How the library begins a file; it leaves the release unsaid. */
const HEADER = '0\nSECTION\n2\nHEADER\n';

/** How high letters stand, mm; one size for all, as the library has it. */
const LETTERS_MM = 3.4;
/** How wide a letter is of its height, at a guess: cutters bring their own. */
const LETTER_WIDE = 0.6;

/** A line of text about its middle. Release 12 knows plain letters: any other is given by its number. */
function captionOf({ text, align }: Label, at: makerjs.IPoint): makerjs.IModel {
  const x = at[0] ?? 0;
  const y = at[1] ?? 0;
  const wide = text.length * LETTERS_MM * LETTER_WIDE;
  const left = align === 'left' ? x : x - wide / 2;
  const plain = [...text.replace(/\s+/g, ' ')]
    .map((letter) => {
      const code = letter.codePointAt(0) ?? 0;
      return code < 0x7f ? letter : `\\U+${code.toString(16).toUpperCase().padStart(4, '0')}`;
    })
    .join('');
  return { layer: 'TEXT', caption: { text: plain, anchor: new makerjs.paths.Line([left, y], [left + wide, y]) } };
}
