'use client';

import { Box, Button, Flex } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { isNoSew, type Lining, type Stiffener } from '@/core/design';
import { LININGS, perHole, type JoinMap } from '@/core/lining';
import { STIFFENERS } from '@/core/stiffener';
import { joinLine, piecesDrawn, piecesToCut, wordsOf, type Ticket } from '@/core/wording';
import { layoutDrawing, liningDrawing, liningIcon, sectionDrawing, type Drawing, type PiecesDrawing } from '@/drawing';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group, PlaceLayout } from '@/ui/bag/PlaceLayout';
import { DrawnGroups } from '@/ui/closures/DrawnGroups';
import { FoldedTwin } from '@/ui/drawing/FoldedTwin';
import { SheetView } from '@/ui/drawing/SheetView';
import { StillView } from '@/ui/drawing/StillView';
import { DrawnActions } from '@/ui/fields/DrawnActions';
import { FittingGroup, TicketRow } from '@/ui/fittings/FittingGroup';
import { PaperGroup } from '@/ui/paper/PaperGroup';
import { BesideGroup } from './BesideGroup';
import { CameOutGroup } from './CameOutGroup';
import { CutTwin, LaidTwin } from './LiningTwin';
import { LayoutGroup } from './LayoutGroup';
import { PieceNames } from './PieceNames';
import { OnClothGrips } from './OnClothGrips';
import { RemnantsGroup } from './RemnantsGroup';
import { useClothLayout } from './useClothLayout';
import { useBagsBeside } from './useBagsBeside';
import { ProblemSlips } from '@/ui/problems/ProblemSlips';

/** What the drawing shows: pieces beside each other, the folded bag cut open, pockets where they lie on the crochet, or pieces laid on the cloth. */
type Shown = 'cut' | 'open' | 'placed' | 'cloth';

/** The lining with its pressing line and the panel it covers; pockets; what stiffens the bag; all on cloth and on paper. */
export function LiningPlace() {
  const design = useBag((state) => state.design);
  const plan = useBag((state) => state.plan);
  const { lining, stiffener, pockets, cloth } = design;
  const beside = useBagsBeside();
  const search = useClothLayout(beside.pieces);
  const { laid } = search;
  const [wished, setWished] = useState<Shown>('cut');
  const hasWithin = lining !== null || stiffener !== null;
  const hasCloth = laid !== null || cloth.remnants.length > 0;
  const onCloth = useMemo(() => (hasCloth ? layoutDrawing(laid, cloth) : null), [hasCloth, laid, cloth]);
  const cutOpen = useMemo(
    () => (hasWithin ? sectionDrawing(plan, plan.section.loaded ? 'loaded' : 'empty') : null),
    [hasWithin, plan],
  );
  const views: Record<Shown, (Drawing & Partial<PiecesDrawing>) | null> = {
    cut: useMemo(() => liningDrawing(plan), [plan]),
    open: cutOpen,
    placed: null,
    cloth: onCloth,
  };
  const offered = (['cut', 'open', 'placed', 'cloth'] as const).filter(
    (one) => views[one] !== null || (one === 'placed' && pockets.length > 0),
  );
  const shown = offered.includes(wished) ? wished : (offered[0] ?? 'placed');
  const drawing = views[shown];
  const isCut = piecesToCut(design, plan).length > 0;
  const names =
    shown === 'cloth'
      ? (laid?.laid.map(({ piece }) => laid.pieces[piece]?.name ?? '') ?? [])
      : piecesDrawn(design, plan).map(({ part, copies }) => `${part}, ${copies}\u202f×`);
  return (
    <PlaceLayout
      title="Lining"
      ownHeight={drawing !== null}
      drawing={
        drawing ? (
          <>
            <StillView drawing={drawing} heightPx={560} ruled held={shown === 'cloth'} label={VIEW_LABELS[shown]}>
              {(pxPerMm) => (
                <>
                  {drawing.places && <PieceNames places={drawing.places} names={names} pxPerMm={pxPerMm} />}
                  {shown === 'cloth' && onCloth && <OnClothGrips drawing={onCloth} search={search} pxPerMm={pxPerMm} />}
                </>
              )}
            </StillView>
            {shown === 'cut' && <CutTwin />}
            {shown === 'open' && (
              <FoldedTwin label="The bag cut open, in words" states={[plan.section.loaded ? 'loaded' : 'empty']} />
            )}
            {shown === 'cloth' && <LaidTwin laid={laid} />}
          </>
        ) : (
          <SheetView moves={MOVES} />
        )
      }
    >
      {offered.length > 1 && (
        <Flex gap="2" wrap="wrap">
          {offered.map((one) => (
            <Button
              key={one}
              size="sm"
              variant="outline"
              bg={shown === one ? 'brassPale' : 'paper'}
              aria-pressed={shown === one}
              onClick={() => setWished(one)}
            >
              {VIEW_NAMES[one]}
            </Button>
          ))}
        </Flex>
      )}
      {lining ? <LiningPlan lining={lining} /> : <LiningKinds lining={null} />}
      <ProblemSlips place="lining" />
      {lining && <CameOutGroup />}
      <StiffenerPlan stiffener={stiffener} />
      <DrawnGroups group="pockets" />
      {search.pieces.length > 0 && (
        <>
          <LayoutGroup search={search} onLaid={() => setWished('cloth')} />
          <BesideGroup missing={beside.missing} />
          <RemnantsGroup onAdded={() => setWished('cloth')} />
        </>
      )}
      {isCut && <PaperGroup />}
      {lining && <LiningKinds lining={lining} />}
    </PlaceLayout>
  );
}

