'use client';

import { Box, Button, Flex, Progress } from '@chakra-ui/react';
import { fabricRoundMm2, insideNeeded, sheetsAcrossMm, sheetsUpMm, type Lot } from '@/core/contents';
import { formatQuantity } from '@/core/wording';
import { useBag, useBagNumbers, useBagStore } from '@/ui/bag/BagProvider';
import { usePackingSearch } from '@/ui/bag/PackingSearch';
import { Group, Row } from '@/ui/bag/PlaceLayout';
import { LengthField, NumberField } from '@/ui/fields';
import { FigureTicket } from '@/ui/figures/FigureTicket';

/** How many ways to pack are shown: those that take the least fabric. */
const SHOWN = 6;

/** The lot as it is packed, what else it could be, and how far the search for better is. */
export function PackingGroup() {
  const { packedWidth, packedHeight, packedThickness, load, mass } = useBagNumbers(
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
          width="4.5em"
          valueMm={thicknessMm}
          empty="as packed"
          onChange={(value) => set('Load', ['contents', 'thicknessMm'], value)}
          onClear={() => set('Load as packed', ['contents', 'thicknessMm'], null)}
        />
        <NumberField
          label="Mass, if you know better"
          suffix="g"
          width="5em"
          value={massG}
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
  if (lots.length === 0) return null;
  return (
    <Box fontSize="14px" color="inkSoft">
      {proven
        ? 'Every way of laying these beside, above and behind each other was gone through: none needs a smaller bag in every direction.'
        : 'Found by trying; a better way may still exist. Up to eight different things are gone through one by one.'}
    </Box>
  );
}

function OtherPackings() {
  const { packings, packed } = useBag((state) => state.plan.contents);
  const layers = useBag((state) => state.plan.pouch.layers);
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const { easeMm, chosenPacking } = useBag((state) => state.design.contents);
  const store = useBagStore();
  if (!packed || packings.lots.length < 2) return null;
  const size = ({ widthMm, heightMm, thicknessMm }: Lot) => ({ widthMm, heightMm, thicknessMm });
  const choose = (lot: Lot | null) =>
    store
      .getState()
      .edit(lot ? 'Packed another way' : 'Packing follows', [
        { path: ['contents', 'chosenPacking'], value: lot && size(lot) },
      ]);
  const least = [...packings.lots]
    .sort((a, b) => fabricRoundMm2(a, easeMm) - fabricRoundMm2(b, easeMm))
    .slice(0, SHOWN);
  const shown = least.includes(packed) ? least : [...least.slice(0, SHOWN - 1), packed];
  const length = (mm: number) => formatQuantity(mm, 'mm', unit);
  return (
    <>
      <table className="ledger" data-testid="packings">
        <thead>
          <tr>
            {['Across', 'Up', 'Thick', 'A bag round it', 'Fabric, no flap', ''].map((head, index) => (
              <th key={head} scope="col">
                {index === 5 ? <span className="only-read">Take it</span> : head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {shown.map((lot) => {
            const inside = insideNeeded(lot, easeMm);
            return (
              <tr key={`${lot.widthMm}-${lot.heightMm}-${lot.thicknessMm}`} aria-current={lot === packed || undefined}>
                <td>{length(lot.widthMm)}</td>
                <td>{length(lot.heightMm)}</td>
                <td>{length(lot.thicknessMm)}</td>
                <td>
                  {length(inside.widthMm + sheetsAcrossMm(layers))} × {length(inside.heightMm + sheetsUpMm(layers))}
                </td>
                <td>{formatQuantity(fabricRoundMm2(lot, easeMm), 'mm2', unit)}</td>
                <td>
                  {lot === packed ? (
                    'as planned'
                  ) : (
                    <button
                      type="button"
                      className="take"
                      aria-label={`Pack it ${length(lot.widthMm)} across, ${length(lot.heightMm)} up`}
                      onClick={() => choose(lot)}
                    >
                      Take it
                    </button>
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      {chosenPacking && (
        <Button size="xs" variant="outline" bg="paper" onClick={() => choose(null)}>
          You settled on this packing. Let it follow again
        </Button>
      )}
    </>
  );
}
