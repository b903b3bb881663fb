'use client';

import { Button, Flex } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { piecesDrawn, piecesToCut } from '@/core/wording';
import { layoutDrawing, liningDrawing, sectionDrawing, type Drawing, type PiecesDrawing } from '@/drawing';
import { useBag } from '@/ui/bag/BagProvider';
import { PlaceLayout } from '@/ui/bag/PlaceLayout';
import { DrawnGroups } from '@/ui/closures/DrawnGroups';
import { FoldedTwin } from '@/ui/drawing/FoldedTwin';
import { SheetView } from '@/ui/drawing/SheetView';
import { StillView } from '@/ui/drawing/StillView';
import { PaperGroup } from '@/ui/paper/PaperGroup';
import { ProblemSlips } from '@/ui/problems/ProblemSlips';
import { BesideGroup } from './BesideGroup';
import { CameOutGroup } from './CameOutGroup';
import { LayoutGroup } from './LayoutGroup';
import { LiningKinds } from './LiningKinds';
import { LiningPlan } from './LiningPlan';
import { CutTwin, LaidTwin } from './LiningTwin';
import { OnClothGrips } from './OnClothGrips';
import { PieceNames } from './PieceNames';
import { RemnantsGroup } from './RemnantsGroup';
import { StiffenerPlan } from './StiffenerPlan';
import { useBagsBeside } from './useBagsBeside';
import { useClothLayout } from './useClothLayout';

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
