'use client';

import { Box, Button, Flex, chakra } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { isOwnStitchId, ownStitchSchema, patternOf, type OwnStitch, type StitchChoice as Choice } from '@/core/design';
import { PANEL_STITCH_IDS, STITCHES, STITCH_IDS, type StitchId } from '@/core/stitches';
import { stitchName } from '@/core/wording';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { swatchFabric } from '@/drawing/fabric';
import { FabricSwatch } from '@/ui/fabric/FabricSwatch';
import { ChoiceField } from '@/ui/fields';
import { CLOTHS, clothStyle } from '@/ui/theme/colours';
import { LibraryFinder } from '@/ui/library/LibraryFinder';
import { SetAside } from '@/ui/library/SetAside';
import { useLibrary } from '@/ui/library/library';
import { OwnStitchSheet } from './OwnStitchSheet';
import { draftOf, newDraft, type OwnStitchDraft } from './ownStitchDraft';

/** Patterns for straps and cords: they are looked at here, and worked elsewhere. */
const APART_IDS = STITCH_IDS.filter((id) => STITCHES[id].use !== 'fabric');

interface StitchChoiceProps {
  /** A pattern that is only looked at, in place of the bag's. */
  looking: StitchId | null;
  onLook: (id: StitchId | null) => void;
}

/** The catalogue and her own patterns, as one choice among small squares of paper; those for straps can be looked at. */
export function StitchChoice({ looking, onLook }: StitchChoiceProps) {
  const { stitch, ownStitches } = useBag((state) => state.design);
  const { terms } = useBag((state) => state.design.settings);
  const hers = useLibrary('/api/stitches', ownStitchSchema);
  const store = useBagStore();
  const [draft, setDraft] = useState<OwnStitchDraft | null>(null);
  const [told, setTold] = useState<string | null>(null);
  const own = ownStitches.find(({ id }) => id === stitch);
  const choose = (id: Choice, brought?: OwnStitch) => {
    onLook(null);
    store
      .getState()
      .edit(`Stitch: ${brought?.name ?? stitchName(id, terms, ownStitches)}`, [
        ...(brought ? [{ path: ['ownStitches', ownStitches.length], value: brought }] : []),
        { path: ['stitch'], value: id },
        { path: ['body', 'chosenStitches'], value: null },
      ]);
  };
  const elsewhere = hers.kept.filter(({ id }) => !ownStitches.some((here) => here.id === id));
  return (
    <>
      <Box as="fieldset" display="flex" flexWrap="wrap" gap="1.5">
        <chakra.legend srOnly>Stitch pattern of the bag</chakra.legend>
        {[...PANEL_STITCH_IDS, ...ownStitches.map(({ id }) => id)].map((id) => (
          <Square
            key={id}
            id={id}
            name={stitchName(id, terms, ownStitches)}
            chosen={id === stitch}
            onChoose={() => choose(id)}
          />
        ))}
      </Box>
      <Flex gap="2" wrap="wrap" align="end" mt="2">
        <Button size="xs" variant="outline" bg="paper" onClick={() => setDraft(newDraft())}>
          Write one of your own
        </Button>
        {own && (
          <>
            <Button size="xs" variant="outline" bg="paper" onClick={() => setDraft(draftOf(own, terms))}>
              Change its rows
            </Button>
            <Button
              size="xs"
              variant="outline"
              bg="paper"
              onClick={async () => setTold((await hers.keep(own)) ?? `“${own.name}” is kept for other bags.`)}
            >
              Keep it for other bags
            </Button>
          </>
        )}
        {elsewhere.length > 0 && (
          <ChoiceField
            label="Yours, from other bags"
            width="14em"
            value=""
            choices={[
              { value: '', label: 'Choose one…' },
              ...elsewhere.map(({ id, name }) => ({ value: id as string, label: name })),
            ]}
            onChange={(id) => {
              const brought = elsewhere.find((one) => one.id === id);
              if (brought) choose(brought.id, brought);
            }}
          />
        )}
        <ChoiceField
          label="Look at one for straps"
          width="12em"
          value={looking ?? 'none'}
          choices={[
            { value: 'none', label: 'The bag’s own' },
            ...APART_IDS.map((id) => ({ value: id as StitchId | 'none', label: stitchName(id, terms) })),
          ]}
          onChange={(id) => onLook(id === 'none' ? null : id)}
        />
      </Flex>
      <LibraryFinder part={hers} label="Find among your patterns" where="in “Yours, from other bags”" />
      <SetAside names={hers.unreadable} />
      {told && (
        <Box role="status" fontSize="14px">
          {told}
        </Box>
      )}
      {isOwnStitchId(stitch) && !own && <Box fontSize="14px">The rows of this pattern are not in the bag.</Box>}
      {draft && <OwnStitchSheet key={draft.id} first={draft} open onClose={() => setDraft(null)} />}
    </>
  );
}

/** A stitch, chosen by what it looks like when it is worked, in the bag's own yarn. */
function Square({ id, name, chosen, onChoose }: { id: Choice; name: string; chosen: boolean; onChoose: () => void }) {
  const ownStitches = useBag((state) => state.design.ownStitches);
  const hand = useBag((state) => state.design.settings.hand);
  const colour = useBag((state) => state.design.swatch.yarn.colour);
  const fabric = useMemo(
    () => swatchFabric(patternOf({ stitch: id, ownStitches, plainEdge: 0 }), 12, 14, hand === 'right'),
    [id, ownStitches, hand],
  );
  const cloths = useMemo(() => [CLOTHS[colour]], [colour]);
  return (
    <chakra.label
      display="inline-flex"
      flexDirection="column"
      gap="1"
      width="112px"
      p="1.5"
      bg="paper"
      border="1px solid"
      borderColor={chosen ? 'ink' : 'paperEdge'}
      boxShadow={chosen ? 'inset 0 -4px 0 var(--chakra-colors-brass)' : undefined}
      fontWeight={chosen ? 700 : 400}
      cursor="pointer"
      fontSize="13.5px"
      lineHeight="1.2"
      style={clothStyle(colour)}
    >
      <FabricSwatch fabric={fabric} cloths={cloths} widthPx={98} heightPx={72} stitchPx={12} />
      <span>
        <input type="radio" name="stitch" checked={chosen} onChange={onChoose} /> {name}
      </span>
    </chakra.label>
  );
}
