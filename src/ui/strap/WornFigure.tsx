'use client';

import { Box } from '@chakra-ui/react';
import { useMemo, useRef, useState } from 'react';
import type { Strap } from '@/core/design';
import { bodyPlaces, mouthOnFigureMm, supportHeightMm, type StrapStage } from '@/core/strap';
import { formatQuantity } from '@/core/wording';
import { figureDrawing } from '@/drawing';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Row } from '@/ui/bag/PlaceLayout';
import { DrawingTwin } from '@/ui/drawing/DrawingTwin';
import { Grip } from '@/ui/drawing/Grip';
import { StillView } from '@/ui/drawing/StillView';
import { lastSize } from './bodySize';
import { FigureTicket } from '@/ui/figures/FigureTicket';

/** The bag on a figure, where its strap lets it hang: empty, and full. Its mouth is pulled up or down. */
export function WornFigure({ strap, stage, index }: { strap: Strap; stage: StrapStage; index: number }) {
  const pouch = useBag(({ plan }) => plan.pouch);
  const unit = useBag(({ design }) => design.settings.lengthUnit);
  const { hung, hangs } = stage;
  const { span } = hung.load;
  // Where the length is given otherwise, the figure is as she set it last.
  const [own] = useState(lastSize);
  const { heightMm, hipMm } = strap.given.by === 'figure' ? strap.given : own;
  const size = { heightMm, hipMm };
  const places = bodyPlaces(size);
  const emptyMm = mouthOnFigureMm(hung.over, size, hangs.emptyMm, span);
  const fullMm = mouthOnFigureMm(hung.over, size, hangs.fullMm, span);
  const [bagWidthMm, bagHeightMm] = [pouch.figures.width.value, pouch.figures.heightLoaded.value];
  const drawing = useMemo(
    () =>
      figureDrawing({
        ...{ heightMm, hipMm, bagWidthMm, bagHeightMm, emptyMm, fullMm },
        over: hung.over,
        feetMm: hung.feet.apartMm,
        supportMm: span?.supportMm ?? 0,
      }),
    [heightMm, hipMm, bagWidthMm, bagHeightMm, emptyMm, fullMm, hung.over, hung.feet.apartMm, span?.supportMm],
  );
  const length = (mm: number) => formatQuantity(mm, 'mm', unit);
  const inWords = [
    {
      name: `A figure ${length(heightMm)} tall, ${length(hipMm)} round the hips`,
      lines: [
        `The bag, full: ${length(bagWidthMm)} wide and ${length(bagHeightMm)} high`,
        ...(fullMm === null
          ? []
          : [`Its mouth ${length(fullMm)} above the floor, its base ${length(fullMm - bagHeightMm)}`]),
        ...(emptyMm === null ? [] : [`Empty, its mouth ${length(emptyMm)} above the floor`]),
      ],
    },
  ];
  const wishMm = strap.given.by === 'figure' ? strap.given.mouthMm : fullMm;
  const bag = drawing.shapes.find((shape) => shape.kind === 'rect' && shape.role === 'cloth');
  return (
    <Box bg="counterEdge" p="2" mt="2">
      <StillView
        drawing={drawing}
        heightPx={330}
        label="The bag where it hangs on a figure, to scale"
        marginPx={8}
        held
      >
        {(pxPerMm) =>
          wishMm !== null && hung.over !== 'round-the-waist' && bag?.kind === 'rect' ? (
            <MouthGrip
              {...{ index, pxPerMm, wishMm, size }}
              highestMm={(supportHeightMm(hung.over, places) ?? places.shoulderMm) - 20}
              xMm={bag.x + bag.widthMm / 2}
            />
          ) : null
        }
      </StillView>
      <DrawingTwin label="The bag on the figure, in words" parts={inWords} />
      <Box fontSize="13px" px="2">
        {fullMm === null
          ? 'It is too short to go round this figure.'
          : `Mouth ${length(fullMm)} above the floor, full${
              emptyMm !== null && Math.abs(emptyMm - fullMm) >= 1 ? `; ${length(emptyMm)} empty, dotted` : ''
            }. ${
              strap.given.by === 'figure'
                ? ''
                : 'Pull the mouth to where it is to hang; then the figure is set to your own size.'
            }`}
      </Box>
      {hung.wish && (
        <Row>
          <FigureTicket figure={hung.wish} />
        </Row>
      )}
    </Box>
  );
}

interface MouthGripProps {
  index: number;
  pxPerMm: number;
  size: { heightMm: number; hipMm: number };
  wishMm: number;
  highestMm: number;
  xMm: number;
}

/** Pulls the mouth up or down: from then on the length is given by the figure. */
function MouthGrip({ index, pxPerMm, size, wishMm, highestMm, xMm }: MouthGripProps) {
  const store = useBagStore();
  const unit = useBag(({ design }) => design.settings.lengthUnit);
  const taken = useRef(wishMm);
  const pull = (movedMm: number, isStart: boolean) => {
    if (isStart) taken.current = wishMm;
    const mouthMm = Math.round(Math.max(LOWEST_MM, Math.min(highestMm, taken.current + movedMm)));
    store
      .getState()
      .edit(
        'Where the mouth hangs',
        [{ path: ['straps', index, 'given'], value: { by: 'figure', mouthMm, ...size } }],
        `mouth of strap ${index}`,
      );
  };
  return (
    <g transform={`scale(${1 / pxPerMm})`}>
      <Grip
        name="Where the mouth hangs"
        field={`straps.${index}.given.mouthMm`}
        valueMm={wishMm}
        leastMm={LOWEST_MM}
        mostMm={highestMm}
        x={xMm * pxPerMm}
        y={(size.heightMm - wishMm) * pxPerMm}
        pulled="up"
        pxPerMm={pxPerMm}
        unit={unit}
        onPull={pull}
        onStep={(steps) => pull(steps * STEP_MM, true)}
        onEnd={() => store.getState().endMerge()}
        onFocus={() => store.getState().select('figure.bag')}
      />
    </g>
  );
}

/** How low a mouth can be wished, and one step of the keys, mm. */
const LOWEST_MM = 100;
const STEP_MM = 10;
