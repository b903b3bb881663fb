'use client';

import { Box, Button, Flex } from '@chakra-ui/react';
import { memo, useMemo } from 'react';
import {
  editsLeaving,
  editsTaking,
  isTaken,
  offersFor,
  type FigureChange,
  type LessonKind,
  type Offer,
} from '@/core/logbook';
import { changeText, lessonTitle, offerText } from '@/core/wording';
import { focusingChange } from '@/ui/focus/focusChange';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group } from '@/ui/bag/PlaceLayout';
import type { Design } from '@/core/design';
import type { DesignEdit } from '@/core/problems';
import type { Work } from '@/ui/workers/planningWorker';
import { useAnswer } from '@/ui/workers/useAnswer';
import { useLogbook } from './readLogbook';

const askEffects =
  ({ design, changes }: { design: Design; changes: DesignEdit[][] }): Work<(FigureChange[] | null)[]> =>
  (worker) =>
    worker.effectsOf(design, changes);

/** What bags made before say of this one: each correction with what it rests on and what it would change, taken or left by her alone. */
export const FromLogbook = memo(function FromLogbook({ kinds }: { kinds: readonly LessonKind[] }) {
  const logbook = useLogbook();
  const design = useBag((state) => state.design);
  const id = useBag((state) => state.id);
  const bags = logbook.is === 'here' ? logbook.bags : null;
  const offers = useMemo(() => {
    // A bag is not corrected by itself: what it taught on the way it knows already.
    const lessons = (bags ?? []).flatMap((bag) => (bag.id === id ? [] : bag.lessons));
    return offersFor(design, lessons).filter(({ kind }) => kinds.includes(kind));
  }, [bags, design, id, kinds]);
  const question = useMemo(
    () => (offers.length === 0 ? null : { design, changes: offers.map(editsTaking) }),
    [design, offers],
  );
  const { last, isCurrent } = useAnswer(question, askEffects);
  if (offers.length === 0) return null;
  return (
    <Group title="From your logbook">
      <Flex direction="column" gap="3">
        {offers.map((offer, index) => (
          <OneOffer key={offer.kind} offer={offer} effect={isCurrent ? last?.[index] : undefined} />
        ))}
      </Flex>
    </Group>
  );
});

/** @param effect what it would change; null where no plan comes of it, undefined as long as that is worked out */
function OneOffer({ offer, effect }: { offer: Offer; effect: FigureChange[] | null | undefined }) {
  const design = useBag((state) => state.design);
  const store = useBagStore();
  const taken = isTaken(design, offer);
  const title = lessonTitle(offer.kind, offer.of);
  return (
    <Box data-offer={offer.kind} data-taken={taken}>
      <Box fontWeight={700}>{title}</Box>
      <Box>{offerText(offer)}</Box>
      {taken !== 'as-it-is' && effect && (
        <Box as="ul" ps="5" listStyleType="disc" fontSize="15px">
          {effect.map((change) => (
            <li key={change.before.id}>{changeText(change, design.settings.lengthUnit)}</li>
          ))}
          {effect.length === 0 && (
            <li>
              {offer.kind === 'pace'
                ? 'Hours and what is left are told by it.'
                : 'Nothing that is planned now changes.'}
            </li>
          )}
        </Box>
      )}
      {effect === null && (
        <Box fontSize="15px">No plan comes of it: the sizes that are wished for can’t be kept with it.</Box>
      )}
      <Flex gap="2" mt="1" wrap="wrap" align="center">
        {taken !== 'as-it-is' && effect !== null && (
          <Button
            size="sm"
            minH="44px"
            bg="drawer"
            color="drawerText"
            onClick={(event) =>
              focusingChange(event, () => store.getState().edit('Take it from the logbook', editsTaking(offer)))
            }
          >
            {taken === 'as-it-was' ? 'Take it as it is now' : 'Plan by it'}
            <Box as="span" srOnly>
              : {title}
            </Box>
          </Button>
        )}
        {taken !== 'no' && (
          <>
            <Box>
              {taken === 'as-it-is' ? '✓ This bag is planned by it.' : 'This bag is planned by an earlier one.'}
            </Box>
            <Button
              size="sm"
              minH="44px"
              variant="outline"
              bg="paper"
              onClick={() => store.getState().edit('Leave the logbook’s', editsLeaving(offer))}
            >
              Leave it
              <Box as="span" srOnly>
                : {title}
              </Box>
            </Button>
          </>
        )}
      </Flex>
    </Box>
  );
}
