'use client';

import { Box, Flex, Stack } from '@chakra-ui/react';
import Link from 'next/link';
import { DrawerHead } from '@/ui/shelf/DrawerHead';
import { CopiesGroup } from './CopiesGroup';
import { PhonesGroup } from './PhonesGroup';

/** What is about all of Ruelle and none of its bags: copies, and phones. */
export function WorkroomView() {
  return (
    <Flex direction="column" minH="100vh">
      <DrawerHead title="Workroom" counted="Copies, and your phone">
        <Link href="/" prefetch={false}>
          ← Shelf
        </Link>
      </DrawerHead>
      <Box as="main" p={{ base: '3', md: '6' }}>
        <Stack gap="6" maxW="60em">
          <CopiesGroup />
          <PhonesGroup />
        </Stack>
      </Box>
    </Flex>
  );
}
