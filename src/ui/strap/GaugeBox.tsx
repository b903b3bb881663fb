'use client';

import { Box, Button, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { FieldFault } from '@/core/design';
import { heldReading, massOfPullG, readBenchLine, type HeldReading } from '@/core/strap';
import { formatQuantity, faultSentence } from '@/core/wording';
import { useBag } from '@/ui/bag/BagProvider';
import { practiceGauge, type PracticeGauge } from '@/ui/devices/practiceGauge';
import { sendLine } from '@/ui/devices/serialDevice';
import { useReadings } from '@/ui/devices/useReadings';

/** The strip in the practice gauge: like a plain strap of cotton. From memory. */
const PRACTICE_STRIP = { slackMm: 196, curve: { mostShare: 0.16, pullN: 9 } };
const MOST_PULL_N = 45;

export type Taken = 'slack' | 'weight' | 'pulled';

/** A pull gauge with the tape beside it: what it says is taken as a reading once it holds still. What it gives can be typed as well. */
export function GaugeBox({ onTake }: { onTake: (as: Taken, held: HeldReading) => FieldFault[] }) {
  const [gauge, setGauge] = useState<PracticeGauge | null>(null);
  const [pullN, setPullN] = useState(0);
  const [said, setSaid] = useState<string | null>(null);
  const unit = useBag(({ design }) => design.settings.lengthUnit);
  const { readings, unplugged } = useReadings(gauge, readBenchLine);
  const connect = () => {
    setPullN(0);
    setSaid(null);
    setGauge(practiceGauge(PRACTICE_STRIP));
  };
  if (!gauge)
    return (
      <Button size="xs" variant="outline" bg="paper" mt="2" onClick={connect}>
        Read them off a pull gauge
      </Button>
    );
  const held = heldReading(readings);
  const last = readings.at(-1);
  const take = (as: Taken) => {
    if (!held) return;
    const [fault] = onTake(as, held);
    setSaid(fault ? faultSentence(fault, unit) : 'Taken.');
  };
  return (
    <Box bg="counterEdge" p="2" mt="2" data-testid="gauge">
      <Flex gap="3" align="center" wrap="wrap">
        <Box fontSize="14px" minW="15em">
          {unplugged
            ? 'The gauge was unplugged. What was taken stays.'
            : last
              ? `${Math.round(massOfPullG(last.pullN))} g · ${formatQuantity(last.lengthMm, 'mm', unit)}${held ? ', holding still' : ''}`
              : 'Waiting for the gauge.'}
        </Box>
        {!unplugged && (
          <label style={{ fontSize: 14 }}>
            Pull it{' '}
            <input
              type="range"
              min={0}
              max={MOST_PULL_N}
              step={0.5}
              value={pullN}
              aria-label="How hard the practice gauge is pulled"
              aria-valuetext={`${Math.round(massOfPullG(pullN))} g`}
              onChange={({ target }) => {
                setPullN(Number(target.value));
                gauge.pull(Number(target.value));
                setSaid(null);
              }}
            />
          </label>
        )}
      </Flex>
      <Flex gap="2" mt="2" wrap="wrap">
        {unplugged ? (
          <Small label="Connect it again" onPress={connect} />
        ) : (
          <>
            <Small label="Set it to nought" onPress={() => void sendLine(gauge, 'TARE')} />
            <Small label="Take as slack" onPress={() => take('slack')} isOff={!held} />
            <Small label="Take with this weight" onPress={() => take('weight')} isOff={!held || held.massG < 10} />
            <Small label="Take as fully pulled" onPress={() => take('pulled')} isOff={!held} />
            <Small label="Pull the plug" onPress={() => gauge.unplug()} />
          </>
        )}
        <Small label="Put it away" onPress={() => setGauge(null)} />
      </Flex>
      <Box fontSize="13px" mt="1" role="status" minH="1.4em">
        {said ?? 'A practice gauge with a strip of its own in it: no device is connected.'}
      </Box>
    </Box>
  );
}

const Small = ({ label, onPress, isOff = false }: { label: string; onPress: () => void; isOff?: boolean }) => (
  <Button size="xs" variant="outline" bg="paper" onClick={onPress} disabled={isOff}>
    {label}
  </Button>
);
