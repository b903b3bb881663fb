import { DxfWriter, Units, point2d, point3d } from '@tarikjabiri/dxf';
import { paperLook } from './paperLooks';
import { paperPaths } from './paperPaths';
import type { PaperSheet } from './paperSheet';

/** Layers of a file for a cutter, by what is done along their lines, with the AutoCAD colour each is told apart by. */
const LAYERS = { CUT: 7, SEAM: 3, MARKS: 4, PERFORATION: 5, OUTLINE: 8 } as const;

/**
 * A sheet as a DXF file for a cutter, in millimetres, y up, its lines on layers by what is done along them.
 */
export function dxfOf({ box, shapes }: PaperSheet): string {
  const dxf = new DxfWriter();
  dxf.setUnits(Units.Millimeters);
  for (const [name, colour] of Object.entries(LAYERS)) dxf.addLayer(name, colour, 'Continuous');
  for (const { role, points, closed } of shapes.flatMap(paperPaths)) {
    const up = ({ x, y }: { x: number; y: number }) => [x - box.x, box.heightMm - (y - box.y)] as const;
    const options = { layerName: paperLook(role).layer };
    if (points.length === 2 && !closed) {
      const [from, to] = points.map(up) as [readonly [number, number], readonly [number, number]];
      dxf.addLine(point3d(from[0], from[1]), point3d(to[0], to[1]), options);
    } else
      dxf.addLWPolyline(
        points.map((point) => ({ point: point2d(...up(point)) })),
        { ...options, flags: closed ? 1 : 0 },
      );
  }
  return dxf.stringify();
}
