'use client';

import { Box } from '@chakra-ui/react';
import { useEffect, useMemo, useState } from 'react';
import { alternativeFigures, type Alternative } from '@/core/alternatives';
import type { SettledDesign } from '@/core/contents';
import type { Swatch } from '@/core/design';
import { stitchName } from '@/core/wording';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group } from '@/ui/bag/PlaceLayout';
import { ChoiceField } from '@/ui/fields';
import { AskableNumber } from '@/ui/figures/FigureTicket';
import { useSwatchLibrary } from '@/ui/swatch/swatchLibrary';
import type { Work } from '@/ui/workers/planningWorker';
import { useAnswer } from '@/ui/workers/useAnswer';
import { TakeTable } from '@/ui/figures/TakeTable';

const SHOWN = 8;

type Kind = 'any' | 'hook' | 'edge' | 'stitch';
const KINDS: { value: Kind; label: string }[] = [
  { value: 'any', label: 'Any of them' },
  { value: 'hook', label: 'Another hook' },
  { value: 'edge', label: 'Another edge' },
  { value: 'stitch', label: 'Another stitch' },
];

/** Other hooks, edges and stitches for the same sizes in the same yarn, ranked by how far they may be off. */
export function AlternativesGroup() {
  const { terms } = useBag((state) => state.design.settings);
  const design = useBag((state) => state.design);
  const [kind, setKind] = useState<Kind>('any');
  const found = useAlternatives();
  const store = useBagStore();
  const shown = useMemo(() => (found ? chosenOf(found, design, kind) : []), [found, design, kind]);
  const figures = useMemo(() => shown.map((one, index) => alternativeFigures(one, String(index))), [shown]);
  useEffect(
    () =>
      store.getState().showBesides(
        'alternatives',
        figures.flatMap(({ width, height, off }) => [width, height, off]),
      ),
    [figures, store],
  );
  return (
    <Group
      title="Other ways to these sizes"
      action={<ChoiceField label="Show" hideLabel width="11em" value={kind} choices={KINDS} onChange={setKind} />}
    >
      {found === null && <Box role="status">Looking through stitches and hooks…</Box>}
      {found !== null && shown.length === 0 && (
        <Box fontSize="14.5px">
          {kind === 'edge'
            ? 'A plain edge changes nothing here: this stitch comes out on any count, or no other edge comes near.'
            : 'None yet. Keep swatches of this yarn on other hooks in the library, and they come up here.'}
        </Box>
      )}
      {shown.length > 0 && (
        <TakeTable
          testId="alternatives"
          heads={['Stitch', 'Hook', 'Count', 'Width', 'Height', 'Off, at most']}
          rows={shown.map((one, index) => ({
            key: [one.stitch, one.hookMm, one.plainEdge, one.stitches].join(),
            cells: [
              stitchName(one.stitch, terms, design.ownStitches),
              <span key="hook" style={{ whiteSpace: 'nowrap' }}>{`${one.hookMm} mm`}</span>,
              `${one.stitches}${one.plainEdge > 0 ? `, ${one.plainEdge} plain a side` : ''}`,
              <AskableNumber key="width" figure={(figures[index] as (typeof figures)[number]).width} />,
              <AskableNumber key="height" figure={(figures[index] as (typeof figures)[number]).height} />,
              <AskableNumber key="off" figure={(figures[index] as (typeof figures)[number]).off} />,
            ],
            isPlanned: false,
            takeLabel: `Take ${stitchName(one.stitch, terms, design.ownStitches)} on ${one.hookMm} mm, ${one.stitches} stitches`,
            edits: one.edits,
            instead: 'swatch first',
          }))}
        />
      )}
      <Box fontSize="13px" color="inkSoft">
        Ranked by the most that width and height together may be off, 19 times in 20. A stitch without a swatch of its
        own is carried over from this one, to a wide ±.
      </Box>
    </Group>
  );
}

/** The alternatives as the worker finds them; null until it has. */
function useAlternatives(): Alternative[] | null {
  const { widthMm, heightMm } = useBag((state) => state.plan.contents.settled.body);
  const design = useBag((state) => state.design);
  const { swatches } = useSwatchLibrary();
  const store = useBagStore();
  // The settled design is made anew with every plan; the design itself tells when anything has changed.
  const question = useMemo(
    () => ({ settled: store.getState().plan.contents.settled, swatches, restsOn: [design, widthMm, heightMm] }),
    [store, swatches, design, widthMm, heightMm],
  );
  return useAnswer(question, askAlternatives).last;
}

const askAlternatives =
  ({ settled, swatches }: { settled: SettledDesign; swatches: readonly Swatch[] }): Work<Alternative[]> =>
  (worker, onShare) =>
    worker.alternatives(settled, [...swatches], onShare);

type Chosen = Parameters<typeof stitchName>[0];

/** The best of each stitch and hook that differ from the bag in the asked way. */
function chosenOf(
  found: readonly Alternative[],
  design: { stitch: Chosen; plainEdge: number; swatch: { hookMm: number } },
  kind: Kind,
): Alternative[] {
  const best = new Map<string, Alternative>();
  for (const one of found) {
    const other = {
      stitch: one.stitch !== design.stitch,
      hook: one.hookMm !== design.swatch.hookMm,
      edge: one.plainEdge !== design.plainEdge,
    };
    if (kind === 'edge' ? other.stitch || other.hook || !other.edge : !other.stitch && !other.hook) continue;
    if (kind === 'hook' && (other.stitch || !other.hook)) continue;
    if (kind === 'stitch' && !other.stitch) continue;
    const key = kind === 'edge' ? String(one.plainEdge) : `${one.stitch} ${one.hookMm}`;
    if (!best.has(key)) best.set(key, one);
  }
  return [...best.values()].slice(0, SHOWN);
}
