import { Box, Flex, Heading } from '@chakra-ui/react';
import type { ReactNode } from 'react';

interface DrawerHeadProps {
  title: string;
  /** How many there are of what the page holds, in words. */
  counted: string;
  /** What can be done here, and where one can go. */
  children: ReactNode;
}

/** The dark head of a page outside any bag. */
export const DrawerHead = ({ title, counted, children }: DrawerHeadProps) => (
  <Flex as="header" className="onDark" bg="drawer" color="drawerText" px="6" py="3" gap="3" align="center" wrap="wrap">
    <Heading as="h1" fontSize="26px" color="brass">
      {title}
    </Heading>
    <Box flex="1">{counted}</Box>
    {children}
  </Flex>
);
