'use client';

import { Box, Flex, Heading } from '@chakra-ui/react';
import Link from 'next/link';
import type { MadeBag, PlannedAndMade } from '@/core/logbook';
import type { LengthUnit } from '@/core/units';
import { formatDifference, formatQuantity, hoursText, lessonTitle, lessonValue } from '@/core/wording';
import { useLastSettings } from '@/ui/bag/useLastSettings';
import { FactList } from '@/ui/figures/FactList';
import { PhotoStrip } from '@/ui/photos/PhotoStrip';
import { dayInWords } from './dayOf';

/** A bag in the logbook: when and of what it was made, what it was to be and what it is, its photos, its notes, and what it taught. */
export function MadeBagCard({ bag }: { bag: MadeBag }) {
  const { lengthUnit: unit } = useLastSettings();
  const { sizes, yarnG, rows, hours, rowsPerHour } = bag;
  const facts: [string, string][] = [
    ['Begun', bag.begunMs === null ? '–' : dayInWords(bag.begunMs)],
    ['Finished', bag.finishedMs === null ? 'on the way' : dayInWords(bag.finishedMs)],
    ['Yarn', `${bag.yarn}, ${bag.hookMm} mm hook`],
    ['Rows', rows.worked === rows.all ? String(rows.all) : `${rows.worked} of ${rows.all}`],
    [
      'Time',
      hours === null
        ? 'not told'
        : `${hoursText(hours)}${rowsPerHour === null ? '' : `, ${rowsPerHour.toFixed(1)} rows an hour`}`,
    ],
    ...named('Width', sizes.widthMm, 'mm', unit),
    ...named('Height', sizes.heightMm, 'mm', unit),
    ...named('Depth', sizes.depthMm, 'mm', unit),
    ...named('Yarn in it', yarnG, 'g', unit),
  ];
  return (
    <Box
      as="article"
      aria-label={bag.name}
      bg="paper"
      border="1px solid"
      borderColor="paperEdge"
      p="4"
      data-finished={bag.finishedMs !== null || undefined}
    >
      <Heading as="h2" fontSize="20px" mb="2" overflowWrap="anywhere">
        <Link href={`/bags/${bag.id}/bench`} prefetch={false}>
          {bag.name}
        </Link>
      </Heading>
      <PhotoStrip of="bag" ownerId={bag.id} name={bag.name} />
      <FactList facts={facts} nameWidth="6em" />
      {bag.notes.length > 0 && (
        <Box as="ul" mt="3" ps="5" listStyleType="disc">
          {bag.notes.map((note, index) => (
            <Box as="li" key={index} whiteSpace="pre-wrap" overflowWrap="anywhere">
              {note}
            </Box>
          ))}
        </Box>
      )}
      {bag.lessons.length > 0 && (
        <Flex direction="column" mt="3" fontSize="15px" color="inkSoft">
          <Box fontWeight={700}>It taught</Box>
          {bag.lessons.map(({ kind, of, value }) => (
            <Box key={`${kind}.${of}`}>
              {lessonTitle(kind, of)}: {lessonValue(kind, value)}
            </Box>
          ))}
        </Flex>
      )}
    </Box>
  );
}

/** A size or a mass: planned, came out at, and by how much it is off; nothing where neither is known. */
function named(
  name: string,
  { planned, plusMinus, made }: PlannedAndMade,
  unit: 'mm' | 'g',
  lengthUnit: LengthUnit,
): [string, string][] {
  if (planned === null && made === null) return [];
  const said = (value: number) => formatQuantity(value, unit, lengthUnit);
  const plan = planned === null ? 'not planned' : `planned ${said(planned)}`;
  if (made === null) return [[name, plan]];
  const off =
    planned === null
      ? ''
      : ` (${formatDifference(made - planned, unit, lengthUnit)}${within(planned, plusMinus, made)})`;
  return [[name, `${plan}, came out at ${said(made)}${off}`]];
}

const within = (planned: number, plusMinus: number | null, made: number): string =>
  plusMinus === null ? '' : Math.abs(made - planned) <= plusMinus ? ', within its ±' : ', more than its ±';
