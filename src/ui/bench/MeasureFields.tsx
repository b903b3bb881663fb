'use client';

import { Button, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { PartToWork } from '@/core/bench';
import { formatLength, parseLength, type LengthUnit } from '@/core/units';
import { TypedField } from '@/ui/fields/TypedField';
import { BenchDevices } from './BenchDevices';
import type { MakingLog } from './makingLog';

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
    <TypedField
      label={label}
      suffix={unit}
      help={help}
      shown={typed[key] === null ? '' : formatLength(typed[key], unit, { bare: true, plain: true })}
      commit={(text) => {
        if (text.trim() === '') return put({ [key]: null });
        const read = parseLength(text, unit);
        if (!read.ok) return 'Write a length, such as 12.4 or 124 mm.';
        if (read.mm < 5 || read.mm > MOST_MM)
          return `Write from ${formatLength(5, unit)} to ${formatLength(MOST_MM, unit)}.`;
        return put({ [key]: read.mm });
      }}
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
        <TypedField
          label="Left of the yarn"
          suffix="g"
          help="Weigh the ball twice, some rows apart."
          shown={leftG === null ? '' : String(leftG)}
          commit={(text) => {
            const plain = text.trim().replace(',', '.');
            if (plain === '') return put({ leftG: null });
            const mass = Number(plain);
            return Number.isFinite(mass) && mass >= 0 && mass <= MOST_G ? put({ leftG: mass }) : 'Write a mass in g.';
          }}
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
