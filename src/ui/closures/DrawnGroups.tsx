'use client';

import type { ReactNode } from 'react';
import {
  MOST_HARDWARE,
  MOST_POCKETS,
  MOST_TRIMS,
  type HardwareKind,
  type PocketKind,
  type TrimKind,
} from '@/core/design';
import { FITTING_KINDS } from '@/core/fittingKinds';
import { wordsOf } from '@/core/wording';
import { hardwareIcon, pocketIcon, trimIcon, type Drawing } from '@/drawing';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group } from '@/ui/bag/PlaceLayout';
import { DrawnActions } from '@/ui/fields/DrawnActions';
import { PutOnGroups } from './PutOnGroup';

/** What is chosen by its drawing, and how its group is headed: before there is any, and after. */
const GROUPS = {
  hardware: {
    most: MOST_HARDWARE,
    title: 'Rings, rivets, eyelets, clasps',
    more: 'More hardware',
    drawing: (kind: string): Drawing => hardwareIcon(kind as HardwareKind),
  },
  trims: {
    most: MOST_TRIMS,
    title: 'Trim',
    more: 'More trim',
    drawing: (kind: string): Drawing => trimIcon(kind as TrimKind),
  },
  pockets: {
    most: MOST_POCKETS,
    title: 'Pockets',
    more: 'More pockets',
    drawing: (kind: string): Drawing => pocketIcon(kind as PocketKind),
  },
} as const;

/** A group of what is put on: each with its fields and what follows, and below them one more to be chosen by its drawing. */
export function DrawnGroups({ group }: { group: keyof typeof GROUPS }): ReactNode {
  const count = useBag((state) => state.design[group].length);
  return (
    <>
      <PutOnGroups group={group} />
      {count < GROUPS[group].most && <AddDrawn group={group} count={count} />}
    </>
  );
}

function AddDrawn({ group, count }: { group: keyof typeof GROUPS; count: number }) {
  const colour = useBag((state) => state.design.swatch.yarn.colour);
  const store = useBagStore();
  const at = { group, index: 0 } as const;
  const { title, more, drawing } = GROUPS[group];
  const kinds = FITTING_KINDS[group];
  const put = (kind: string) => {
    const { design, edit } = store.getState();
    edit(wordsOf({ choice: { kind }, at }).added, [{ path: [group, count], value: kinds[kind]?.usual(design) }]);
  };
  const actions = Object.keys(kinds).map((kind) => {
    const { title: label, add } = wordsOf({ choice: { kind }, at });
    return { value: kind, label, says: add, drawing: drawing(kind) };
  });
  return (
    <Group title={count === 0 ? title : more}>
      <DrawnActions actions={actions} cloth={colour} scale={1.6} onAct={put} />
    </Group>
  );
}
