'use client';

import { Box, Button, Flex, Heading } from '@chakra-ui/react';
import { swatchPatternOf, type Swatch } from '@/core/design';
import { swatchGauge } from '@/core/gauge';
import { MM_PER_INCH } from '@/core/units';
import { formatQuantity, stitchName } from '@/core/wording';
import { swatchDrawing } from '@/drawing';
import { useLastSettings } from '@/ui/bag/useLastSettings';
import { FactList } from '@/ui/figures/FactList';
import { ShapeView } from '@/ui/drawing/ShapeView';
import { clothStyle } from '@/ui/theme/colours';

const PIECES = { panel: 'panel', strip: 'narrow strip', rounds: 'joined rounds', border: 'border' } as const;
const STATES = { 'as-worked': 'as worked', blocked: 'blocked', hanging: 'hanging' } as const;

/** All swatches of the library are drawn to one scale, and one that is larger than its place is cut off there. */
const PX_PER_MM = 1.25;
const MOST_PX = 210;

interface SwatchCardProps {
  swatch: Swatch;
  bags: readonly string[];
  onBegin: () => void;
  onTakeOut: () => void;
}

/** A swatch as it lies on the counter, its ticket pinned to it. */
export function SwatchCard({ swatch, bags, onBegin, onTakeOut }: SwatchCardProps) {
  const { lengthUnit, terms } = useLastSettings();
  const overMm = lengthUnit === 'cm' ? 100 : 4 * MM_PER_INCH;
  const over = lengthUnit === 'cm' ? '10 cm' : '4 in';
  const { stitch, row, thicknessMm, thicknessMeasured } = swatchGauge(
    swatch,
    swatchPatternOf({ swatch, ownStitches: [] }).nature,
  );
  const counted = ({ mm, plusMinusMm }: typeof stitch) => {
    const count = overMm / mm;
    return `${count.toFixed(1)} ± ${Math.max(0.1, (count * plusMinusMm) / mm).toFixed(1)}`;
  };
  const facts: [string, string][] = [
    [
      'Yarn',
      `${swatch.yarn.name}${swatch.strands > 1 ? `, ${swatch.strands} strands` : ''}${swatch.heldWith.map(({ name }) => ` + ${name}`).join('')}`,
    ],
    ['Hook', `${swatch.hookMm} mm${swatch.hookLetter ? `, ${swatch.hookLetter}` : ''}`],
    ['Stitch', stitchName(swatch.stitch, terms)],
    ['A trial for', `${PIECES[swatch.standsFor]}, ${STATES[swatch.state]}`],
    [`Over ${over}`, `${counted(stitch)} stitches, ${counted(row)} rows`],
    ['Thickness', thicknessMeasured ? formatQuantity(thicknessMm, 'mm', lengthUnit) : 'not measured yet'],
    ['Bags', bags.length === 0 ? 'none' : bags.join(', ')],
  ];
  return (
    <Flex as="article" aria-label={swatch.name} align="flex-start" minW="0">
      <LyingSwatch swatch={swatch} stitchMm={stitch.mm} rowMm={row.mm} />
      <Box
        bg="paper"
        border="1px solid"
        borderColor="paperEdge"
        boxShadow="0 1px 3px rgba(27, 36, 38, 0.25)"
        p="3"
        mt="5"
        ml="-26px"
        flex="1"
        minW="0"
        position="relative"
      >
        <Heading as="h2" fontSize="18px" mb="2">
          {swatch.name}
        </Heading>
        <FactList facts={facts} nameWidth="5.4em" />
        <Flex gap="2" mt="3" wrap="wrap">
          <Button size="xs" variant="outline" onClick={onBegin}>
            Begin a bag with it
          </Button>
          <Button size="xs" variant="outline" onClick={onTakeOut} aria-label={`Take out ${swatch.name}`}>
            Take out
          </Button>
        </Flex>
      </Box>
    </Flex>
  );
}

/** The swatch to the shelf's scale, its stitches and rows as they were measured. */
function LyingSwatch({ swatch, stitchMm, rowMm }: { swatch: Swatch; stitchMm: number; rowMm: number }) {
  const { box, shapes } = swatchDrawing(swatch, stitchMm, rowMm);
  const width = Math.min(MOST_PX, box.widthMm * PX_PER_MM);
  const height = Math.min(MOST_PX, box.heightMm * PX_PER_MM);
  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${width / PX_PER_MM} ${height / PX_PER_MM}`}
      // On a phone less of it lies there, to the same scale, and its ticket stays wide enough to read.
      preserveAspectRatio="xMinYMin slice"
      style={{ flex: 'none', maxWidth: '34vw', ...clothStyle(swatch.yarn.colour) }}
      aria-hidden
    >
      {shapes.map((shape, index) => (
        <ShapeView key={index} shape={shape} />
      ))}
    </svg>
  );
}
