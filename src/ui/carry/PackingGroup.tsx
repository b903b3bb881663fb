'use client';

import { Box, Button, Flex, Progress } from '@chakra-ui/react';
import { useEffect, useMemo } from 'react';
import { fabricRoundMm2, packingFigures, wrapOf, type Lot, type PackingFigures, type Wrap } from '@/core/contents';
import type { Figure } from '@/core/figures';
import { formatQuantity } from '@/core/wording';
import { useBag, useBagBehind, useBagStore } from '@/ui/bag/BagProvider';
import { usePackingSearch } from '@/ui/bag/PackingSearch';
import { Group, Row } from '@/ui/bag/PlaceLayout';
import { LengthField, MassField } from '@/ui/fields';
import { AskableNumber, FigureTicket } from '@/ui/figures/FigureTicket';
import { TakeTable } from '@/ui/figures/TakeTable';

/** How many ways to pack are shown: those that take the least fabric. */
const SHOWN = 6;

/** The lot as it is packed, what else it could be, and how far the search for better is. */
export function PackingGroup() {
  const { packedWidth, packedHeight, packedThickness, load, mass } = useBagBehind(
    'numbers',
    (state) => state.plan.contents.figures,
  );
  const { thicknessMm, massG } = useBag((state) => state.design.contents);
  const store = useBagStore();
  const set = (label: string, path: (string | number)[], value: unknown) =>
    store.getState().edit(label, [{ path, value }]);
  return (
    <Group title="Packed">
      <SearchNote />
      <Row>
        {packedWidth && <FigureTicket figure={packedWidth} />}
        {packedHeight && <FigureTicket figure={packedHeight} />}
        {packedThickness && <FigureTicket figure={packedThickness} />}
        <FigureTicket figure={load} label="The load is planned as thick as" />
        <FigureTicket figure={mass} />
      </Row>
      <OtherPackings />
      <Row>
        <LengthField
          label="Thickness, if you know better"
          fine
          width="6em"
          valueMm={thicknessMm}
          empty="as packed"
          onChange={(value) => set('Load', ['contents', 'thicknessMm'], value)}
          onClear={() => set('Load as packed', ['contents', 'thicknessMm'], null)}
        />
        <MassField
          label="Mass, if you know better"
          width="6em"
          valueG={massG}
          empty="added up"
          onChange={(value) => set('Mass of the load', ['contents', 'massG'], value)}
          onClear={() => set('Mass added up', ['contents', 'massG'], null)}
        />
      </Row>
    </Group>
  );
}

/** How sure the packing is, and while a better one is looked for, how far that is and how to stop it. */
function SearchNote() {
  const search = usePackingSearch();
  const { proven, lots } = useBag((state) => state.plan.contents.packings);
  const hasThings = useBag((state) => state.plan.contents.things.length > 0);
  if (search.state === 'searching')
    return (
      <Flex gap="3" align="center" role="status" fontSize="14px">
        <span>Looking for better ways to pack…</span>
        <Progress.Root value={Math.round(search.share * 100)} width="8em" size="sm" aria-label="How far the search is">
          <Progress.Track>
            <Progress.Range />
          </Progress.Track>
        </Progress.Root>
        <Button size="xs" variant="outline" bg="paper" onClick={search.stop}>
          Stop
        </Button>
      </Flex>
    );
  if (lots.length === 0)
    return hasThings ? (
      <Box role="status" fontSize="14.5px">
        No way was found to pack all of this into one bag. Leave some of it out.
      </Box>
    ) : null;
  return (
    <Box fontSize="14px" color="inkSoft">
      {proven
        ? 'Every way of laying these beside, above and behind each other was gone through: none needs a smaller bag in every direction.'
        : 'Found by trying; a better way may still exist. Up to eight different things are gone through one by one.'}
    </Box>
  );
}

/** Those that take the least fabric, and the one that is planned. */
function shownOf(lots: readonly Lot[], packed: Lot | null, easeMm: number, wrap: Wrap): Lot[] {
  const fabric = (lot: Lot) => fabricRoundMm2(lot, easeMm, wrap);
  const least = [...lots].sort((a, b) => fabric(a) - fabric(b)).slice(0, SHOWN);
  return packed === null || least.includes(packed) ? least : [...least.slice(0, SHOWN - 1), packed];
}

function OtherPackings() {
  const { packings, packed } = useBag((state) => state.plan.contents);
  const { easeMm, chosenPacking } = useBag((state) => state.design.contents);
  const store = useBagStore();
  const wrap = useBag((state) => wrapOf(state.design.body.kind));
  const shown = useMemo(() => shownOf(packings.lots, packed, easeMm, wrap), [packings.lots, packed, easeMm, wrap]);
  if (!packed || packings.lots.length < 2) return null;
  const choose = (lot: Lot | null) =>
    store
      .getState()
      .edit(lot ? 'Packed another way' : 'Packing follows', [
        { path: ['contents', 'chosenPacking'], value: lot && sizeOf(lot) },
      ]);
  return <PackingTable lots={shown} packed={packed} chosen={chosenPacking !== null} choose={choose} />;
}

interface PackingTableProps {
  lots: readonly Lot[];
  packed: Lot;
  /** She settled on this one herself. */
  chosen: boolean;
  choose: (lot: Lot | null) => void;
}

function PackingTable({ lots, packed, chosen, choose }: PackingTableProps) {
  const layers = useBag((state) => state.plan.pouch.layers);
  const wrap = useBag((state) => wrapOf(state.design.body.kind));
  const easeMm = useBag((state) => state.design.contents.easeMm);
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const store = useBagStore();
  const figures = useMemo(
    () => lots.map((lot, index) => packingFigures(lot, easeMm, layers, wrap, String(index))),
    [lots, easeMm, layers, wrap],
  );
  useEffect(
    () =>
      store.getState().showBesides(
        'packings',
        figures.flatMap((one) => Object.values<Figure>({ ...one })),
      ),
    [figures, store],
  );
  return (
    <>
      <TakeTable
        testId="packings"
        heads={['Across', 'Up', 'Thick', 'A bag round it', 'Fabric, no flap']}
        rows={lots.map((lot, index) => {
          const { across, up, thick, bagWidth, bagHeight, fabric } = figures[index] as PackingFigures;
          return {
            key: `${lot.widthMm}-${lot.heightMm}-${lot.thicknessMm}`,
            cells: [
              <AskableNumber key="across" figure={across} />,
              <AskableNumber key="up" figure={up} />,
              <AskableNumber key="thick" figure={thick} />,
              <span key="bag">
                <AskableNumber figure={bagWidth} /> × <AskableNumber figure={bagHeight} />
              </span>,
              <AskableNumber key="fabric" figure={fabric} />,
            ],
            isPlanned: lot === packed,
            takeLabel: `Pack it ${formatQuantity(lot.widthMm, 'mm', unit)} across, ${formatQuantity(lot.heightMm, 'mm', unit)} up`,
            edits: [{ path: ['contents', 'chosenPacking'], value: sizeOf(lot) }],
          };
        })}
      />
      {chosen && (
        <Button size="xs" variant="outline" bg="paper" my="2" onClick={() => choose(null)}>
          You settled on this packing. Let it follow again
        </Button>
      )}
    </>
  );
}

const sizeOf = ({ widthMm, heightMm, thicknessMm }: Lot) => ({ widthMm, heightMm, thicknessMm });
