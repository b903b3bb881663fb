import { Box } from '@chakra-ui/react';

/** Names what was kept and can't be read here. It is set aside, and stays as it is. */
export function SetAside({ names }: { names: readonly string[] }) {
  if (names.length === 0) return null;
  return (
    <Box role="note" fontSize="14.5px">
      This Ruelle can’t read {names.map((name) => `“${name}”`).join(', ')}. {names.length === 1 ? 'It is' : 'They are'}{' '}
      set aside and kept as {names.length === 1 ? 'it is' : 'they are'}.
    </Box>
  );
}
