'use client';

import { Box, Flex } from '@chakra-ui/react';
import { Check, CloudOff, Hourglass } from 'lucide-react';
import type { MakingLog } from './makingLog';
import { useMaking } from './useMakingLog';

/** Whether all that was counted is kept. */
export function KeepingMark({ log }: { log: MakingLog }) {
  const { keeping, waiting, trouble } = useMaking(log);
  const many = waiting === 1 ? '1 thing' : `${waiting} things`;
  const [icon, words] = {
    kept: [<Check key="kept" size={16} />, 'All kept'] as const,
    'on-its-way': [<Hourglass key="way" size={16} />, 'Being kept…'] as const,
    waiting: [
      <CloudOff key="waiting" size={16} />,
      `${trouble ?? 'Ruelle can’t be reached.'} ${many} kept in this window until it can; go on.`,
    ] as const,
  }[keeping];
  return (
    <Flex gap="1.5" align="center" fontSize="14px" role="status" data-keeping={keeping}>
      <Box aria-hidden flexShrink={0}>
        {icon}
      </Box>
      {words}
    </Flex>
  );
}
