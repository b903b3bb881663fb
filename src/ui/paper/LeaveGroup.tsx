'use client';

import { Box, Button, Flex } from '@chakra-ui/react';
import { useState, type ReactNode } from 'react';
import { Group, Row } from '@/ui/bag/PlaceLayout';

interface LeaveGroupProps<As extends string> {
  title: string;
  /** What is chosen before anything leaves. */
  children: ReactNode;
  offers: readonly (readonly [as: As, label: string])[];
  /** What is said before anything has left. */
  says: string;
  /** Makes the file and hands it over; what it gives is said. */
  leave: (as: As) => Promise<string>;
}

/** What leaves the program as a file, in one of several formats. */
export function LeaveGroup<As extends string>({ title, children, offers, says, leave }: LeaveGroupProps<As>) {
  const [said, setSaid] = useState<string | null>(null);
  const begin = async (as: As) => {
    setSaid('Being drawn …');
    try {
      setSaid(await leave(as));
    } catch {
      setSaid('That could not be drawn. Try another format.');
    }
  };
  return (
    <Group title={title}>
      <Row>
        {children}
        <Flex gap="2" align="end" wrap="wrap" pb="1">
          {offers.map(([as, label]) => (
            <Button key={as} size="sm" variant="outline" bg="paper" onClick={() => void begin(as)}>
              {label}
            </Button>
          ))}
        </Flex>
      </Row>
      <Box fontSize="14px" role="status">
        {said ?? says}
      </Box>
    </Group>
  );
}
