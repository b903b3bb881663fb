import { Box, Heading } from '@chakra-ui/react';
import Link from 'next/link';

export default function NotFound() {
  return (
    <Box as="main" p="10">
      <Heading as="h1" fontSize="28px" mb="2">
        Nothing lies here
      </Heading>
      <p>
        There is no such bag on this shelf.{' '}
        <Link href="/" style={{ textDecoration: 'underline' }}>
          Back to the shelf
        </Link>
      </p>
    </Box>
  );
}
