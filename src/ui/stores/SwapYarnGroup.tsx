'use client';

import { Box, Button } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { swatchSchema, type Design } from '@/core/design';
import type { FigureChange } from '@/core/logbook';
import type { DesignEdit } from '@/core/problems';
import { isSameName, stockItemSchema, swapYarn, yarnInStoreG, type StockYarn, type SwapBasis } from '@/core/stock';
import { formatMass } from '@/core/units';
import { changeText } from '@/core/wording';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group } from '@/ui/bag/PlaceLayout';
import { ChoiceField } from '@/ui/fields';
import { useWholeLibrary } from '@/ui/library/library';
import type { Work } from '@/ui/workers/planningWorker';
import { useAnswer } from '@/ui/workers/useAnswer';

const BASIS: Record<SwapBasis, string> = {
  'same-hook': 'By your swatch of it on the same hook.',
  'other-hook': 'By your swatch of it, on the hook that one was worked with.',
  unmeasured: 'There is no measured swatch of it in this stitch: sizes are rough until you work one.',
};

const askEffect =
  ({ design, edits }: { design: Design; edits: DesignEdit[] }): Work<(FigureChange[] | null)[]> =>
  (worker) =>
    worker.effectsOf(design, [edits]);

/** Another yarn out of the stores: what it changes, before it is taken. */
export function SwapYarnGroup() {
  const design = useBag((state) => state.design);
  const store = useBagStore();
  const stock = useWholeLibrary('/api/stock', stockItemSchema);
  const swatches = useWholeLibrary('/api/swatches', swatchSchema);
  const [chosen, setChosen] = useState<string>('');
  const own = design.swatch.yarn.name;
  const yarns = useMemo(
    () => stock.filter((item): item is StockYarn => item.kind === 'yarn' && !isSameName(item.name, own)),
    [stock, own],
  );
  const yarn = useMemo(() => yarns.find(({ id }) => id === chosen) ?? null, [yarns, chosen]);
  const swap = useMemo(() => yarn && swapYarn(design, yarn, swatches), [design, yarn, swatches]);
  const question = useMemo(() => swap && { design, edits: swap.edits }, [design, swap]);
  const { last, isCurrent } = useAnswer(question, askEffect);
  if (yarns.length === 0) return null;
  const effect = isCurrent ? last?.[0] : undefined;
  const take = () => {
    if (!swap || !yarn) return;
    store.getState().edit(`In ${yarn.name}`, swap.edits);
    setChosen('');
  };
  return (
    <Group title="Another yarn">
      <ChoiceField
        label="Out of your stores"
        width="18em"
        value={yarn ? chosen : ''}
        choices={[
          { value: '', label: 'Choose a yarn…' },
          ...yarns.map((one) => ({
            value: one.id as string,
            label: `${one.name}, ${formatMass(yarnInStoreG(one), design.settings.lengthUnit)}`,
          })),
        ]}
        onChange={setChosen}
      />
      {yarn && swap && (
        <Box data-testid="swap" data-basis={swap.basis} mt="2">
          <Box>{BASIS[swap.basis]}</Box>
          {effect === undefined && <Box role="status">Planning it…</Box>}
          {effect === null && (
            <Box role="status">No plan comes of it: the sizes that are wished for can’t be had with it.</Box>
          )}
          {effect && (
            <>
              <Box as="ul" ps="5" listStyleType="disc">
                {effect.map((change) => (
                  <li key={change.before.id}>{changeText(change, design.settings.lengthUnit)}</li>
                ))}
                {effect.length === 0 && <li>Counts and sizes stay.</li>}
                {swap.basis === 'unmeasured' && (
                  <li>How much of it is needed isn’t known until its swatch is weighed.</li>
                )}
              </Box>
              <Button size="sm" minH="44px" mt="2" bg="drawer" color="drawerText" onClick={take}>
                Make it of {yarn.name}
              </Button>
            </>
          )}
        </Box>
      )}
    </Group>
  );
}
