import { Box } from '@chakra-ui/react';
import { isNoSew, type Lining } from '@/core/design';
import { perHole, type JoinMap } from '@/core/lining';
import { joinLine, wordsOf, type Ticket } from '@/core/wording';
import { useBag } from '@/ui/bag/BagProvider';
import { Group } from '@/ui/bag/PlaceLayout';
import { FittingGroup, TicketRow } from '@/ui/fittings/FittingGroup';

/** The place of the lining among what is put on a bag. */
export const LINING_AT = { group: 'lining', index: 0 } as const;

/** Whether front and back have holes of different counts, so that one piece can't show both. */
const isUneven = (join: JoinMap | null): boolean =>
  new Set(join?.spans.filter(({ name }) => name !== 'side').map(({ lining }) => lining)).size > 1;

/** A lining that there is: what it is, and how it is cut, finished and joined. */
export function LiningPlan({ lining }: { lining: Lining }) {
  const stage = useBag((state) => state.plan.lining);
  if (!stage) return <FittingGroup choice={lining} at={LINING_AT} />;
  const [cut, finished, joined] = wordsOf(stage).tickets(stage);
  if (lining.kind === 'crocheted')
    return (
      <>
        <FittingGroup choice={lining} at={LINING_AT} />
        <Group title="Worked">
          <TicketRow tickets={[...(cut ?? []), ...(finished ?? [])]} />
          <Box fontSize="14px">Single crochet throughout; its rows are written out in the pattern, under “Lining”.</Box>
        </Group>
        {stage.join && <JoinGroup join={stage.join} tickets={joined ?? []} />}
      </>
    );
  const isDropIn = lining.kind === 'drop-in';
  const marks = stage.patterns.flatMap((pattern) => pattern.marks);
  const hasSpots = marks.some((mark) => mark.kind === 'spot');
  const hasPockets = marks.some((mark) => mark.kind === 'outline' && mark.of === 'pocket');
  const hasPlaces = hasSpots || hasPockets;
  const isSharedFront = isDropIn && stage.patterns.some(({ id, copies }) => id === 'front' && copies === 2);
  return (
    <>
      <FittingGroup choice={lining} at={LINING_AT} />
      <Group title="Cut">
        <TicketRow tickets={cut ?? []} />
        <Box fontSize="14px">
          Solid edge: cut here{lining.stuff === 'cloth' ? ', the arrow along the grain' : ''}.
          {isDropIn && ' The coloured line is the outside of the crochet that it goes into.'}
          {!isDropIn &&
            lining.stuff !== 'cloth' &&
            ' The coloured line is the crochet’s edge: nothing is pressed under.'}
          {hasPockets && ' Dotted: a pocket is sewn on there.'}
          {hasSpots && ' A disc: what closes the bag lies behind.'}
          {stage.interfacing.length > 0 && ' Interfacing has no allowance.'}
          {isSharedFront &&
            isUneven(stage.join) &&
            ' The holes at the mouth are the front’s; count the back’s by the line below.'}
          {hasPlaces && isSharedFront && ' Front and back are cut alike: what is marked is on one of them.'}
        </Box>
      </Group>
      {finished && finished.length > 0 && (
        <Group title={isNoSew(lining) ? 'Crochet together' : isDropIn ? 'Sew' : 'Press'}>
          <TicketRow tickets={finished} />
          <Box fontSize="14px">
            {isNoSew(lining)
              ? 'Dots: holes. Seams that meet have as many; the mouth has its own.'
              : isDropIn
                ? `Dashed line: sew here. Ticks across the seam meet on two pieces.${lining.joined === 'by-machine' ? ' The white stretch of a seam stays open.' : ''}`
                : 'Dashed line: press the edges under here. The coloured line is the panel’s edge, a little outside it. Mind the hot iron.'}
          </Box>
        </Group>
      )}
      {stage.join && <JoinGroup join={stage.join} tickets={joined ?? []} />}
    </>
  );
}

/** How both edges meet, between anchors that meet. */
function JoinGroup({ join, tickets }: { join: JoinMap; tickets: readonly Ticket[] }) {
  return (
    <Group title={join.of === 'hole' ? 'Join hole by hole' : 'Join stitch by stitch'}>
      <TicketRow tickets={[...tickets]} />
      <JoinLines join={join} />
    </Group>
  );
}

/** Every stretch between anchors as a row of holes, each with the stitches that go into it, drawn as ticks and told as a line to work by. */
function JoinLines({ join }: { join: JoinMap }) {
  return join.spans.map((span, index) => {
    const each = perHole(span);
    const { name, counts } = joinLine(span, join.of);
    return (
      <Box key={index} mb="2">
        <Box fontSize="14px">
          <b>{name}</b>: {counts}.
        </Box>
        <svg width="100%" height="22" viewBox={`0 0 ${span.lining} 22`} preserveAspectRatio="none" aria-hidden>
          {each.map((count, at) => (
            <g key={at}>
              {Array.from({ length: count }, (_, one) => (
                <line
                  key={one}
                  x1={at + (one + 1) / (count + 1)}
                  x2={at + 0.5}
                  y1={2}
                  y2={18}
                  stroke="var(--chakra-colors-ink)"
                  strokeWidth="1"
                  vectorEffect="non-scaling-stroke"
                />
              ))}
            </g>
          ))}
        </svg>
      </Box>
    );
  });
}
