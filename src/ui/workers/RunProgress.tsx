'use client';

import { Box, Button, Flex, Progress } from '@chakra-ui/react';
import type { RunState } from './useRun';

interface RunButtonProps {
  state: RunState<unknown>;
  begin: string;
  again: string;
  onStart: () => void;
  onStop: () => void;
}

/** Begins a piece of work, or stops it while it goes on. */
export const RunButton = ({ state, begin, again, onStart, onStop }: RunButtonProps) => (
  <Button size="xs" variant="outline" bg="paper" onClick={state.kind === 'running' ? onStop : onStart}>
    {state.kind === 'running' ? 'Stop' : state.kind === 'done' ? again : begin}
  </Button>
);

/** How far a piece of work has come, or that it broke off. Nothing before it begins and when it is done. */
export function RunProgress({ state, doing, label }: { state: RunState<unknown>; doing: string; label: string }) {
  if (state.kind === 'failed')
    return (
      <Box role="alert" fontSize="14.5px">
        That broke off and nothing came of it. Your bag is as it was; try once more.
      </Box>
    );
  if (state.kind !== 'running') return null;
  return (
    <Flex gap="3" align="center" role="status" fontSize="14px">
      <span>{state.isAgain ? `It broke off and was begun anew. ${doing}` : doing}</span>
      <Progress.Root value={Math.round(state.share * 100)} width="10em" size="sm" aria-label={label}>
        <Progress.Track>
          <Progress.Range />
        </Progress.Track>
      </Progress.Root>
    </Flex>
  );
}
