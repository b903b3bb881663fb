import type { Worn } from './fabric';
import { between, cross, unit, type SheetGrid, type Vec } from '@/core/fold';

/** What a solid is made of. The look is decided from it, in one place. */
export type Stuff = 'cloth' | 'lining' | 'metal' | 'board' | 'pocket' | 'thing' | 'load';

/** A closed solid as triangles, in mm: three numbers to a corner, three corners to a triangle, counter-clockwise seen from outside. */
export interface Solid {
  mark: string;
  stuff: Stuff;
  positions: Float32Array;
  normals: Float32Array;
  /** How many of the lines that stand for rows lie between where its sheet begins and each corner: a line lies on every whole number. */
  rows: Float32Array;
  indices: Uint32Array;
  /** The fabric that it wears; null of what is none. */
  fabric: WornFabric | null;
}

/** Fabric on a solid: where every corner lies on it, and how many of the indices are its outer face and its inner one; the rest are its rims. */
export interface WornFabric {
  worn: Worn;
  places: Float32Array;
  outer: number;
  inner: number;
}

/** Corners nearer to each other than this are one, mm. */
const DUST_MM = 1e-6;

/** Where no line of a row lies. */
export const BETWEEN_ROWS = 0.5;

/** A list of numbers that grows in place, so that the folded bag that follows a drag leaves little behind it to be swept up. */
class Numbers {
  private list = new Float64Array(4096);
  length = 0;

  push(value: number): void {
    if (this.length === this.list.length) {
      const longer = new Float64Array(2 * this.list.length);
      longer.set(this.list);
      this.list = longer;
    }
    this.list[this.length] = value;
    this.length += 1;
  }

  at(index: number): number {
    return this.list[index] as number;
  }

  clear(): void {
    this.length = 0;
  }

  /** Those that are in it, for as long as nothing is added. */
  seen(): Float64Array {
    return this.list.subarray(0, this.length);
  }
}

/** Gathers triangles. Corners are not shared between faces, so that edges stay sharp. One solid is begun when the one before is whole. */
class Faces {
  private readonly positions = new Numbers();
  private readonly normals = new Numbers();
  private readonly indices = new Numbers();
  private readonly rows = new Numbers();

  corner(point: Vec, normal: Vec): number {
    this.add(point.x, point.y, point.z, normal.x, normal.y, normal.z, BETWEEN_ROWS);
    return this.rows.length - 1;
  }

  /** A point of a grid, so far out, facing out or in. */
  gridCorner(
    { columns, points, outward }: SheetGrid,
    i: number,
    j: number,
    outMm: number,
    side: 1 | -1,
    row: number,
  ): void {
    const k = 3 * (j * columns + i);
    const x = outward[k] as number;
    const y = outward[k + 1] as number;
    const z = outward[k + 2] as number;
    this.add(
      (points[k] as number) + outMm * x,
      (points[k + 1] as number) + outMm * y,
      (points[k + 2] as number) + outMm * z,
      side * x,
      side * y,
      side * z,
      row,
    );
  }

  private add(x: number, y: number, z: number, outX: number, outY: number, outZ: number, row: number): void {
    const { positions, normals, rows } = this;
    positions.push(x);
    positions.push(y);
    positions.push(z);
    normals.push(outX);
    normals.push(outY);
    normals.push(outZ);
    rows.push(row);
  }

  triangle(a: number, b: number, c: number): void {
    // Where a sheet shrinks to a point, two corners are one.
    if (!this.isSame(a, b) && !this.isSame(b, c) && !this.isSame(c, a)) {
      this.indices.push(a);
      this.indices.push(b);
      this.indices.push(c);
    }
  }

  /** Four corners in turn, counter-clockwise seen from outside. */
  quad(a: number, b: number, c: number, d: number): void {
    this.triangle(a, b, c);
    this.triangle(a, c, d);
  }

  private isSame(a: number, b: number): boolean {
    const { positions } = this;
    for (let axis = 0; axis < 3; axis += 1)
      if (Math.abs(positions.at(3 * a + axis) - positions.at(3 * b + axis)) >= DUST_MM) return false;
    return true;
  }

  /** Four points in turn, with one way out for all; whether they make a face. */
  flat(a: Vec, b: Vec, c: Vec, d: Vec): boolean {
    const normal = unit(cross(between(a, b), between(a, d))) ?? unit(cross(between(b, c), between(b, d)));
    if (!normal) return false;
    const first = this.corner(a, normal);
    this.corner(b, normal);
    this.corner(c, normal);
    this.corner(d, normal);
    this.quad(first, first + 1, first + 2, first + 3);
    return true;
  }

  /** How many indices there are so far. */
  get indexCount(): number {
    return this.indices.length;
  }

  get cornerCount(): number {
    return this.rows.length;
  }

  solid(mark: string, stuff: Stuff, fabric: WornFabric | null = null): Solid {
    const whole = {
      fabric,
      mark,
      stuff,
      positions: new Float32Array(this.positions.seen()),
      normals: new Float32Array(this.normals.seen()),
      rows: new Float32Array(this.rows.seen()),
      indices: new Uint32Array(this.indices.seen()),
    };
    this.clear();
    return whole;
  }

  clear(): void {
    for (const list of [this.positions, this.normals, this.rows, this.indices]) list.clear();
  }
}

/** Where the solid in work is gathered: one for all, so that its lists need not be made anew. */
export const faces = new Faces();
