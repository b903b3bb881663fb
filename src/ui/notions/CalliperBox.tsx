'use client';

import { useState } from 'react';
import type { FieldFault } from '@/core/design';
import { heldMm, readCalliperLine, type SizeField } from '@/core/notions';
import { faultSentence, formatQuantity } from '@/core/wording';
import { useBag } from '@/ui/bag/BagProvider';
import { DeviceBox, type DeviceButton } from '@/ui/devices/DeviceBox';
import { practiceCalliper, type PracticeCalliper } from '@/ui/devices/practiceCalliper';
import { sendLine } from '@/ui/devices/serialDevice';
import { useReadings } from '@/ui/devices/useReadings';

const MOST_JAWS_MM = 80;

interface CalliperBoxProps {
  fields: readonly SizeField[];
  onTake: (field: string, mm: number) => FieldFault[];
  onLeave: () => void;
}

/** A calliper: what it says is taken for one of the sizes once it holds still. What it gives can be typed as well. */
export function CalliperBox({ fields, onTake, onLeave }: CalliperBoxProps) {
  const [calliper, setCalliper] = useState<PracticeCalliper>(() => practiceCalliper());
  const [jawsMm, setJawsMm] = useState(0);
  const [said, setSaid] = useState<string | null>(null);
  const unit = useBag(({ design }) => design.settings.lengthUnit);
  const { readings, unplugged } = useReadings(calliper, readCalliperLine);
  const held = heldMm(readings);
  const last = readings.at(-1);
  const set = (mm: number) => {
    setJawsMm(mm);
    calliper.jaws(mm);
    setSaid(null);
  };
  const again = () => {
    const next = practiceCalliper();
    next.jaws(jawsMm);
    setCalliper(next);
    setSaid(null);
  };
  const take = ({ field, label }: SizeField) => {
    if (held === null) return;
    const [fault] = onTake(field, held);
    setSaid(fault ? faultSentence(fault, unit) : `Taken as ${label}: ${formatQuantity(held, 'mm', unit)}.`);
  };
  const buttons: DeviceButton[] = unplugged
    ? [{ label: 'Connect it again', onPress: again }]
    : [
        { label: 'Set it to nought', onPress: () => void sendLine(calliper, 'ZERO') },
        ...fields.map((field) => ({
          label: fields.length === 1 ? 'Take it' : `Take as ${field.label}`,
          onPress: () => take(field),
          isOff: held === null,
        })),
        { label: 'Pull the plug', onPress: () => calliper.unplug() },
      ];
  return (
    <DeviceBox
      name="calliper"
      reading={
        unplugged
          ? 'The calliper was unplugged. What was taken stays.'
          : last === undefined
            ? 'Waiting for the calliper.'
            : `${last.toFixed(2)} mm${unit === 'in' ? ` (${(last / 25.4).toFixed(3)} in)` : ''}${held === null ? '' : ', holding still'}`
      }
      handle={
        unplugged
          ? null
          : {
              label: 'Close it on the piece',
              name: 'How far the jaws of the practice calliper stand apart',
              ...{ most: MOST_JAWS_MM, step: 0.1, at: jawsMm, says: `${jawsMm.toFixed(1)} mm`, onMove: set },
            }
      }
      buttons={[...buttons, { label: 'Put it away', onPress: onLeave }]}
      said={said ?? 'A practice calliper: no device is connected. Shut its jaws and set it to nought first.'}
    />
  );
}
