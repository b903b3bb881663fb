'use client';

import { Box } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { dueIn, type Due } from '@/core/wording';

const WHEN: Record<Due['when'], string> = { after: 'before you go on: ', in: '', lies: 'here lies ' };

/** What is to be minded: what is due now, and what comes next, in how many rows. */
export function Dues({
  now,
  ahead,
  rowNow,
  counted,
}: {
  now: readonly Due[];
  ahead: readonly Due[];
  rowNow: number;
  counted: 'row' | 'round';
}) {
  return (
    <>
      {now.length > 0 && (
        <Box
          bg="brassPale"
          border="2px solid"
          borderColor="brassDeep"
          px="3"
          py="2"
          mt="3"
          fontSize="18px"
          role="status"
          data-testid="due-now"
        >
          {now.map((due) => (
            <Box key={due.says}>
              <b>Now</b>, {WHEN[due.when]}
              {due.says}
            </Box>
          ))}
        </Box>
      )}
      {ahead.length > 0 && (
        <Box as="ul" listStyleType="none" mt="3" ps="0" fontSize="15px" data-testid="due-ahead">
          {ahead.map((due) => (
            <Ahead key={`${due.row} ${due.says}`}>
              <b>{due.row === rowNow ? `in this ${counted}` : dueIn(due, rowNow, counted)}</b>
              {due.row === rowNow ? '' : `, ${counted} ${due.row}`}: {due.when === 'lies' ? 'here will lie ' : ''}
              {due.says}
            </Ahead>
          ))}
        </Box>
      )}
    </>
  );
}

const Ahead = ({ children }: { children: ReactNode }) => <li>{children}</li>;
