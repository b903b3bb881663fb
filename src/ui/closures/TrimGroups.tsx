'use client';

import { MOST_TRIMS, type TrimKind } from '@/core/design';
import { TRIMS } from '@/core/trim';
import { wordsOf } from '@/core/wording';
import { trimIcon } from '@/drawing';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group } from '@/ui/bag/PlaceLayout';
import { DrawnActions } from '@/ui/fields/DrawnActions';
import { FittingGroup, FittingTickets } from '@/ui/fittings/FittingGroup';

const KINDS = Object.keys(TRIMS) as TrimKind[];

/** What is put on for its looks: each by its drawing, by count, with its yarn. */
export function TrimGroups() {
  const trims = useBag((state) => state.design.trims);
  return (
    <>
      {trims.map((trim, index) => (
        <FittingGroup key={index} choice={trim} at={{ group: 'trims', index }}>
          <FittingTickets group="trims" index={index} />
        </FittingGroup>
      ))}
      {trims.length < MOST_TRIMS && <AddTrim count={trims.length} />}
    </>
  );
}

function AddTrim({ count }: { count: number }) {
  const colour = useBag((state) => state.design.swatch.yarn.colour);
  const store = useBagStore();
  const at = { group: 'trims', index: 0 } as const;
  const put = (kind: TrimKind) => {
    const { design, edit } = store.getState();
    edit(wordsOf({ choice: { kind }, at }).added, [{ path: ['trims', count], value: TRIMS[kind].usual(design) }]);
  };
  const actions = KINDS.map((kind) => {
    const { title, add } = wordsOf({ choice: { kind }, at });
    return { value: kind, label: title, says: add, drawing: trimIcon(kind) };
  });
  return (
    <Group title={count === 0 ? 'Trim' : 'More trim'}>
      <DrawnActions actions={actions} cloth={colour} scale={1.6} onAct={put} />
    </Group>
  );
}
