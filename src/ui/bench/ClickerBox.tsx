'use client';

import { Button } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { DeviceBox } from '@/ui/devices/DeviceBox';
import { followClicker, PracticeClicker } from '@/ui/devices/clicker';

/** A clicker on a ring or under the foot: a press of it is a row done. */
export function ClickerBox({ onPress }: { onPress: () => void }) {
  const [clicker, setClicker] = useState<PracticeClicker | null>(null);
  const [isGone, setGone] = useState(false);
  const [presses, setPresses] = useState(0);
  const [latest, setLatest] = useState(() => onPress);
  if (latest !== onPress) setLatest(() => onPress);
  useEffect(() => {
    if (!clicker) return;
    return followClicker(clicker, {
      press: () => {
        setPresses((before) => before + 1);
        latest();
      },
      gone: () => setGone(true),
    });
  }, [clicker, latest]);
  const connect = () => {
    setGone(false);
    setClicker(new PracticeClicker(() => performance.now()));
  };
  if (!clicker)
    return (
      <Button size="xs" minH="44px" mt="2" variant="outline" bg="paper" onClick={connect}>
        Count with a clicker
      </Button>
    );
  return (
    <DeviceBox
      name="clicker"
      reading={isGone ? 'The clicker was unplugged. What was counted stays.' : `Connected: ${clicker.productName}.`}
      handle={null}
      buttons={[
        ...(isGone
          ? [{ label: 'Connect it again', onPress: connect }]
          : [
              { label: 'Press the clicker', onPress: () => clicker.press() },
              { label: 'Pull the plug', onPress: () => clicker.unplug() },
            ]),
        { label: 'Put it away', onPress: () => setClicker(null) },
      ]}
      said={
        presses === 0
          ? 'A practice clicker: no device is connected.'
          : `Pressed ${presses === 1 ? 'once' : `${presses} times`}.`
      }
    />
  );
}
