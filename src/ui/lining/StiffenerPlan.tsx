import { Button, Flex } from '@chakra-ui/react';
import type { Stiffener } from '@/core/design';
import { STIFFENERS } from '@/core/stiffener';
import { wordsOf } from '@/core/wording';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group } from '@/ui/bag/PlaceLayout';
import { FittingGroup, TicketRow } from '@/ui/fittings/FittingGroup';

const STIFFENER_AT = { group: 'stiffener', index: 0 } as const;

/** What stands between crochet and lining, with its pieces; or what could. */
export function StiffenerPlan({ stiffener }: { stiffener: Stiffener | null }) {
  const stage = useBag((state) => state.plan.stiffener);
  const store = useBagStore();
  const put = (kind: Stiffener['kind']) => {
    const { design, edit } = store.getState();
    const choice = STIFFENERS[kind].usual(design);
    edit(wordsOf({ choice, at: STIFFENER_AT }).added, [{ path: ['stiffener'], value: choice }]);
  };
  if (stiffener)
    return (
      <FittingGroup choice={stiffener} at={STIFFENER_AT}>
        {stage &&
          wordsOf(stage)
            .tickets(stage)
            .map((row, index) => <TicketRow key={index} tickets={row} />)}
      </FittingGroup>
    );
  return (
    <Group title="No stiffener">
      <Flex gap="2" wrap="wrap">
        {(Object.keys(STIFFENERS) as Stiffener['kind'][]).map((kind) => (
          <Button key={kind} size="sm" variant="outline" bg="paper" onClick={() => put(kind)}>
            {wordsOf({ choice: { kind }, at: STIFFENER_AT }).add}
          </Button>
        ))}
      </Flex>
    </Group>
  );
}
