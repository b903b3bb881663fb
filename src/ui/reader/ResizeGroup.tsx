import { Box, Button, Flex, Heading } from '@chakra-ui/react';
import { useState } from 'react';
import type { ReadPart, Resized } from '@/core/reader';
import { formatLength, parseLength, type LengthUnit } from '@/core/units';
import { notResizedText } from '@/core/wording';
import { TypedField } from '@/ui/fields/TypedField';
import type { ReadWay } from '@/workers/reader.worker';
import { changedText } from './useReading';

interface ResizeGroupProps {
  text: string;
  /** Whether the piece is of the text as it stands. */
  isCurrent: boolean;
  way: ReadWay;
  part: ReadPart;
  /** Which of its parts that is. */
  at: number;
  unit: LengthUnit;
  onText: (text: string) => void;
}

/** A piece wider or narrower by its repeats; how wide it comes out by her own gauge. */
export function ResizeGroup({ text, isCurrent, way, part, at, unit, onText }: ResizeGroupProps) {
  const [said, setSaid] = useState<string | null>(null);
  const [gauge, setGauge] = useState<number | null>(null);
  const stitches = Math.max(...part.rows.map(({ out }) => out ?? 0));
  const overMm = unit === 'cm' ? 100 : 101.6;
  const stitchMm = gauge === null ? null : overMm / gauge;
  const resize = async (repeats: number) => {
    const done = await changedText<Resized>({ do: 'resize', text, way, part: at, repeats });
    if (done === null) return setSaid('This takes too long. Try a part of the text.');
    if (!done.ok) return setSaid(notResizedText(done));
    onText(done.text);
    setSaid(
      `A repeat is ${done.repeatStitches} ${done.repeatStitches === 1 ? 'stitch' : 'stitches'}: row 1 goes from ${done.stitches.from} to ${done.stitches.to}. Undo takes it back.`,
    );
  };
  /** As many repeats as come nearest to a width, by her gauge. */
  const toWidth = async (mm: number) => {
    const one = await changedText<Resized>({ do: 'resize', text, way, part: at, repeats: 0 });
    if (one === null) return setSaid('This takes too long. Try a part of the text.');
    if (!one.ok) return setSaid(notResizedText(one));
    await resize(Math.round((mm / (stitchMm ?? 1) - stitches) / one.repeatStitches));
  };
  return (
    <Box as="section" aria-label="Another width" mb="4">
      <Heading as="h2" fontSize="18px" mb="1">
        Another width
      </Heading>
      <Flex gap="3" wrap="wrap" align="end">
        <Button size="sm" minH="44px" variant="outline" bg="paper" disabled={!isCurrent} onClick={() => void resize(1)}>
          Wider by a repeat
        </Button>
        <Button
          size="sm"
          minH="44px"
          variant="outline"
          bg="paper"
          disabled={!isCurrent}
          onClick={() => void resize(-1)}
        >
          Narrower by a repeat
        </Button>
        <TypedField
          label={`Your stitches over ${unit === 'cm' ? '10 cm' : '4 in'}`}
          width="5em"
          shown={gauge === null ? '' : String(gauge)}
          commit={(typed) => {
            const number = Number(typed.trim().replace(',', '.'));
            if (!(number >= 1 && number <= 100)) return 'Write a number from 1 to 100.';
            setGauge(number);
            return null;
          }}
        />
        {stitchMm !== null && (
          <TypedField
            label="As wide as"
            width="5.5em"
            suffix={unit}
            shown={formatLength(stitches * stitchMm, unit, { bare: true, plain: true })}
            commit={(typed) => {
              const parsed = parseLength(typed, unit);
              if (!parsed.ok) return 'Write a length.';
              void toWidth(parsed.mm);
              return null;
            }}
          />
        )}
      </Flex>
      {said && (
        <Box role="status" mt="1" fontSize="14.5px" data-testid="resized">
          {said}
        </Box>
      )}
    </Box>
  );
}
