import { describe, expect, it } from 'vitest';
import { fullDesign } from '@/core/testing/designs';
import { createBagStore } from './bagStore';

const open = () => {
  const store = createBagStore({ id: 'b', design: fullDesign(), revision: 1, history: { undo: [], redo: [] } });
  store.getState().setSaveState({ kind: 'saved' });
  return store;
};
const width = (mm: number) => [{ path: ['body', 'widthMm'], value: mm }];

describe('the open bag', () => {
  it('re-plans with every change', () => {
    const store = open();
    const before = store.getState().plan.pouch.stitchCount;
    expect(store.getState().edit('Width', width(140))).toEqual([]);
    expect(store.getState().plan.pouch.stitchCount).toBeLessThan(before);
    expect(store.getState().saveState.kind).toBe('unsaved');
  });

  it.each([
    ['what the schema refuses', width(-4), 'body.widthMm'],
    ['what can’t be planned', [{ path: ['contents', 'thicknessMm'], value: 190 }], 'contents.thicknessMm'],
  ])('takes nothing of %s, and says where', (_, edits, path) => {
    const store = open();
    const before = store.getState();
    const faults = store.getState().edit('x', edits);
    expect(faults.map((fault) => fault.path.join('.'))).toEqual([path]);
    expect(store.getState().design).toBe(before.design);
    expect(store.getState().history).toBe(before.history);
    expect(store.getState().saveState.kind).toBe('saved');
  });

  it('undoes and redoes to the same designs', () => {
    const store = open();
    const designs = [store.getState().design];
    for (const mm of [150, 190, 230]) {
      store.getState().edit('Width', width(mm));
      designs.push(store.getState().design);
    }
    for (const design of designs.slice(0, -1).reverse()) {
      store.getState().undo();
      expect(store.getState().design).toEqual(design);
    }
    store.getState().undo();
    for (const design of designs.slice(1)) {
      store.getState().redo();
      expect(store.getState().design).toEqual(design);
    }
  });

  it('takes a whole drag back at once, and two drags one by one', () => {
    const store = open();
    const start = store.getState().design;
    for (const mm of [200, 201, 202]) store.getState().edit('Drag', width(mm), 'drag');
    store.getState().endMerge();
    const between = store.getState().design;
    for (const mm of [203, 204]) store.getState().edit('Drag', width(mm), 'drag');
    expect(store.getState().history.undo).toHaveLength(2);
    store.getState().undo();
    expect(store.getState().design).toEqual(between);
    store.getState().undo();
    expect(store.getState().design).toEqual(start);
  });

  it('forgets what was undone once something new is done', () => {
    const store = open();
    store.getState().edit('Width', width(150));
    store.getState().undo();
    store.getState().edit('Width', width(160));
    expect(store.getState().history.redo).toEqual([]);
  });

  it('keeps the choice between two versions on the screen while she goes on', () => {
    const store = open();
    store.getState().setSaveState({ kind: 'moved-on', theirs: fullDesign(), theirRevision: 3, refusedId: 'r' });
    store.getState().edit('Width', width(150));
    expect(store.getState().saveState.kind).toBe('moved-on');
  });

  it('keeps no more than it can carry', () => {
    const store = open();
    for (let step = 0; step < 340; step += 1) store.getState().edit('Width', width(150 + (step % 2)));
    expect(store.getState().history.undo).toHaveLength(300);
  });
});
