'use client';

import { Button, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { heldG, heldTapeMm, readScaleLine, readTapeLine } from '@/core/bench';
import { formatLength, formatMass, type LengthUnit } from '@/core/units';
import { DeviceBox, type DeviceButton } from '@/ui/devices/DeviceBox';
import { practiceScale, type PracticeScale } from '@/ui/devices/practiceScale';
import { practiceTape, type PracticeTape } from '@/ui/devices/practiceTape';
import { sendLine } from '@/ui/devices/serialDevice';
import { useReadings } from '@/ui/devices/useReadings';

const MOST_TAPE_MM = 1000;
const MOST_SCALE_G = 500;

interface BenchDevicesProps {
  unit: LengthUnit;
  onLength: (mm: number) => void;
  /** Null where no width is asked for. */
  onWidth: ((mm: number) => void) | null;
  onMass: (massG: number) => void;
}

/** A tape and a scale beside the work: what they say is taken once it holds still. All of it can be typed as well. */
export function BenchDevices(props: BenchDevicesProps) {
  const [out, setOut] = useState<{ tape: boolean; scale: boolean }>({ tape: false, scale: false });
  return (
    <>
      <Flex gap="2" wrap="wrap" mt="2">
        {!out.tape && (
          <Button size="xs" minH="44px" variant="outline" bg="paper" onClick={() => setOut({ ...out, tape: true })}>
            Read a tape
          </Button>
        )}
        {!out.scale && (
          <Button size="xs" minH="44px" variant="outline" bg="paper" onClick={() => setOut({ ...out, scale: true })}>
            Read a scale
          </Button>
        )}
      </Flex>
      {out.tape && <TapeBox {...props} onLeave={() => setOut({ ...out, tape: false })} />}
      {out.scale && <ScaleBox {...props} onLeave={() => setOut({ ...out, scale: false })} />}
    </>
  );
}

function TapeBox({ unit, onLength, onWidth, onLeave }: BenchDevicesProps & { onLeave: () => void }) {
  const [tape, setTape] = useState<PracticeTape>(() => practiceTape());
  const [outMm, setOutMm] = useState(0);
  const [said, setSaid] = useState<string | null>(null);
  const { readings, unplugged } = useReadings(tape, readTapeLine);
  const held = heldTapeMm(readings);
  const last = readings.at(-1);
  const take = (as: string, put: (mm: number) => void) => () => {
    if (held === null) return;
    put(held);
    setSaid(`Taken as ${as}: ${formatLength(held, unit)}.`);
  };
  const again = () => {
    const next = practiceTape();
    next.drawOut(outMm);
    setTape(next);
    setSaid(null);
  };
  const buttons: DeviceButton[] = unplugged
    ? [{ label: 'Connect it again', onPress: again }]
    : [
        { label: 'Take it as the length', onPress: take('the length', onLength), isOff: held === null },
        ...(onWidth
          ? [{ label: 'Take it as the width', onPress: take('the width', onWidth), isOff: held === null }]
          : []),
        { label: 'Pull the plug', onPress: () => tape.unplug() },
      ];
  return (
    <DeviceBox
      name="tape"
      reading={readingText(unplugged, 'tape', last === undefined ? null : formatLength(last, unit), held !== null)}
      handle={
        unplugged
          ? null
          : {
              label: 'Draw it along the work',
              name: 'How far the practice tape is drawn out',
              ...{ most: MOST_TAPE_MM, step: 1, at: outMm, says: formatLength(outMm, unit) },
              onMove: (mm) => {
                setOutMm(mm);
                tape.drawOut(mm);
                setSaid(null);
              },
            }
      }
      buttons={[...buttons, { label: 'Put it away', onPress: onLeave }]}
      said={said ?? 'A practice tape: no device is connected.'}
    />
  );
}

/** A scale shows tenths of a gram; beside inches, ounces with the grams. */
const scaleText = (massG: number, unit: LengthUnit): string =>
  unit === 'cm' ? `${massG.toFixed(1)} g` : formatMass(massG, unit);

function ScaleBox({ unit, onMass, onLeave }: BenchDevicesProps & { onLeave: () => void }) {
  const [scale, setScale] = useState<PracticeScale>(() => practiceScale());
  const [laidG, setLaidG] = useState(0);
  const [said, setSaid] = useState<string | null>(null);
  const { readings, unplugged } = useReadings(scale, readScaleLine);
  const held = heldG(readings);
  const last = readings.at(-1);
  const take = () => {
    if (held === null) return;
    onMass(held);
    setSaid(`Taken as what is left: ${scaleText(held, unit)}.`);
  };
  const again = () => {
    const next = practiceScale();
    next.lay(laidG);
    setScale(next);
    setSaid(null);
  };
  const buttons: DeviceButton[] = unplugged
    ? [{ label: 'Connect it again', onPress: again }]
    : [
        { label: 'Set it to nought', onPress: () => void sendLine(scale, 'TARE') },
        { label: 'Take it as what is left', onPress: take, isOff: held === null },
        { label: 'Pull the plug', onPress: () => scale.unplug() },
      ];
  return (
    <DeviceBox
      name="scale"
      reading={readingText(unplugged, 'scale', last === undefined ? null : scaleText(last, unit), held !== null)}
      handle={
        unplugged
          ? null
          : {
              label: 'Lay the ball on it',
              name: 'What lies on the practice scale',
              ...{ most: MOST_SCALE_G, step: 0.5, at: laidG, says: scaleText(laidG, unit) },
              onMove: (massG) => {
                setLaidG(massG);
                scale.lay(massG);
                setSaid(null);
              },
            }
      }
      buttons={[...buttons, { label: 'Put it away', onPress: onLeave }]}
      said={said ?? 'A practice scale: no device is connected. Set it to nought while it is empty.'}
    />
  );
}

const readingText = (unplugged: boolean, name: string, last: string | null, isHeld: boolean): string =>
  unplugged
    ? `The ${name} was unplugged. What was taken stays.`
    : last === null
      ? `Waiting for the ${name}.`
      : `${last}${isHeld ? ', holding still' : ''}`;
