import { useEffect, useState } from 'react';
import { linesOf, type SerialDevice } from './serialDevice';

/** As many as are looked at together. */
const KEPT = 10;

/** What a device says, for as long as it is there. */
export interface Readings<Reading> {
  readings: readonly Reading[];
  /** It went away while it was read. */
  unplugged: boolean;
}

/**
 * Reads a device line by line while it is connected.
 *
 * @param read a line as a reading, null for one that is none; the same function at every call
 */
export function useReadings<Reading>(
  device: SerialDevice | null,
  read: (line: string) => Reading | null,
): Readings<Reading> {
  const [said, setSaid] = useState<{ by: SerialDevice | null } & Readings<Reading>>({
    by: null,
    readings: [],
    unplugged: false,
  });
  useEffect(() => {
    if (!device) return;
    let isHere = true;
    const say = (next: (before: readonly Reading[]) => Readings<Reading>) => {
      if (isHere) setSaid(({ by, readings }) => ({ by: device, ...next(by === device ? readings : []) }));
    };
    const follow = async () => {
      await device.open();
      for await (const line of linesOf(device)) {
        const reading = read(line);
        if (reading !== null)
          say((readings) => ({ readings: [...readings.slice(1 - KEPT), reading], unplugged: false }));
      }
    };
    follow().catch(() => say(() => ({ readings: [], unplugged: true })));
    return () => {
      isHere = false;
      void device.close().catch(() => undefined);
    };
  }, [device, read]);
  return said.by === device ? said : { readings: [], unplugged: false };
}
