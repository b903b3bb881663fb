'use client';

import { Box, Button, Flex } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import type { Lining, Stiffener } from '@/core/design';
import { LININGS, perHole, type JoinMap } from '@/core/lining';
import { STIFFENERS } from '@/core/stiffener';
import { joinLine, piecesToCut, wordsOf } from '@/core/wording';
import { liningDrawing, liningIcon, type PiecesDrawing } from '@/drawing';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group, PlaceLayout } from '@/ui/bag/PlaceLayout';
import { DrawnGroups } from '@/ui/closures/DrawnGroups';
import { SheetView } from '@/ui/drawing/SheetView';
import { StillView } from '@/ui/drawing/StillView';
import { DrawnActions } from '@/ui/fields/DrawnActions';
import { FittingGroup, TicketRow } from '@/ui/fittings/FittingGroup';
import { PaperGroup } from '@/ui/paper/PaperGroup';
import { ProblemSlips } from '@/ui/problems/ProblemSlips';

/** The lining with its pressing line and the panel it covers; what stiffens the bag; both on paper. */
export function LiningPlace() {
  const lining = useBag((state) => state.design.lining);
  const stiffener = useBag((state) => state.design.stiffener);
  const plan = useBag((state) => state.plan);
  const drawing = useMemo(() => liningDrawing(plan), [plan]);
  const hasPockets = useBag((state) => state.design.pockets.length > 0);
  const [shown, setShown] = useState<'cut' | 'placed'>('cut');
  const isCut = drawing !== null && (shown === 'cut' || !hasPockets);
  return (
    <PlaceLayout
      title="Lining"
      ownHeight={isCut}
      drawing={
        isCut ? (
          <StillView
            drawing={drawing}
            heightPx={560}
            ruled
            label="What is cut: pieces of the lining, their pressing or sewing lines dashed, of pockets, and of the stiffener"
          >
            {(pxPerMm) => <PieceNames places={drawing.places} pxPerMm={pxPerMm} />}
          </StillView>
        ) : (
          <SheetView moves={MOVES} />
        )
      }
    >
      {hasPockets && drawing && (
        <Flex gap="2" wrap="wrap">
          {(['cut', 'placed'] as const).map((way) => (
            <Button
              key={way}
              size="sm"
              variant="outline"
              bg={shown === way ? 'brassPale' : 'paper'}
              aria-pressed={shown === way}
              onClick={() => setShown(way)}
            >
              {way === 'cut' ? 'Show what is cut' : 'Show where pockets lie'}
            </Button>
          ))}
        </Flex>
      )}
      {lining ? <LiningPlan lining={lining} /> : <LiningKinds lining={null} />}
      <ProblemSlips place="lining" />
      <StiffenerPlan stiffener={stiffener} />
      <DrawnGroups group="pockets" />
      {drawing && <PaperGroup />}
      {lining && <LiningKinds lining={lining} />}
    </PlaceLayout>
  );
}

const MOVES = ['pockets'] as const;

/** Letters of a piece's name, px; a piece that is narrower than so many of its letters has its name along it. */
const NAME_PX = 12;

/** What each piece is and how often it is cut, on the piece; along it where it is too narrow. */
function PieceNames({ places, pxPerMm }: Pick<PiecesDrawing, 'places'> & { pxPerMm: number }) {
  const design = useBag((state) => state.design);
  const plan = useBag((state) => state.plan);
  return piecesToCut(design, plan).map(({ part, copies }, index) => {
    const place = places[index];
    if (!place) return null;
    const { x, y, widthMm, heightMm } = place;
    const text = `${part}, ${copies}\u202f×`;
    const isAlong = widthMm * pxPerMm < 0.6 * NAME_PX * text.length && heightMm > widthMm;
    return (
      <text
        key={index}
        transform={`translate(${x} ${y}) scale(${1 / pxPerMm})${isAlong ? ' rotate(-90)' : ''}`}
        textAnchor="middle"
        dominantBaseline="central"
        fontSize={NAME_PX}
        fill="var(--chakra-colors-ink)"
      >
        {text}
      </text>
    );
  });
}

