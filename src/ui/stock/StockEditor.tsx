'use client';

import { Box, Button, Flex, NativeSelect } from '@chakra-ui/react';
import { useRef } from 'react';
import { LINING_STUFFS } from '@/core/design';
import type { Notion } from '@/core/notions';
import { stockItemSchema, type StockItem } from '@/core/stock';
import { M_PER_YARD, bareMass, formatLength, massUnitOf, parseLength, parseMass, type LengthUnit } from '@/core/units';
import { faultSentence } from '@/core/wording';
import { FieldFrame } from '@/ui/fields/FieldFrame';
import { TypedField } from '@/ui/fields/TypedField';
import { PhotoStrip } from '@/ui/photos/PhotoStrip';
import { RemnantCorners } from './RemnantCorners';

type Keep<T> = (one: T) => Promise<string | null>;

/** The fields of one item in store, or of one of her pieces: its count and its price. Every field is kept as it is left. */
export function StockEditor({
  item,
  piece,
  unit,
  keep,
  keepPiece,
  onRefused,
  onClose,
}: {
  item: StockItem | null;
  piece: Notion | null;
  unit: LengthUnit;
  keep: Keep<StockItem>;
  keepPiece: Keep<Notion>;
  /** Told why something was not kept. */
  onRefused: (sentence: string) => void;
  onClose: () => void;
}) {
  const name = item?.name ?? piece?.name ?? '';
  return (
    <Box role="group" aria-label={`“${name}”`} bg="paper" border="1px solid" borderColor="counterEdge" p="4" mb="4">
      <PhotoStrip of="stock" ownerId={item?.id ?? piece?.id ?? ''} name={name} />
      <Flex gap="4" wrap="wrap" align="start">
        {item && <ItemFields key={item.id} {...{ item, unit, keep, onRefused }} />}
        {piece && <PieceFields key={piece.id} {...{ piece, keep: keepPiece, onRefused }} />}
        <Button size="sm" variant="outline" alignSelf="end" onClick={onClose}>
          Done
        </Button>
      </Flex>
    </Box>
  );
}

/**
 * What is changed one field after the other, each change on top of the one before, though that may not be kept yet: saved one after the other. What is refused
 * is as it was.
 */
function useInTurn<T>(
  one: T,
  keep: Keep<T>,
  onRefused: (sentence: string) => void,
): { latest: () => T; save: (next: T) => void } {
  const now = useRef(one);
  const turn = useRef<Promise<unknown>>(Promise.resolve());
  return {
    latest: () => now.current,
    save: (next) => {
      const before = now.current;
      now.current = next;
      turn.current = turn.current
        .then(() => keep(next))
        .then((sentence) => {
          if (sentence === null) return;
          now.current = before;
          onRefused(sentence);
        });
    },
  };
}

function PieceFields({
  piece,
  keep,
  onRefused,
}: {
  piece: Notion;
  keep: Keep<Notion>;
  onRefused: (sentence: string) => void;
}) {
  const { latest, save } = useInTurn(piece, keep, onRefused);
  return (
    <>
      <Numbered
        label="In store"
        value={piece.count}
        commit={(count) => change(() => save({ ...latest(), count: count ?? 0 }), count, 0, 99_999)}
      />
      <Numbered
        label="Price of one"
        value={piece.price}
        empty="not said"
        commit={(price) => change(() => save({ ...latest(), price }), price, 0, 100_000, true)}
      />
    </>
  );
}

/** Makes a change where a number is within its limits; else a sentence. */
function change(
  make: () => void,
  value: number | null,
  least: number,
  most: number,
  mayBeEmpty = false,
): string | null {
  if (value === null && mayBeEmpty) {
    make();
    return null;
  }
  if (value === null || value < least || value > most) return `Write a number from ${least} to ${most}.`;
  make();
  return null;
}

