import { describe, expect, it } from 'vitest';
import { MOST_DESIGN_CHARACTERS, MOST_HISTORY_CHARACTERS } from '@/core/design';
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

  it('passes an old change over that leads nowhere on the bag as it is now, says so, and goes on with the one before', () => {
    const made = open();
    made.getState().edit('Width', width(150));
    const { design, history } = made.getState();
    const lost = {
      label: 'Old buckle',
      edits: [{ path: ['buckle', 3], value: 1 }],
      inverse: [{ path: ['buckle', 3], value: 2 }],
    };
    const store = createBagStore({
      id: 'b',
      design,
      revision: 2,
      history: { ...history, undo: [...history.undo, lost], redo: [lost] },
    });
    expect(store.getState().notice).toBeNull();
    store.getState().undo();
    expect(store.getState().design).toBe(design);
    expect(store.getState().notice).toContain('“Old buckle” can’t be taken back');
    store.getState().noticed();
    store.getState().redo();
    expect(store.getState().notice).toContain('“Old buckle” can’t be made again');
    store.getState().undo();
    expect(store.getState().design).toEqual(fullDesign());
    expect(store.getState().history).toMatchObject({ undo: [], redo: [{ label: 'Width' }] });
  });

  it('lets a history of another version go with a word, and opens', () => {
    const history = { version: 1, undo: [{ label: 'Width', edits: width(150), inverse: width(160) }], redo: [] };
    const store = createBagStore({ id: 'b', design: fullDesign(), revision: 1, history });
    expect(store.getState().history.undo).toEqual([]);
    expect(store.getState().notice).toContain('another version of Ruelle');
  });

  it('keeps a history of long notes short enough to be saved', () => {
    const store = open();
    for (let step = 0; step < 199; step += 1)
      store.getState().edit('Notes', [{ path: ['notes'], value: String(step).padEnd(5000, '…') }]);
    const { design, history } = store.getState();
    const body = JSON.stringify({ baseRevision: 1, design, history });
    // As short as the server's own limit for a body counts on, three bytes a character.
    expect(new TextEncoder().encode(body).length).toBeLessThan(3 * (MOST_DESIGN_CHARACTERS + MOST_HISTORY_CHARACTERS));
    expect(history.undo.length).toBeGreaterThan(20);
    store.getState().undo();
    expect(store.getState().design.notes).toMatch(/^197/);
  });
});
