'use client';

import { Box, Button, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { FieldFault } from '@/core/design';
import { heldMm, readCalliperLine, type SizeField } from '@/core/notions';
import { faultSentence, formatQuantity } from '@/core/wording';
import { useBag } from '@/ui/bag/BagProvider';
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
  return (
    <Box bg="counterEdge" p="2" mt="2" data-testid="calliper">
      <Flex gap="3" align="center" wrap="wrap">
        <Box fontSize="14px" minW="13em" className="tabular">
          {unplugged
            ? 'The calliper was unplugged. What was taken stays.'
            : last === undefined
              ? 'Waiting for the calliper.'
              : `${last.toFixed(2)} mm${held === null ? '' : ', holding still'}`}
        </Box>
        {!unplugged && (
          <label style={{ fontSize: 14 }}>
            Close it on the piece{' '}
            <input
              type="range"
              min={0}
              max={MOST_JAWS_MM}
              step={0.1}
              value={jawsMm}
              aria-label="How far the jaws of the practice calliper stand apart"
              aria-valuetext={`${jawsMm.toFixed(1)} mm`}
              onChange={({ target }) => set(Number(target.value))}
            />
          </label>
        )}
      </Flex>
      <Flex gap="2" mt="2" wrap="wrap">
        {unplugged ? (
          <Small label="Connect it again" onPress={again} />
        ) : (
          <>
            <Small label="Set it to nought" onPress={() => void sendLine(calliper, 'ZERO')} />
            {fields.map((field) => (
              <Small
                key={field.field}
                label={fields.length === 1 ? 'Take it' : `Take as ${field.label}`}
                onPress={() => take(field)}
                isOff={held === null}
              />
            ))}
            <Small label="Pull the plug" onPress={() => calliper.unplug()} />
          </>
        )}
        <Small label="Put it away" onPress={onLeave} />
      </Flex>
      <Box fontSize="13px" mt="1" role="status" minH="1.4em">
        {said ?? 'A practice calliper: no device is connected. Shut its jaws and set it to nought first.'}
      </Box>
    </Box>
  );
}

const Small = ({ label, onPress, isOff = false }: { label: string; onPress: () => void; isOff?: boolean }) => (
  <Button size="xs" variant="outline" bg="paper" onClick={onPress} disabled={isOff}>
    {label}
  </Button>
);
