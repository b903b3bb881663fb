'use client';

import { Box } from '@chakra-ui/react';
import { nextFreeEdge } from '@/core/borders';
import { usualEdging, type Edging, type EdgingKind } from '@/core/design';
import { FITTING_KINDS } from '@/core/fittingKinds';
import { wordsOf } from '@/core/wording';
import { useBag, useBagBehind, useBagStore } from '@/ui/bag/BagProvider';
import { Group, Row } from '@/ui/bag/PlaceLayout';
import { AddOrTake, ChoiceField } from '@/ui/fields';
import { FittingGroup, FittingTickets } from '@/ui/fittings/FittingGroup';

/** What is worked along the free edges: put on, taken off, picked up and counted. */
export function EdgingGroups() {
  const edgings = useBag((state) => state.design.edgings);
  return (
    <>
      {edgings.map((edging, index) => (
        <FittingGroup
          key={index}
          choice={edging}
          at={{ group: 'edgings', index }}
          lead={<KindRow edging={edging} index={index} />}
        >
          <FittingTickets group="edgings" index={index} />
        </FittingGroup>
      ))}
      <AddEdging isFirst={edgings.length === 0} />
    </>
  );
}

/** Offers one more edging while an edge is free. */
function AddEdging({ isFirst }: { isFirst: boolean }) {
  const edge = useBagBehind('numbers', (state) => nextFreeEdge(state.design));
  const store = useBagStore();
  if (edge === null) return null;
  const add = () => {
    const { edgings } = store.getState().design;
    store.getState().edit('Edging added', [{ path: ['edgings'], value: [...edgings, usualEdging('single', edge)] }]);
  };
  return (
    <Group title={isFirst ? 'Edging' : 'Another edging'} action={<AddOrTake label="Add an edging" onClick={add} />}>
      <Box fontSize="14px">
        {isFirst ? 'The edges are left as they are worked.' : 'There is an edge that has none yet.'}
      </Box>
    </Group>
  );
}

/** What it is worked in. Everything else of it stays as it is. */
function KindRow({ edging, index }: { edging: Edging; index: number }) {
  const store = useBagStore();
  const ownStitches = useBag((state) => state.design.ownStitches);
  const kinds = (Object.keys(FITTING_KINDS.edgings) as EdgingKind[]).filter(
    (kind) => kind !== 'own' || edging.kind === 'own' || ownStitches.length > 0,
  );
  const at = { group: 'edgings', index } as const;
  const become = (kind: EdgingKind) => {
    const { edge, rounds, hookMm, pickUp, corner, blocking, seaming } = edging;
    const stitch = kind === 'own' ? { stitch: ownStitches[0]?.id } : {};
    const value = { kind, edge, rounds, hookMm, pickUp, corner, blocking, seaming, ...stitch };
    store.getState().edit(wordsOf({ choice: { kind }, at }).title, [{ path: ['edgings', index], value }]);
  };
  return (
    <Row>
      <ChoiceField
        label="Worked as"
        width="14em"
        value={edging.kind}
        choices={kinds.map((kind) => ({ value: kind, label: wordsOf({ choice: { kind }, at }).title }))}
        onChange={become}
      />
    </Row>
  );
}
