'use client';

import { Box } from '@chakra-ui/react';
import { useMemo } from 'react';
import { isWorkedStrap, type Strap } from '@/core/design';
import { nameAt } from '@/core/fittings';
import {
  PART_NAMES,
  isWorkedStage,
  laidParts,
  laidStrap,
  type LaidStrap,
  type SegmentKind,
  type StrapStage,
} from '@/core/strap';
import { formatQuantity, stepTexts } from '@/core/wording';
import { strapDrawing } from '@/drawing';
import { useBag } from '@/ui/bag/BagProvider';
import { Group } from '@/ui/bag/PlaceLayout';
import { StillView } from '@/ui/drawing/StillView';
import { FittingGroup, FittingTickets } from '@/ui/fittings/FittingGroup';
import { HungParts } from './HungParts';
import { StrapKindRow } from './StrapKindRow';
import { GrownInstead, WorkedStrapParts } from './WorkedStrapParts';

/** A strap: laid out to scale, what it is, how it hangs, and what is to be worked or cut. What can't be planned keeps its fields. */
export function StrapParts({ strap, index }: { strap: Strap; index: number }) {
  const design = useBag((state) => state.design);
  const plan = useBag((state) => state.plan);
  const at = { group: 'straps', index } as const;
  const stage = plan.straps.find((one) => one.at.index === index);
  const worked = stage && isWorkedStage(stage) ? stage : null;
  const feet = stepTexts(design, plan).find(({ id }) => id === nameAt(at, 'attach-strap'));
  return (
    <>
      {stage && <LaidOut stage={stage} />}
      <FittingGroup choice={strap} at={at} lead={<StrapKindRow strap={strap} index={index} />} />
      <HungParts strap={strap} stage={stage} index={index} />
      {worked && isWorkedStrap(strap) && <WorkedStrapParts strap={strap} stage={worked} />}
      {stage && (
        <Group title={worked ? 'To work' : 'To buy and to cut'}>
          <FittingTickets group="straps" index={index} />
          <Box fontSize="14px">{feet?.what}</Box>
        </Group>
      )}
      {worked && <GrownInstead stage={worked} />}
    </>
  );
}

const WORN = {
  pulled: 'Pulled, as worn',
  loaded: 'Under this bag, as worn',
  slack: 'Reinforced, as worn',
} as const;

/** The way from mouth to mouth, part by part; nothing of a strap that is only strap. */
function wayWords({ parts, wornMm, standsMm }: LaidStrap, length: (mm: number) => string): string {
  const laid = laidParts(parts, wornMm, standsMm).map(({ kind, fromMm, toMm }) => ({ kind, mm: toMm - fromMm }));
  if (
    laid.every(({ kind, mm }) => kind === 'strap' || mm === 0) &&
    laid.filter(({ kind }) => kind === 'strap').length < 2
  )
    return '';
  const told = laid
    .filter(({ kind, mm }) => mm > 0 || ADJUSTS.has(kind))
    .map(({ kind, mm }) =>
      mm > 0 ? `${PART_NAMES[kind].toLowerCase()} ${length(mm)}` : PART_NAMES[kind].toLowerCase(),
    );
  return `: ${told.join(', ')}`;
}

/** Parts that take nothing of the way and are told all the same. */
const ADJUSTS: ReadonlySet<SegmentKind> = new Set(['slider', 'two-rings', 'buttonholes', 'knot', 'bow']);

/** The strap slack, and as it is worn with all that holds it, to one scale. */
function LaidOut({ stage }: { stage: StrapStage }) {
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const length = (mm: number) => formatQuantity(mm, 'mm', unit);
  const laid = useMemo(() => laidStrap(stage), [stage]);
  const drawing = useMemo(() => strapDrawing(laid), [laid]);
  const worked = isWorkedStage(stage);
  return (
    <Box bg="counterEdge" p="2">
      <Box fontSize="13px" px="2">
        {worked ? 'As worked, lying slack' : 'As it is cut'}: {length(laid.slackMm)}, what its ends take hatched
      </Box>
      <StillView
        drawing={drawing}
        heightPx={92}
        label="The strap slack, and as it is worn, to one scale"
        marginPx={8}
      />
      <Box fontSize="13px" px="2">
        {worked ? WORN[stage.choice.school] : 'As worn'}: {length(laid.wornMm)} from mouth to mouth
        {wayWords(laid, length)}
      </Box>
    </Box>
  );
}
