'use client';

import { Box, Button, Flex, Textarea } from '@chakra-ui/react';
import { memo, useMemo, useState } from 'react';
import { partsToWork, type BenchState } from '@/core/bench';
import { finishedOf, goneByScale, timeLeft } from '@/core/logbook';
import { toldMass } from '@/core/units';
import { hoursText, timeLeftText } from '@/core/wording';
import { useBag } from '@/ui/bag/BagProvider';
import { Group } from '@/ui/bag/PlaceLayout';
import { PhotoStrip } from '@/ui/photos/PhotoStrip';
import type { MakingLog } from './makingLog';
import { TypedLength, TypedMass, TypedNumber } from './TypedMeasure';

/** What is typed before it is told; null: not known. */
interface Typed {
  usedG: number | null;
  hours: number | null;
  slackMm: number | null;
  hungMm: number | null;
  laterMm: number | null;
  remark: string;
}

const MOST_MM = 5000;

/** The end of a making: time left, photos, and the bag told finished, with what the logbook learns from. */
export const FinishGroup = memo(function FinishGroup({ log, bench }: { log: MakingLog; bench: BenchState }) {
  const design = useBag((state) => state.design);
  const id = useBag((state) => state.id);
  const plan = useBag((state) => state.plan);
  const parts = useMemo(() => partsToWork(plan), [plan]);
  const told = finishedOf(bench);
  const [isTelling, setTelling] = useState(false);
  return (
    <Group title="Logbook">
      <PhotoStrip of="bag" ownerId={id} name={design.name} />
      <Box mb="2" data-testid="time-left">
        {timeLeftText(timeLeft(parts, bench, design.corrected.pace))}
      </Box>
      {told && (
        <Box mb="2" data-testid="finished">
          ✓ Told finished
          {told.usedG === null ? '' : `, ${toldMass(told.usedG, design.settings.lengthUnit)} of yarn in it`}
          {told.hours === null ? '' : `, ${hoursText(told.hours)} of work`}. It stands in the logbook, and teaches the
          next one.
        </Box>
      )}
      {isTelling ? (
        <FinishFields log={log} bench={bench} onDone={() => setTelling(false)} />
      ) : (
        <Flex gap="2" wrap="wrap">
          <Button size="sm" minH="44px" bg="drawer" color="drawerText" onClick={() => setTelling(true)}>
            {told ? 'Tell it anew' : 'It is finished'}
          </Button>
          {told && (
            <Button
              size="sm"
              minH="44px"
              variant="outline"
              bg="paper"
              onClick={() => log.takeBack(bench.finished.map((one) => one.id))}
            >
              It isn’t finished after all
            </Button>
          )}
        </Flex>
      )}
    </Group>
  );
});

function FinishFields({ log, bench, onDone }: { log: MakingLog; bench: BenchState; onDone: () => void }) {
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const atHandG = useBag((state) => state.design.yarnAtHandG);
  const hasStrap = useBag((state) => state.design.straps.length > 0);
  const last = finishedOf(bench);
  const [typed, setTyped] = useState<Typed>({
    usedG: last?.usedG ?? goneByScale(atHandG, bench.measured),
    hours: last?.hours ?? null,
    slackMm: last?.strap?.slackMm ?? null,
    hungMm: last?.strap?.hungMm ?? null,
    laterMm: last?.strap?.laterMm ?? null,
    remark: last?.remark ?? '',
  });
  const [fault, setFault] = useState<string | null>(null);
  const put = (some: Partial<Typed>) => {
    setTyped((before) => ({ ...before, ...some }));
    setFault(null);
  };
  const length = (label: string, key: 'slackMm' | 'hungMm' | 'laterMm', help?: string) => (
    <TypedLength
      {...{ label, unit, ...(help ? { help } : {}) }}
      valueMm={typed[key]}
      mostMm={MOST_MM}
      onChange={(mm) => put({ [key]: mm })}
    />
  );
  const tell = () => {
    const { slackMm, hungMm, laterMm } = typed;
    const given = [slackMm, hungMm, laterMm].filter((mm) => mm !== null).length;
    if (given > 0 && given < 3) return setFault('Of the strap all three lengths are needed, or none.');
    if (slackMm !== null && hungMm !== null && laterMm !== null && !(slackMm < hungMm && hungMm <= laterMm))
      return setFault(
        'A strap is longer under its bag than slack, and after weeks no shorter. Look at the three lengths again.',
      );
    log.tell({
      kind: 'finished',
      usedG: typed.usedG,
      hours: typed.hours,
      strap: slackMm !== null && hungMm !== null && laterMm !== null ? { slackMm, hungMm, laterMm } : null,
      remark: typed.remark.trim() === '' ? null : typed.remark.trim(),
    });
    onDone();
  };
  return (
    <Box role="group" aria-label="It is finished">
      <Flex gap="3" wrap="wrap" align="start">
        <TypedMass
          label="Yarn in it"
          unit={unit}
          help="Weighed before less weighed after; tails count."
          valueG={typed.usedG}
          mostG={100_000}
          isNoughtToo={false}
          onChange={(usedG) => put({ usedG })}
        />
        <TypedNumber
          label="It took"
          suffix="h"
          help="Where you know better than the counter."
          value={typed.hours}
          most={10_000}
          isNoughtToo={false}
          what="hours"
          onChange={(hours) => put({ hours })}
        />
        {hasStrap && (
          <>
            {length('Strap, slack', 'slackMm', 'May be told weeks later, too.')}
            {length('Under its bag at first', 'hungMm')}
            {length('After weeks', 'laterMm')}
          </>
        )}
      </Flex>
      <Textarea
        mt="2"
        bg="paper"
        aria-label="What you would do otherwise"
        placeholder="What you would do otherwise"
        maxLength={2000}
        value={typed.remark}
        onChange={({ target }) => put({ remark: target.value })}
      />
      {fault && (
        <Box role="alert" bg="decidePale" px="2" py="1" mt="1">
          {fault}
        </Box>
      )}
      <Flex gap="2" mt="2">
        <Button size="sm" minH="44px" bg="drawer" color="drawerText" onClick={tell}>
          Write it into the logbook
        </Button>
        <Button size="sm" minH="44px" variant="outline" bg="paper" onClick={onDone}>
          Not yet
        </Button>
      </Flex>
    </Box>
  );
}
