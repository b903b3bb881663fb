import { useEffect, useState } from 'react';
import { readBenchLine, type BenchReading } from '@/core/strap';
import { linesOf, type SerialDevice } from './serialDevice';

/** As many as are looked at together. */
const KEPT = 10;

/** What a gauge says, for as long as it is there. */
export interface Bench {
  readings: readonly BenchReading[];
  /** It went away while it was read. */
  unplugged: boolean;
}

const NOTHING: Bench = { readings: [], unplugged: false };

/** Reads a gauge line by line while it is connected. */
export function useBenchReadings(device: SerialDevice | null): Bench {
  const [said, setSaid] = useState<{ by: SerialDevice | null; bench: Bench }>({ by: null, bench: NOTHING });
  useEffect(() => {
    if (!device) return;
    let isHere = true;
    const say = (next: (before: Bench) => Bench) => {
      if (isHere) setSaid(({ by, bench }) => ({ by: device, bench: next(by === device ? bench : NOTHING) }));
    };
    const read = async () => {
      await device.open();
      for await (const line of linesOf(device)) {
        const reading = readBenchLine(line);
        if (reading) say(({ readings }) => ({ readings: [...readings.slice(1 - KEPT), reading], unplugged: false }));
      }
    };
    read().catch(() => say(() => ({ readings: [], unplugged: true })));
    return () => {
      isHere = false;
      void device.close().catch(() => undefined);
    };
  }, [device]);
  return said.by === device ? said.bench : NOTHING;
}
