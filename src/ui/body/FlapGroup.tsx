'use client';

import { Box } from '@chakra-ui/react';
import { FLAP_KINDS, canHaveHem, flapSize, usualFlap, wishableFlap } from '@/core/flap';
import { constructionOf } from '@/core/body';
import type { FieldFault, FlapKind } from '@/core/design';
import { flapIcon } from '@/drawing';
import { useBag, useBagBehind, useBagStore } from '@/ui/bag/BagProvider';
import { Group, Row } from '@/ui/bag/PlaceLayout';
import { LengthField, NumberField } from '@/ui/fields';
import { DrawnChoice } from '@/ui/fields/DrawnChoice';
import { FigureTicket } from '@/ui/figures/FigureTicket';
import { IncreaseField } from './ConstructionGroup';
import { FlapSplits } from './FlapSplits';

const NAMES: Record<FlapKind, string> = {
  none: 'Open, no flap',
  straight: 'Straight',
  tapered: 'Tapered',
  pointed: 'Pointed',
  'rounded-corners': 'Rounded corners',
  round: 'Full round',
  scalloped: 'Scalloped',
  'half-disc': 'Half disc, sewn on',
};

const SIZE_LABELS = {
  edgeWidthMm: 'Width at its edge',
  pointMm: 'Depth of the point',
  radiusMm: 'Radius of the corners',
  depthMm: 'Depth of the scallops',
} as const;

const CHOICES = FLAP_KINDS.map((value) => ({ value, label: NAMES[value], drawing: flapIcon(value) }));

/** The flap's shape, chosen by its drawing; its width and its own size; and how near to the outline the rows come. */
export function FlapGroup() {
  const flap = useBag((state) => state.design.flap);
  const colour = useBag((state) => state.design.swatch.yarn.colour);
  const store = useBagStore();
  const choose = (kind: FlapKind) => {
    const { plan, edit } = store.getState();
    edit(`Flap: ${NAMES[kind]}`, [
      {
        path: ['flap'],
        value: usualFlap(kind, wishableFlap(plan.contents.settled), flapSize(plan.pouch, plan.flap)),
      },
    ]);
  };
  const set = (field: string, value: number | string | null) =>
    store.getState().edit('Shape of the flap', [{ path: ['flap', field], value }]);
  return (
    <Group title="Flap">
      <DrawnChoice
        legend="Shape of the flap"
        name="flap"
        choices={CHOICES}
        value={flap.kind}
        cloth={colour}
        scale={2}
        onChange={choose}
      />
      <FlapSplits />
      <FlapSizes set={set} />
    </Group>
  );
}

/** Its width, its own size, and the counts that follow; nothing for an open bag. */
function FlapSizes({ set }: { set: (field: string, value: number | string | null) => FieldFault[] }) {
  const flap = useBag((state) => state.design.flap);
  const takesFlap = useBag((state) => constructionOf(state.plan.pouch.kind).takesFlap);
  if (!takesFlap)
    return (
      <Box fontSize="14.5px">A round rim has no straight edge for a flap. A zipper along the opening closes it.</Box>
    );
  if (flap.kind === 'none')
    return (
      <Box fontSize="14.5px">
        Both ends of the strip lie at the mouth. It stays open, or a zipper or a cord closes it.
      </Box>
    );
  return (
    <Row>
      {flap.kind !== 'half-disc' && (
        <LengthField
          label="Width of the flap"
          width="6.5em"
          empty="as the back"
          valueMm={flap.widthMm}
          onChange={(mm) => set('widthMm', mm)}
          onClear={() => set('widthMm', null)}
        />
      )}
      <ShapeSize set={set} />
      {flap.kind === 'scalloped' && (
        <NumberField label="Scallops" width="4em" value={flap.scallops} onChange={(value) => set('scallops', value)} />
      )}
      {flap.kind === 'half-disc' && (
        <IncreaseField value={flap.increases} onChange={(value) => set('increases', value)} />
      )}
      {canHaveHem(flap.kind) && (
        <LengthField
          label="Hem turned back"
          width="5em"
          fine
          empty="none"
          help="Over the prongs of a snap."
          valueMm={flap.hemMm}
          onChange={(mm) => set('hemMm', mm)}
          onClear={() => set('hemMm', null)}
        />
      )}
      <FlapFigures />
    </Row>
  );
}

/** The counts that follow, apart from the fields: those hold still while a drag changes what these say. */
function FlapFigures() {
  const figures = useBagBehind('numbers', (state) => state.plan.flap.figures);
  return (
    <>
      <FigureTicket figure={figures.startStitches} mark="flap.outline" />
      <FigureTicket figure={figures.edgeStitches} mark="edge.flap" />
      <FigureTicket figure={figures.edgeWidth} mark="edge.flap" />
      <FigureTicket figure={figures.outlineOff} mark="flap.outline" />
    </>
  );
}

/** The size of its own that a shape has. */
function ShapeSize({ set }: { set: (field: string, value: number | string | null) => FieldFault[] }) {
  const flap = useBag((state) => state.design.flap);
  const field = (Object.keys(SIZE_LABELS) as (keyof typeof SIZE_LABELS)[]).find((name) => name in flap);
  if (!field) return null;
  return (
    <LengthField
      label={SIZE_LABELS[field]}
      width="5em"
      valueMm={(flap as Record<string, unknown>)[field] as number}
      onChange={(mm) => set(field, mm)}
    />
  );
}
