'use client';

import { Box } from '@chakra-ui/react';
import { useMemo } from 'react';
import type { Strap } from '@/core/design';
import { mouthOnFigureMm, type StrapStage } from '@/core/strap';
import { formatQuantity } from '@/core/wording';
import { figureDrawing } from '@/drawing';
import { useBag } from '@/ui/bag/BagProvider';
import { StillView } from '@/ui/drawing/StillView';
import { FigureTicket } from '@/ui/figures/FigureTicket';
import { Row } from '@/ui/bag/PlaceLayout';

/** A figure of middle size, where she gives the length otherwise, mm. From memory. */
const MIDDLE = { heightMm: 1660, hipMm: 1000 };

/** The bag on a figure, where its strap lets it hang: empty, and full. */
export function WornFigure({ strap, stage }: { strap: Strap; stage: StrapStage }) {
  const pouch = useBag(({ plan }) => plan.pouch);
  const unit = useBag(({ design }) => design.settings.lengthUnit);
  const { hung } = stage;
  const { span } = hung.load;
  const size = strap.given.by === 'figure' ? strap.given : MIDDLE;
  const { heightMm, hipMm } = size;
  const emptyMm = mouthOnFigureMm(hung.over, size, stage.hangs.emptyMm, span);
  const fullMm = mouthOnFigureMm(hung.over, size, stage.hangs.fullMm, span);
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
  return (
    <Box bg="counterEdge" p="2" mt="2">
      <StillView drawing={drawing} heightPx={330} label="The bag where it hangs on a figure, to scale" marginPx={8} />
      <Box fontSize="13px" px="2">
        {fullMm === null
          ? 'It is too short to go round this figure.'
          : `Mouth ${formatQuantity(fullMm, 'mm', unit)} above the floor, full${
              emptyMm !== null && Math.abs(emptyMm - fullMm) >= 1
                ? `; ${formatQuantity(emptyMm, 'mm', unit)} empty, dotted`
                : ''
            }${strap.given.by === 'figure' ? '' : '. A figure of middle size: give the length by a figure to set it to yours'}.`}
      </Box>
      {hung.wish && (
        <Row>
          <FigureTicket figure={hung.wish} />
        </Row>
      )}
    </Box>
  );
}