function ItemFields({
  item,
  unit,
  keep,
  onRefused,
}: {
  item: StockItem;
  unit: LengthUnit;
  keep: Keep<StockItem>;
  onRefused: (sentence: string) => void;
}) {
  const { latest, save } = useInTurn(item, keep, onRefused);
  /** Keeps the item with something else of it; a sentence where it can't be. */
  const put = (part: Record<string, unknown>): string | null => {
    const read = stockItemSchema.safeParse({ ...latest(), ...part });
    if (!read.success)
      return faultSentence({ path: [], sentence: read.error.issues[0]?.message ?? 'This can’t be.' }, unit);
    save(read.data);
    return null;
  };
  const number = (field: string, label: string, value: number | null, empty?: string, suffix?: string) => (
    <Numbered
      key={field}
      label={label}
      value={value}
      empty={empty}
      suffix={suffix}
      commit={(one) => put({ [field]: one })}
    />
  );
  const length = (field: string, label: string, mm: number) => (
    <TypedField
      key={field}
      label={label}
      suffix={unit}
      shown={formatLength(mm, unit, { bare: true, plain: true })}
      commit={(typed) => {
        const read = parseLength(typed, unit);
        return read.ok ? put({ [field]: read.mm }) : 'Write a length, such as 21.5 or 215 mm.';
      }}
    />
  );
  const mass = (text: string): number | null => {
    const read = parseMass(text, unit);
    return read.ok ? read.massG : null;
  };
  const metric = unit === 'cm';
  return (
    <>
      <TypedField label="Name" width="16em" shown={item.name} commit={(name) => put({ name })} />
      {item.kind === 'yarn' && (
        <>
          <TypedField label="Colour" width="9em" shown={item.colour} commit={(colour) => put({ colour })} />
          <TypedField label="Dye lot" width="6em" shown={item.dyeLot} commit={(dyeLot) => put({ dyeLot })} />
          <TypedField
            label="A ball weighs"
            suffix={massUnitOf(unit)}
            shown={bareMass(item.ballMassG, unit)}
            commit={(typed) => {
              const ballMassG = mass(typed);
              return ballMassG === null ? NO_MASS : put({ ballMassG });
            }}
          />
          <Numbered
            label="A ball has"
            suffix={metric ? 'm' : 'yd'}
            value={metric ? item.ballLengthM : toTenth(item.ballLengthM / M_PER_YARD)}
            commit={(one) => put({ ballLengthM: one === null || metric ? one : one * M_PER_YARD })}
          />
          {number('balls', 'Whole balls', item.balls)}
          <TypedField
            label="Opened balls"
            width="10em"
            suffix={massUnitOf(unit)}
            placeholder={metric ? '31; 12' : '1.1; 0.4'}
            help="By the scale, one after the other."
            shown={item.openedG.map((one) => bareMass(one, unit)).join('; ')}
            commit={(typed) => {
              const openedG = typed
                .split(EACH_MASS)
                .filter((one) => one.trim() !== '')
                .map(mass);
              return openedG.includes(null) ? NO_MASS : put({ openedG });
            }}
          />
        </>
      )}
      {(item.kind === 'cloth' || item.kind === 'remnant') && (
        <FieldFrame label="Of">
          {({ id }) => (
            <NativeSelect.Root size="sm" width="8em">
              <NativeSelect.Field
                id={id}
                bg="paper"
                value={item.stuff}
                onChange={(event) => put({ stuff: event.target.value })}
              >
                {LINING_STUFFS.map((stuff) => (
                  <option key={stuff} value={stuff}>
                    {stuff}
                  </option>
                ))}
              </NativeSelect.Field>
              <NativeSelect.Indicator />
            </NativeSelect.Root>
          )}
        </FieldFrame>
      )}
      {item.kind === 'cloth' && (
        <>
          {length('widthMm', 'Wide', item.widthMm)}
          {length('lengthMm', 'Long', item.lengthMm)}
        </>
      )}
      {item.kind === 'remnant' && <RemnantCorners outline={item.outline} unit={unit} put={put} />}
      {item.kind === 'other' && number('count', 'How many', item.count)}
      {item.kind === 'cloth' && !metric ? (
        <Numbered
          label="Price of a yard"
          empty="not said"
          value={item.price === null ? null : Math.round(item.price * M_PER_YARD * 100) / 100}
          commit={(one) => put({ price: one === null ? null : one / M_PER_YARD })}
        />
      ) : (
        item.kind !== 'remnant' && number('price', PRICED[item.kind], item.price, 'not said')
      )}
    </>
  );
}

const PRICED = { yarn: 'Price of a ball', cloth: 'Price of a metre', other: 'Price of one' } as const;

const NO_MASS = 'Write a mass, such as 54 g or 1.9 oz.';
/** Between masses that stand one after the other: a semicolon, or a gap before the next number. */
const EACH_MASS = /;|\s+(?=\d)/;
const toTenth = (value: number): number => Math.round(value * 10) / 10;

/** A plain number; empty where nothing is said. */
function Numbered({
  label,
  value,
  empty,
  suffix,
  commit,
}: {
  label: string;
  value: number | null;
  empty?: string | undefined;
  suffix?: string | undefined;
  commit: (value: number | null) => string | null;
}) {
  return (
    <TypedField
      label={label}
      shown={value === null ? '' : String(value)}
      {...(suffix ? { suffix } : {})}
      {...(empty ? { placeholder: empty } : {})}
      commit={(typed) => {
        const plain = typed.trim().replace(',', '.');
        if (plain === '' && empty !== undefined) return commit(null);
        const number = Number(plain);
        return plain === '' || !Number.isFinite(number) ? 'Write a number here.' : commit(number);
      }}
    />
  );
}
