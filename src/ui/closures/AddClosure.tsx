'use client';

import { Box } from '@chakra-ui/react';
import { CLOSES_MOUTHS, CLOSURES } from '@/core/closure';
import { MOST_CLOSURES, type Closure } from '@/core/design';
import { wordsOf } from '@/core/wording';
import { closureIcon } from '@/drawing';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group } from '@/ui/bag/PlaceLayout';
import { DrawnActions } from '@/ui/fields/DrawnActions';

const KINDS = Object.keys(CLOSURES) as Closure['kind'][];

/** Puts one more closure on, chosen by its drawing, as it is usual on this bag. */
export function AddClosure() {
  const count = useBag((state) => state.design.closures.length);
  const hasFlap = useBag((state) => state.plan.flap.hasFlap);
  const colour = useBag((state) => state.design.swatch.yarn.colour);
  const store = useBagStore();
  if (count >= MOST_CLOSURES) return null;
  const put = (kind: Closure['kind']) => {
    const { design, edit } = store.getState();
    const { added } = wordsOf({ choice: { kind }, at: { group: 'closures', index: 0 } });
    edit(added, [{ path: ['closures', count], value: CLOSURES[kind].usual(design) }]);
  };
  // What suits the bag as it is comes first.
  const suiting = hasFlap ? KINDS : KINDS.toSorted((a, b) => Number(CLOSES_MOUTHS[b]) - Number(CLOSES_MOUTHS[a]));
  const actions = suiting.map((kind) => {
    const { title, add } = wordsOf({ choice: { kind }, at: { group: 'closures', index: 0 } });
    return { value: kind, label: title, says: add, drawing: closureIcon(kind) };
  });
  return (
    <Group title={count === 0 ? 'Nothing closes it yet' : 'Put another on'} next="choose-closure">
      {count === 0 && (
        <Box fontSize="14px" mb="2">
          {hasFlap ? 'The flap hangs free.' : 'The mouth is open.'}
        </Box>
      )}
      <DrawnActions actions={actions} cloth={colour} scale={1.6} onAct={put} />
    </Group>
  );
}
