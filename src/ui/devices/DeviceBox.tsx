'use client';

import { Box, Button, Flex } from '@chakra-ui/react';

/** What can be pressed, in the order it stands. */
export interface DeviceButton {
  label: string;
  onPress: () => void;
  isOff?: boolean;
}

interface DeviceBoxProps {
  /** Which device it is. */
  name: string;
  /** What it says just now, or that it waits, or is gone. */
  reading: string;
  /** What a practice device is moved by; null while its plug is out. */
  handle: {
    label: string;
    name: string;
    most: number;
    step: number;
    at: number;
    says: string;
    onMove: (to: number) => void;
  } | null;
  buttons: readonly DeviceButton[];
  /** What came of the last thing that was pressed, or what the device is. */
  said: string;
}

/** A device that is plugged in, as it shows itself: what it says, what moves it, what can be pressed. */
export const DeviceBox = ({ name, reading, handle, buttons, said }: DeviceBoxProps) => (
  <Box bg="counterEdge" p="2" mt="2" data-testid={name}>
    <Flex gap="3" align="center" wrap="wrap">
      <Box fontSize="14px" minW="15em" className="tabular">
        {reading}
      </Box>
      {handle && (
        <label style={{ fontSize: 14 }}>
          {handle.label}{' '}
          <input
            type="range"
            min={0}
            max={handle.most}
            step={handle.step}
            value={handle.at}
            aria-label={handle.name}
            aria-valuetext={handle.says}
            onChange={({ target }) => handle.onMove(Number(target.value))}
          />
        </label>
      )}
    </Flex>
    <Flex gap="2" mt="2" wrap="wrap">
      {buttons.map(({ label, onPress, isOff = false }) => (
        <Button key={label} size="xs" variant="outline" bg="paper" onClick={onPress} disabled={isOff}>
          {label}
        </Button>
      ))}
    </Flex>
    <Box fontSize="13px" mt="1" role="status" minH="1.4em">
      {said}
    </Box>
  </Box>
);
