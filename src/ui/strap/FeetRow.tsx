'use client';

import { Button, Flex } from '@chakra-ui/react';
import type { Strap } from '@/core/design';
import { footRules, type StrapStage } from '@/core/strap';
import { formatLength } from '@/core/units';
import { useBag } from '@/ui/bag/BagProvider';
import { Row } from '@/ui/bag/PlaceLayout';
import { ChoiceField, NumberField } from '@/ui/fields';
import { entries, type PartProps } from './parts';

const FEET: Readonly<Record<Strap['feet']['on'], string>> = {
  sides: 'At both sides',
  front: 'Both on the front',
  back: 'Both on the back',
};

/** Where a strap's feet are. */
export function FeetRow({ strap: { feet }, stage, edit }: PartProps & { stage: StrapStage | undefined }) {
  const unit = useBag(({ design }) => design.settings.lengthUnit);
  const topStitches = useBag(({ plan }) => plan.pouch.topStitches);
  const stitchMm = useBag(({ plan }) => plan.pouch.stitchMm);
  const foot = stage?.hung.feet.foot;
  const covered = foot?.on === 'face' ? foot.stitches : 4;
  const { thirds, in90 } = footRules({ topStitches, stitchMm }, covered);
  const setIn = (value: number) => edit('Where the feet are', ['feet', 'inStitches'], value);
  return (
    <Row>
      <ChoiceField
        label="Its feet"
        word="foot"
        width="12em"
        value={feet.on}
        choices={entries(FEET)}
        onChange={(on) =>
          edit(
            'Where the feet are',
            ['feet'],
            on === 'sides' ? { on } : { on, inStitches: feet.on === 'sides' ? thirds : feet.inStitches },
          )
        }
      />
      {feet.on !== 'sides' && (
        <>
          <NumberField label="In from either side" suffix="sts" width="7em" value={feet.inStitches} onChange={setIn} />
          <Flex gap="2" alignSelf="flex-end" pb="1">
            <Button size="xs" variant="outline" bg="paper" onClick={() => setIn(thirds)}>
              At thirds
            </Button>
            <Button size="xs" variant="outline" bg="paper" onClick={() => setIn(in90)}>
              {formatLength(90, unit)} from the side
            </Button>
          </Flex>
        </>
      )}
    </Row>
  );
}
