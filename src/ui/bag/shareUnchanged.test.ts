import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fullDesign, planOf } from '@/core/testing/designs';
import { shareUnchanged } from './shareUnchanged';

const copy = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

describe('shareUnchanged', () => {
  it('is equal to what it was given, whatever that is', () => {
    fc.assert(
      fc.property(fc.jsonValue(), fc.jsonValue(), (before, next) => {
        expect(shareUnchanged(before, next)).toEqual(next);
      }),
    );
  });

  it('is the old one itself when nothing changed', () => {
    fc.assert(
      fc.property(fc.jsonValue(), (before) => {
        expect(shareUnchanged(before, copy(before))).toBe(before);
      }),
    );
  });

  it('keeps the figures that a change of the flap leaves alone', () => {
    const design = fullDesign();
    const before = planOf(design);
    const next = shareUnchanged(
      before,
      planOf({ ...design, flap: { kind: 'straight', dropMm: 70, widthMm: null, hemMm: null } }),
    );
    expect(next.pouch).toBe(before.pouch);
    expect(next.flap.figures.dropLoaded).not.toBe(before.flap.figures.dropLoaded);
  });

  it('tells a key that is missing from one that is undefined', () => {
    expect(shareUnchanged({ a: undefined }, { b: undefined })).toEqual({ b: undefined });
    expect(Object.keys(shareUnchanged({ a: undefined }, { b: undefined }))).toEqual(['b']);
  });
});