const VIEW_NAMES: Record<Shown, string> = {
  cut: 'Show what is cut',
  open: 'Show it cut open',
  placed: 'Show where pockets lie',
  cloth: 'Show it on the cloth',
};
const VIEW_LABELS: Record<Shown, string> = {
  cut: 'What is cut: pieces of the lining, their pressing or sewing lines dashed, of pockets, and of the stiffener',
  open: 'The folded bag cut open from front to back, loaded: crochet, lining, stiffener and what is carried, each at its thickness',
  placed: 'Pockets on the crochet',
  cloth: 'Pieces laid on the cloth, its selvedges dashed, the first cut below; above it what is left over of it',
};

const MOVES = ['pockets'] as const;

/** A lining is chosen by its drawing; another kind takes the place of the one there is. */
function LiningKinds({ lining }: { lining: Lining | null }) {
  const colour = useBag((state) => state.design.swatch.yarn.colour);
  const opening = useBag((state) => state.plan.opening.figures);
  const falls = useBag((state) => state.plan.opening.problems.length > 0);
  const carries = useBag((state) => state.design.contents.items.length > 0);
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
    <Group title={lining ? 'Another lining instead' : 'No lining'} next="choose-lining">
      {!lining && (
        <Box fontSize="14px" mb="2">
          The crochet shows inside. A lining keeps small things from slipping through and hides the back of a snap.
        </Box>
      )}
      {!lining && (
        <>
          <TicketRow tickets={[{ figure: opening.across }, { figure: opening.up }]} />
          {carries && !falls && (
            <Box fontSize="14px" mb="2">
              Nothing that you carry is small enough to go through.
            </Box>
          )}
        </>
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

/** Whether front and back have holes of different counts, so that one piece can't show both. */
const isUneven = (join: JoinMap | null): boolean =>
  new Set(join?.spans.filter(({ name }) => name !== 'side').map(({ lining }) => lining)).size > 1;

function LiningPlan({ lining }: { lining: Lining }) {
  const stage = useBag((state) => state.plan.lining);
  if (!stage) return <FittingGroup choice={lining} at={AT} />;
  const [cut, finished, joined] = wordsOf(stage).tickets(stage);
  if (lining.kind === 'crocheted')
    return (
      <>
        <FittingGroup choice={lining} at={AT} />
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
      <FittingGroup choice={lining} at={AT} />
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
