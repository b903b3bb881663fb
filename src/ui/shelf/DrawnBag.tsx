import { Box } from '@chakra-ui/react';
import { FoldedView } from '@/ui/drawing/FoldedView';
import type { DesignCard } from '@/drawing';

const BOX_PX = { width: 240, height: 190 };
/** The span that every box stands for, so that all bags on the shelf are to one scale. */
const FIT_MM = { width: 300, height: 240 };

/** The small true drawing of a bag. */
export function DrawnBag({ card }: { card: DesignCard }) {
  if (!card.drawing) return <Box width={BOX_PX.width} height={BOX_PX.height} />;
  return (
    <FoldedView
      drawing={card.drawing}
      cloth={card.cloth}
      boxPx={BOX_PX}
      fitMm={FIT_MM}
      label={`${card.name}, ${card.sizes}`}
    />
  );
}