/** A lining is chosen by its drawing; another kind takes the place of the one there is. */
function LiningKinds({ lining }: { lining: Lining | null }) {
  const colour = useBag((state) => state.design.swatch.yarn.colour);
  const store = useBagStore();
  const put = (kind: Lining['kind']) => {
    const { design, edit } = store.getState();
    edit(wordsOf({ choice: { kind }, at: AT }).added, [{ path: ['lining'], value: LININGS[kind].usual(design) }]);
  };
  const kinds = (Object.keys(LININGS) as Lining['kind'][]).filter((kind) => kind !== lining?.kind);
  const actions = kinds.map((kind) => {
    const { title, add } = wordsOf({ choice: { kind }, at: AT });
    return { value: kind, label: title, says: lining ? `${title} instead` : add, drawing: liningIcon(kind) };
  });
  return (
    <Group title={lining ? 'Another lining instead' : 'No lining'}>
      {!lining && (
        <Box fontSize="14px" mb="2">
          The crochet shows inside. A lining keeps small things from slipping through and hides the back of a snap.
        </Box>
      )}
      <DrawnActions actions={actions} cloth={colour} scale={1.6} onAct={put} />
    </Group>
  );
}

const AT = { group: 'lining', index: 0 } as const;

const STIFFENER_AT = { group: 'stiffener', index: 0 } as const;

/** What stands between crochet and lining, with its pieces; or what could. */
function StiffenerPlan({ stiffener }: { stiffener: Stiffener | null }) {
  const stage = useBag((state) => state.plan.stiffener);
  const store = useBagStore();
  const put = (kind: Stiffener['kind']) => {
    const { design, edit } = store.getState();
    const choice = STIFFENERS[kind].usual(design);
    edit(wordsOf({ choice, at: STIFFENER_AT }).added, [{ path: ['stiffener'], value: choice }]);
  };
  if (stiffener)
    return (
      <FittingGroup choice={stiffener} at={STIFFENER_AT}>
        {stage &&
          wordsOf(stage)
            .tickets(stage)
            .map((row, index) => <TicketRow key={index} tickets={row} />)}
      </FittingGroup>
    );
  return (
    <Group title="No stiffener">
      <Flex gap="2" wrap="wrap">
        {(Object.keys(STIFFENERS) as Stiffener['kind'][]).map((kind) => (
          <Button key={kind} size="sm" variant="outline" bg="paper" onClick={() => put(kind)}>
            {wordsOf({ choice: { kind }, at: STIFFENER_AT }).add}
          </Button>
        ))}
      </Flex>
    </Group>
  );
}

function LiningPlan({ lining }: { lining: Lining }) {
  const stage = useBag((state) => state.plan.lining);
  if (!stage) return <FittingGroup choice={lining} at={AT} />;
  const [cut, finished, joined] = wordsOf(stage).tickets(stage);
  const isDropIn = lining.kind === 'drop-in';
  return (
    <>
      <FittingGroup choice={lining} at={AT} />
      <Group title="Cut">
        <TicketRow tickets={cut ?? []} />
        <Box fontSize="14px">Solid edge: cut here{lining.stuff === 'cloth' ? ', the arrow along the grain' : ''}.</Box>
      </Group>
      <Group title={isDropIn ? 'Sew' : 'Press'}>
        <TicketRow tickets={finished ?? []} />
        <Box fontSize="14px">
          {isDropIn
            ? 'Dashed line: sew here. Ticks across the seam meet on two pieces.'
            : 'Dashed line: press the edges under here. The coloured line is the panel’s edge, a little outside it. Mind the hot iron.'}
        </Box>
      </Group>
      {stage.join && (
        <Group title="Join hole by hole">
          <TicketRow tickets={joined ?? []} />
          <JoinLines join={stage.join} />
        </Group>
      )}
    </>
  );
}

/** Every stretch between anchors as a row of holes, each with the stitches that go into it, drawn as ticks and told as a line to work by. */
function JoinLines({ join }: { join: JoinMap }) {
  return join.spans.map((span, index) => {
    const each = perHole(span);
    const { name, counts } = joinLine(span);
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
