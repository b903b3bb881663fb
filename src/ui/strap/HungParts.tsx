'use client';

import type { Strap } from '@/core/design';
import type { StrapStage } from '@/core/strap';
import { useBagStore } from '@/ui/bag/BagProvider';
import { Group } from '@/ui/bag/PlaceLayout';
import { AdjustRow } from './AdjustRow';
import { EndsRow } from './EndsRow';
import { FeetRow } from './FeetRow';
import { LengthRow } from './LengthRow';
import type { Edit } from './parts';
import { WornFigure } from './WornFigure';

/** How any strap hangs: how long it is worn and over what, what its feet are and where, and what makes it longer and shorter. */
export function HungParts({ strap, stage, index }: { strap: Strap; stage: StrapStage | undefined; index: number }) {
  const store = useBagStore();
  const edit: Edit = (change, path, value) =>
    store.getState().edit(change, [{ path: ['straps', index, ...path], value }]);
  return (
    <>
      <Group title="How long it is worn">
        <LengthRow strap={strap} edit={edit} />
        {stage && <WornFigure strap={strap} stage={stage} index={index} />}
      </Group>
      <Group title="How it is held">
        {strap.ends.kind !== 'grown' && <FeetRow strap={strap} stage={stage} edit={edit} />}
        <EndsRow strap={strap} edit={edit} />
        <AdjustRow strap={strap} edit={edit} />
      </Group>
    </>
  );
}
