'use client';

import { useBag, useBagNumbers, useBagStore } from '@/ui/bag/BagProvider';
import { Group, Row } from '@/ui/bag/PlaceLayout';
import { ChoiceField, LengthField, NumberField } from '@/ui/fields';
import { FigureTicket } from '@/ui/figures/FigureTicket';

const FIRMNESS = [
  { value: 'soft', label: 'Soft' },
  { value: 'stiff', label: 'Stiff, up to the brim' },
] as const;

/** What the bag carries and how its sides are sewn: the choices that the bends follow from. */
export function CarryGroup() {
  const contents = useBag((state) => state.design.contents);
  const takeUpStitches = useBag((state) => state.design.body.seam.takeUpStitches);
  const bridgeLoaded = useBagNumbers((state) => state.plan.flap.figures.bridgeLoaded);
  const bridgeEmpty = useBagNumbers((state) => state.plan.flap.figures.bridgeEmpty);
  const store = useBagStore();
  const set = (label: string, path: (string | number)[], value: unknown) =>
    store.getState().edit(label, [{ path, value }]);
  return (
    <Group title="What it carries">
      <Row>
        <LengthField
          label="Load, thickest"
          fine
          width="4.5em"
          valueMm={contents.thicknessMm}
          onChange={(value) => set('Load', ['contents', 'thicknessMm'], value)}
        />
        <ChoiceField
          label="The load is"
          width="13em"
          help="Soft things round the top, a box up to the brim squares it."
          value={contents.firmness}
          choices={FIRMNESS}
          onChange={(value) => set('Load', ['contents', 'firmness'], value)}
        />
        <NumberField
          label="Each side seam takes"
          suffix="stitches"
          width="4.5em"
          help="Whipped: nothing to half a stitch."
          value={takeUpStitches}
          onChange={(value) => set('Seam take-up', ['body', 'seam', 'takeUpStitches'], value)}
        />
        <FigureTicket figure={bridgeLoaded} />
        <FigureTicket figure={bridgeEmpty} />
      </Row>
    </Group>
  );
}
