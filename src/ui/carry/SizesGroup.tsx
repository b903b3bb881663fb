'use client';

import { outsideSizeEdits, sheetsAcrossMm, sheetsUpMm, sizesFromEdits } from '@/core/contents';
import { useBag, useBagNumbers, useBagStore } from '@/ui/bag/BagProvider';
import { Group, Row } from '@/ui/bag/PlaceLayout';
import { ChoiceField, LengthField } from '@/ui/fields';
import { FigureTicket } from '@/ui/figures/FigureTicket';

const SIZES_FROM = [
  { value: 'contents', label: 'Follow from what goes in' },
  { value: 'outside', label: 'Outside, as I wish' },
  { value: 'inside', label: 'Inside, as I wish' },
] as const;

/** What the bag's sizes follow from, the two kinds of size with what lies between them, and the room that is left. */
export function SizesGroup() {
  const { sizesFrom, widthMm, heightMm } = useBag((state) => state.design.body);
  const easeMm = useBag((state) => state.design.contents.easeMm);
  const hasThings = useBag((state) => state.plan.contents.packed !== null);
  const { width, height } = useBagNumbers((state) => state.plan.pouch.figures);
  const { needsWidth, needsHeight } = useBagNumbers((state) => state.plan.contents.figures);
  const { insideWidth, insideHeight, easeAcross, easeUp, belowMouth } = useBagNumbers(
    (state) => state.plan.fit.figures,
  );
  const store = useBagStore();
  const setFrom = (value: (typeof SIZES_FROM)[number]['value']) => {
    const { plan, edit } = store.getState();
    const { layers } = plan.pouch;
    const sheets = { acrossMm: sheetsAcrossMm(layers), upMm: sheetsUpMm(layers) };
    edit('What the sizes follow from', sizesFromEdits(plan.contents.settled, value, sheets));
  };
  const setSize = (size: { widthMm: number } | { heightMm: number }) => {
    const { plan, edit } = store.getState();
    const { sizesFrom: from, wishedMm } = { ...plan.contents.settled.body, wishedMm: plan.contents.settled.wishedMm };
    if (from !== 'inside') return edit('Wanted size', outsideSizeEdits(plan.contents.settled, size));
    const inside = { ...wishedMm, ...size };
    return edit('Wanted size, inside', [
      { path: ['body', 'widthMm'], value: inside.widthMm },
      { path: ['body', 'heightMm'], value: inside.heightMm },
      { path: ['body', 'chosenStitches'], value: null },
      ...['front', 'back'].map((part) => ({ path: ['body', 'chosenRows', part], value: null })),
    ]);
  };
  const word = sizesFrom === 'inside' ? 'inside' : 'outside';
  return (
    <Group title="Its sizes">
      <Row>
        <ChoiceField label="The sizes" width="14em" value={sizesFrom} choices={SIZES_FROM} onChange={setFrom} />
        {sizesFrom !== 'contents' && (
          <>
            <LengthField label={`Width, ${word}`} valueMm={widthMm} onChange={(value) => setSize({ widthMm: value })} />
            <LengthField
              label={`Height, ${word}`}
              valueMm={heightMm}
              onChange={(value) => setSize({ heightMm: value })}
            />
          </>
        )}
        <LengthField
          label="Ease"
          fine
          width="4.5em"
          help="Room to leave beside what goes in."
          valueMm={easeMm}
          onChange={(value) => store.getState().edit('Ease', [{ path: ['contents', 'easeMm'], value }])}
        />
      </Row>
      <Row>
        <FigureTicket figure={width} />
        <FigureTicket figure={insideWidth} />
        {needsWidth && <FigureTicket figure={needsWidth} label="What goes in needs, across" />}
        {easeAcross && <FigureTicket figure={easeAcross} />}
      </Row>
      <Row>
        <FigureTicket figure={height} label="Height, outside" />
        <FigureTicket figure={insideHeight} />
        {needsHeight && <FigureTicket figure={needsHeight} label="What goes in needs, up" />}
        {easeUp && <FigureTicket figure={easeUp} />}
        {belowMouth && hasThings && <FigureTicket figure={belowMouth} />}
      </Row>
    </Group>
  );
}
