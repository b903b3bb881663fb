'use client';

import { Box } from '@chakra-ui/react';
import { memo } from 'react';
import { usualSnap, type MagneticSnap } from '@/core/design';
import { placeText } from '@/core/wording';
import { useBag, useBagNumbers, useBagStore } from '@/ui/bag/BagProvider';
import { Group, Row } from '@/ui/bag/PlaceLayout';
import { AddOrTake, ChoiceField, LengthField } from '@/ui/fields';
import { FigureTicket } from '@/ui/figures/FigureTicket';

/** The closure: put on, taken off, placed; with its mate by row, stitch and distance, empty and loaded. */
export function SnapGroup() {
  const snap = useBag((state) => state.design.closures[0]);
  const hasFlap = useBag((state) => state.plan.flap.hasFlap);
  const store = useBagStore();
  const put = (label: string, closures: MagneticSnap[]) =>
    store.getState().edit(label, [{ path: ['closures'], value: closures }]);
  if (!snap)
    return (
      <Group
        title="Closure"
        action={<AddOrTake label="Put a magnetic snap on" onClick={() => put('Snap put on', [usualSnap()])} />}
      >
        <Box fontSize="14px">{hasFlap ? 'The flap hangs free.' : 'Nothing closes the mouth.'}</Box>
      </Group>
    );
  return (
    <Group
      title="Magnetic snap"
      action={<AddOrTake label="Take the snap off" onClick={() => put('Snap taken off', [])} />}
    >
      <SnapChoices snap={snap} />
      <SnapFigures />
    </Group>
  );
}

const SnapChoices = memo(function SnapChoices({ snap }: { snap: MagneticSnap }) {
  const store = useBagStore();
  const set = (label: string, key: keyof MagneticSnap, value: unknown) =>
    store.getState().edit(label, [{ path: ['closures', 0, key], value }]);
  return (
    <Row>
      <LengthField
        label="Across"
        fine
        width="4.5em"
        valueMm={snap.diameterMm}
        onChange={(mm) => set('Snap size', 'diameterMm', mm)}
      />
      <LengthField
        label="From the flap’s edge"
        fine
        width="4.5em"
        valueMm={snap.insetMm}
        onChange={(mm) => set('Snap inset', 'insetMm', mm)}
      />
      <ChoiceField
        label="How many"
        width="11em"
        value={snap.layout}
        choices={[
          { value: 'centre', label: 'One, in the middle' },
          { value: 'pair', label: 'Two, a quarter in' },
        ]}
        onChange={(value) => set('How many snaps', 'layout', value)}
      />
      <ChoiceField
        label="Mate set for"
        width="11.5em"
        value={snap.mate}
        choices={[
          { value: 'loaded', label: 'The loaded bag' },
          { value: 'between', label: 'Halfway between' },
          { value: 'both', label: 'Both, two mates' },
        ]}
        onChange={(value) => set('Mate set for', 'mate', value)}
      />
    </Row>
  );
});

function SnapFigures() {
  const stage = useBagNumbers((state) => state.plan.snap);
  if (!stage) return null;
  const { figures, halves } = stage;
  const [half] = halves;
  return (
    <>
      <Row>
        <FigureTicket figure={figures.halfRow} mark="snap.half" />
        <FigureTicket figure={figures.halfInset} mark="snap.half" />
        <FigureTicket figure={figures.across} label={half ? `Both halves ${placeText(half.place)}` : undefined} />
      </Row>
      <Row>
        {figures.mateRow && <FigureTicket figure={figures.mateRow} mark="snap.mate" />}
        {figures.secondMateRow && <FigureTicket figure={figures.secondMateRow} mark="snap.mate" />}
        {figures.mateDistance && <FigureTicket figure={figures.mateDistance} mark="snap.mate" />}
        <FigureTicket figure={figures.meetsLoaded} mark="snap.meets" />
        <FigureTicket figure={figures.meetsEmpty} mark="snap.meets" />
      </Row>
    </>
  );
}
