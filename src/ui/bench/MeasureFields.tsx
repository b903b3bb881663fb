'use client';

import { Button, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { PartToWork } from '@/core/bench';
import type { LengthUnit } from '@/core/units';
import { TypedField } from '@/ui/fields/TypedField';
import { BenchDevices } from './BenchDevices';
import type { MakingLog } from './makingLog';
import { TypedLength, TypedMass } from './TypedMeasure';

/** What is typed before it is written down. */
interface Typed {
  /** Null as long as it is the last row that is worked. */
  rows: number | null;
  lengthMm: number | null;
  widthMm: number | null;
  leftG: number | null;
}

const NOTHING: Typed = { rows: null, lengthMm: null, widthMm: null, leftG: null };
const MOST_MM = 2000;
const MOST_G = 100_000;

/** What the tape and the scale say, typed one by one and written down together. */
export function MeasureFields({
  log,
  part,
  unit,
  done,
  stitches,
}: {
  log: MakingLog;
  part: PartToWork;
  unit: LengthUnit;
  /** Rows worked so far. */
  done: number;
  /** Stitches of the last of them. */
  stitches: number | null;
}) {
  const [typed, setTyped] = useState<Typed>(NOTHING);
  const put = (some: Partial<Typed>): null => {
    setTyped({ ...typed, ...some });
    return null;
  };
  const length = (label: string, key: 'lengthMm' | 'widthMm', help: string) => (
    <TypedLength
      {...{ label, help, unit }}
      valueMm={typed[key]}
      mostMm={MOST_MM}
      onChange={(mm) => void put({ [key]: mm })}
    />
  );
  const { lengthMm, widthMm, leftG } = typed;
  const rows = typed.rows ?? done;
  const canKeep = rows >= 2 && lengthMm !== null;
  return (
    <>
      <Flex gap="3" wrap="wrap" align="start">
        <TypedField
          label="After row"
          shown={String(rows)}
          commit={(text) => {
            const number = Number(text.trim());
            if (!Number.isInteger(number) || number < 2 || number > part.rowCount)
              return `Write a row from 2 to ${part.rowCount}.`;
            return put({ rows: number });
          }}
        />
        {length('It is long', 'lengthMm', 'From the beginning, laid flat, not pulled.')}
        {stitches !== null && length('And wide', 'widthMm', `Over all ${stitches} stitches; may be left out.`)}
        <TypedMass
          label="Left of the yarn"
          unit={unit}
          help="Weigh the ball twice, some rows apart."
          valueG={leftG}
          mostG={MOST_G}
          isNoughtToo
          onChange={(massG) => void put({ leftG: massG })}
        />
        <Button
          bg="drawer"
          color="drawerText"
          minH="44px"
          alignSelf="end"
          disabled={!canKeep}
          onClick={() => {
            if (lengthMm === null) return;
            log.tell({ kind: 'measured', piece: part.piece, copy: part.copy, rows, lengthMm, widthMm, leftG });
            setTyped(NOTHING);
          }}
        >
          Write it down
        </Button>
      </Flex>
      <BenchDevices
        unit={unit}
        onLength={(mm) => put({ lengthMm: mm })}
        onWidth={stitches === null ? null : (mm) => put({ widthMm: mm })}
        onMass={(massG) => put({ leftG: massG })}
      />
    </>
  );
}
