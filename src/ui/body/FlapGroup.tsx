'use client';

import { Box, chakra } from '@chakra-ui/react';
import { FLAP_KINDS, flapSize, usualFlap, wishableFlap } from '@/core/flap';
import type { FieldFault, FlapKind } from '@/core/design';
import { flapIcon } from '@/drawing';
import { useBag, useBagNumbers, useBagStore } from '@/ui/bag/BagProvider';
import { Group, Row } from '@/ui/bag/PlaceLayout';
import { LengthField } from '@/ui/fields';
import { FigureTicket } from '@/ui/figures/FigureTicket';
import { ShapeView } from '@/ui/drawing/ShapeView';
import { clothStyle } from '@/ui/theme/system';

const NAMES: Record<FlapKind, string> = {
  none: 'Open, no flap',
  straight: 'Straight',
  tapered: 'Tapered',
  pointed: 'Pointed',
  'rounded-corners': 'Rounded corners',
  round: 'Full round',
};

const SIZE_LABELS = {
  edgeWidthMm: 'Width at its edge',
  pointMm: 'Depth of the point',
  radiusMm: 'Radius of the corners',
} as const;

const ICONS = FLAP_KINDS.map((kind) => ({ kind, drawing: flapIcon(kind) }));

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
  const set = (field: string, value: number | null) =>
    store.getState().edit('Shape of the flap', [{ path: ['flap', field], value }]);
  return (
    <Group title="Flap">
      <Box as="fieldset" display="flex" flexWrap="wrap" gap="2" mb="3">
        <chakra.legend srOnly>Shape of the flap</chakra.legend>
        {ICONS.map(({ kind, drawing }) => (
          <chakra.label
            key={kind}
            display="grid"
            justifyItems="center"
            gap="1"
            p="2"
            bg="paper"
            border="1px solid"
            borderColor={kind === flap.kind ? 'ink' : 'paperEdge'}
            boxShadow={kind === flap.kind ? 'inset 0 -4px 0 var(--chakra-colors-brass)' : undefined}
            fontWeight={kind === flap.kind ? 700 : 400}
            fontSize="13px"
            cursor="pointer"
          >
            <svg
              width={drawing.box.widthMm * 2}
              height={drawing.box.heightMm * 2}
              viewBox={`-1 -1 ${drawing.box.widthMm + 2} ${drawing.box.heightMm + 2}`}
              style={clothStyle(colour)}
              aria-hidden
            >
              {drawing.shapes.map((shape, index) => (
                <ShapeView key={index} shape={shape} />
              ))}
            </svg>
            <span>
              <input type="radio" name="flap" checked={kind === flap.kind} onChange={() => choose(kind)} />{' '}
              {NAMES[kind]}
            </span>
          </chakra.label>
        ))}
      </Box>
      <FlapSizes set={set} />
    </Group>
  );
}

/** Its width, its own size, and the counts that follow; nothing for an open bag. */
function FlapSizes({ set }: { set: (field: string, value: number | null) => FieldFault[] }) {
  const flap = useBag((state) => state.design.flap);
  const figures = useBagNumbers((state) => state.plan.flap.figures);
  if (flap.kind === 'none')
    return (
      <Box fontSize="14.5px">
        Both ends of the strip lie at the mouth. It stays open, or a zipper or a cord closes it.
      </Box>
    );
  return (
    <Row>
      <LengthField
        label="Width of the flap"
        width="6.5em"
        empty="as the back"
        valueMm={flap.widthMm}
        onChange={(mm) => set('widthMm', mm)}
        onClear={() => set('widthMm', null)}
      />
      <ShapeSize set={set} />
      <FigureTicket figure={figures.startStitches} mark="flap.outline" />
      <FigureTicket figure={figures.edgeStitches} mark="edge.flap" />
      <FigureTicket figure={figures.edgeWidth} mark="edge.flap" />
      <FigureTicket figure={figures.outlineOff} mark="flap.outline" />
    </Row>
  );
}

/** The size of its own that a shape has. */
function ShapeSize({ set }: { set: (field: string, value: number) => FieldFault[] }) {
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
