'use client';

import { factsOf } from '@/core/design';
import { Box } from '@chakra-ui/react';
import {
  depthSizeEdits,
  outsideSizeEdits,
  sheetsAcrossMm,
  sheetsAlongMm,
  sizesFromEdits,
  wrapOf,
} from '@/core/contents';
import { useBag, useBagBehind, useBagStore } from '@/ui/bag/BagProvider';
import { Group, Row } from '@/ui/bag/PlaceLayout';
import { ChoiceField, LengthField } from '@/ui/fields';
import { FigureTicket } from '@/ui/figures/FigureTicket';
import { InsideTable } from './InsideTable';

const SIZES_FROM = [
  { value: 'contents', label: 'Follow from what goes in' },
  { value: 'outside', label: 'Outside, as I wish' },
  { value: 'inside', label: 'Inside, as I wish' },
] as const;

/** What the bag's sizes follow from, the two kinds of size with what lies between them, and the room that is left. */
export function SizesGroup() {
  const body = useBag((state) => state.design.body);
  const { sizesFrom, widthMm, heightMm } = body;
  const easeMm = useBag((state) => state.design.contents.easeMm);
  const hasThings = useBag((state) => state.plan.contents.packed !== null);
  const belowMouth = useBagBehind('numbers', (state) => state.plan.fit.figures.belowMouth);
  const store = useBagStore();
  const setFrom = (value: (typeof SIZES_FROM)[number]['value']) => {
    const { plan, edit } = store.getState();
    const { layers } = plan.pouch;
    const sheets = { acrossMm: sheetsAcrossMm(layers), upMm: sheetsAlongMm(layers, wrapOf(plan.pouch.kind)) };
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
            {factsOf(body.kind).faces !== 'discs' && (
              <LengthField
                label={`Height, ${word}`}
                valueMm={heightMm}
                onChange={(value) => setSize({ heightMm: value })}
              />
            )}
            {'depthMm' in body && (
              <LengthField
                label="Depth, outside"
                valueMm={body.depthMm}
                onChange={(value) =>
                  store.getState().edit('Wanted depth', depthSizeEdits(store.getState().plan.contents.settled, value))
                }
              />
            )}
          </>
        )}
        <LengthField
          label="Ease"
          word="ease"
          fine
          width="4.5em"
          help="Room to leave beside what goes in."
          valueMm={easeMm}
          onChange={(value) => store.getState().edit('Ease', [{ path: ['contents', 'easeMm'], value }])}
        />
      </Row>
      <InsideTable />
      {belowMouth && hasThings && (
        <Box mt="3">
          <Row>
            <FigureTicket figure={belowMouth} />
          </Row>
        </Box>
      )}
    </Group>
  );
}
