'use client';

import dynamic from 'next/dynamic';
import { Box } from '@chakra-ui/react';

/** The editor is the browser's own: it comes once the page is there. */
const Reader = dynamic(() => import('./Reader').then(({ Reader: shown }) => shown), {
  ssr: false,
  loading: () => (
    <Box p="6" role="status">
      Opening the reader…
    </Box>
  ),
});

/** A pattern of anybody's, read as it is typed. */
export const ReaderShelf = () => <Reader />;
