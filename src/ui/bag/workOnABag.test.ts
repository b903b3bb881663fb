import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BODY_KINDS, moveLineEdits, panelLines, releaseRowsEdits, usualBody } from '@/core/body';
import { usualLining, type BodyKind } from '@/core/design';
import { FLAP_KINDS, flapHandles, pullFlapEdits, usualFlap } from '@/core/flap';
import { fullDesign, triedStrap } from '@/core/testing/designs';
import { createBagStore, type BagStore } from './bagStore';

/** What a maker does to a bag, one thing after the other: each is a change, or is refused and changes nothing. */
const actions: ((store: BagStore, share: number) => unknown)[] = [
  (store, share) => {
    const { plan, edit } = store.getState();
    const lines = panelLines(plan);
    const line = lines[Math.floor(share * lines.length)];
    if (!line) return;
    const row = Math.round(line.leastRow + share * (line.mostRow - line.leastRow));
    edit('Move', moveLineEdits(plan, line.id, row), `move ${line.id}`);
  },
  (store) => store.getState().endMerge(),
  (store, share) => {
    const { design, plan, edit } = store.getState();
    const kind = BODY_KINDS[Math.floor(share * BODY_KINDS.length)] as BodyKind;
    const { widthMm, heightMm } = plan.contents.settled.body;
    edit('Made as', [{ path: ['body'], value: usualBody(kind, design.body, { widthMm, heightMm }) }]);
  },
  (store, share) => {
    const { design, edit } = store.getState();
    const kind = FLAP_KINDS[Math.floor(share * FLAP_KINDS.length)] ?? 'straight';
    const size = { widthMm: design.body.widthMm, lengthMm: design.flap.dropMm };
    edit('Shape', [{ path: ['flap'], value: usualFlap(kind, design.flap, size) }]);
  },
  (store, share) => {
    const { design, plan, edit } = store.getState();
    const [handle] = flapHandles(design.flap, plan.pouch, plan.flap);
    if (handle) edit('Pull', pullFlapEdits(handle, 40 * share - 20), `pull ${handle.field}`);
  },
  (store, share) => store.getState().edit('Width', [{ path: ['body', 'widthMm'], value: 90 + 240 * share }]),
  (store) => store.getState().edit('Rows', releaseRowsEdits()),
  (store, share) => store.getState().edit('Strap', [{ path: ['straps'], value: share < 0.5 ? [] : [triedStrap()] }]),
  (store, share) => store.getState().edit('Lining', [{ path: ['lining'], value: share < 0.5 ? null : usualLining() }]),
  // Refused: nothing of it is taken.
  (store, share) => store.getState().edit('Bad', [{ path: ['body', 'widthMm'], value: -1000 * share - 1 }]),
];

const work = fc.array(
  fc.record({
    what: fc.integer({ min: 0, max: actions.length - 1 }),
    share: fc.double({ min: 0, max: 0.999, noNaN: true }),
  }),
  { minLength: 1, maxLength: 14 },
);

const open = () => createBagStore({ id: 'b', design: fullDesign(), revision: 1, history: { undo: [], redo: [] } });

/** A bag that was worked on, and the design that it was begun with. */
const workedOn = (steps: readonly { what: number; share: number }[]) => {
  const store = open();
  const begun = store.getState().design;
  for (const { what, share } of steps) actions[what]?.(store, share);
  return { store, begun };
};

describe('whatever a maker does to a bag', () => {
  it('can be taken back, thing by thing, to the bag she began with, and done again', () => {
    fc.assert(
      fc.property(work, (steps) => {
        const { store, begun } = workedOn(steps);
        const ended = store.getState().design;
        const things = store.getState().history.undo.length;
        for (let thing = 0; thing < things; thing += 1) store.getState().undo();
        expect(store.getState().design).toEqual(begun);
        expect(store.getState().history.undo).toEqual([]);
        expect(store.getState().history.redo).toHaveLength(things);
        for (let thing = 0; thing < things; thing += 1) store.getState().redo();
        expect(store.getState().design).toEqual(ended);
      }),
      { numRuns: 60 },
    );
  });

  it('leaves her a bag that is planned, and what is planned is that bag', () => {
    fc.assert(
      fc.property(work, (steps) => {
        const store = open();
        for (const { what, share } of steps) {
          const before = store.getState();
          actions[what]?.(store, share);
          const after = store.getState();
          // A change and its plan come together, or neither does.
          expect(after.design === before.design).toBe(after.plan === before.plan);
          expect(after.edition - before.edition).toBe(after.design === before.design ? 0 : 1);
          expect(after.plan.contents.settled.body.kind).toBe(after.design.body.kind);
        }
        const again = createBagStore({
          id: 'b',
          design: store.getState().design,
          revision: 1,
          history: { undo: [], redo: [] },
        });
        expect(again.getState().plan).toEqual(store.getState().plan);
      }),
      { numRuns: 40 },
    );
  });

  it('is kept with the bag: its history, read back, takes it as far', () => {
    fc.assert(
      fc.property(work, (steps) => {
        const { store, begun } = workedOn(steps);
        const { design, history } = JSON.parse(
          JSON.stringify({ design: store.getState().design, history: store.getState().history }),
        ) as Pick<ReturnType<BagStore['getState']>, 'design' | 'history'>;
        const reopened = createBagStore({ id: 'b', design, revision: 2, history });
        for (let thing = 0; thing < history.undo.length; thing += 1) reopened.getState().undo();
        expect(reopened.getState().design).toEqual(begun);
      }),
      { numRuns: 40 },
    );
  });
});
