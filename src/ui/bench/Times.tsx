import { Box } from '@chakra-ui/react';
import { partKey, type BenchState, type PartToWork } from '@/core/bench';
import { timeText } from './timeText';

/** How long it took, and how long the rest will. */
export function Times({ bench, part, done }: { bench: BenchState; part: PartToWork; done: number }) {
  const own = bench.rowMs.filter((one) => one.part === partKey(part));
  if (own.length < 2) return null;
  const eachMs = own.reduce((sum, { ms }) => sum + ms, 0) / own.length;
  const left = part.rowCount - done;
  return (
    <Box mt="3" fontSize="15px" color="inkSoft">
      {timeText(bench.workedMs)} at work so far; {timeText(eachMs)} each, from {own.length} of them
      {left > 0 ? `; about ${timeText(eachMs * left)} left of this piece.` : '.'}
    </Box>
  );
}
