'use client';

import { Button } from '@chakra-ui/react';
import { useState } from 'react';
import type { FieldFault } from '@/core/design';
import { heldReading, massOfPullG, readBenchLine, type HeldReading } from '@/core/strap';
import { formatMass } from '@/core/units';
import { formatQuantity, faultSentence } from '@/core/wording';
import { useBag } from '@/ui/bag/BagProvider';
import { DeviceBox, type DeviceButton } from '@/ui/devices/DeviceBox';
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
  const pull = (to: number) => {
    setPullN(to);
    gauge.pull(to);
    setSaid(null);
  };
  const buttons: DeviceButton[] = unplugged
    ? [{ label: 'Connect it again', onPress: connect }]
    : [
        { label: 'Set it to nought', onPress: () => void sendLine(gauge, 'TARE') },
        { label: 'Take as slack', onPress: () => take('slack'), isOff: !held },
        { label: 'Take with this weight', onPress: () => take('weight'), isOff: !held || held.massG < 10 },
        { label: 'Take as fully pulled', onPress: () => take('pulled'), isOff: !held },
        { label: 'Pull the plug', onPress: () => gauge.unplug() },
      ];
  return (
    <DeviceBox
      name="gauge"
      reading={
        unplugged
          ? 'The gauge was unplugged. What was taken stays.'
          : last
            ? `${formatMass(Math.round(massOfPullG(last.pullN)), unit)} · ${formatQuantity(last.lengthMm, 'mm', unit)}${held ? ', holding still' : ''}`
            : 'Waiting for the gauge.'
      }
      handle={
        unplugged
          ? null
          : {
              label: 'Pull it',
              name: 'How hard the practice gauge is pulled',
              ...{
                most: MOST_PULL_N,
                step: 0.5,
                at: pullN,
                says: formatMass(Math.round(massOfPullG(pullN)), unit),
                onMove: pull,
              },
            }
      }
      buttons={[...buttons, { label: 'Put it away', onPress: () => setGauge(null) }]}
      said={said ?? 'A practice gauge with a strip of its own in it: no device is connected.'}
    />
  );
}
