'use client';

import { Stack, chakra } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import type { FieldFault } from '@/core/design';
import type { FoldState } from '@/core/fold';
import type { View } from '@/drawing';
import { Sheet, type SheetProps } from '@/ui/bag/Sheet';
import { useBag } from '@/ui/bag/BagProvider';
import { Row } from '@/ui/bag/PlaceLayout';
import { ChoiceField, NumberField } from '@/ui/fields';
import { GROUNDS, LEAST_SIDE_PX, MOST_SIDE_PX, bagColours, type Ground } from './bagPicture';
import { PicturePreview } from './PicturePreview';
import { SavePicture } from './SavePicture';

/** Sizes to choose from, by what they are for. */
const SIZES = {
  notes: { label: 'For my notes: 1200 by 900', px: [1200, 900] },
  square: { label: 'Square: 2000 by 2000', px: [2000, 2000] },
  shop: { label: 'For a shop: 2400 by 1800', px: [2400, 1800] },
  print: { label: 'To print large: 6000 by 4500', px: [6000, 4500] },
  own: { label: 'Another size', px: null },
} as const;
type SizeName = keyof typeof SIZES;

const FLAPS = {
  closed: { label: 'closed', share: 1 },
  half: { label: 'half open', share: 0.45 },
  open: { label: 'open', share: -0.15 },
} as const;
type FlapName = keyof typeof FLAPS;

const DEGREE = Math.PI / 180;

interface PictureSheetProps extends SheetProps {
  /** How she has turned the bag. */
  turned: Omit<View, 'upMm'>;
  state: FoldState;
}

/** A picture of the finished bag, as she turns it, as large as she likes. */
export function PictureSheet({ open, onClose, turned: from, state }: PictureSheetProps) {
  const design = useBag((bag) => bag.design);
  const hasFlap = useBag((bag) => bag.plan.flap.hasFlap);
  const [turned, setTurned] = useState(from);
  const [filled, setFilled] = useState<FoldState>(state);
  const [flap, setFlap] = useState<FlapName>('closed');
  const [ground, setGround] = useState<Ground>('paper');
  const [size, setSize] = useState<SizeName>('notes');
  const [own, setOwn] = useState<{ widthPx: number; heightPx: number }>({ widthPx: 3000, heightPx: 2000 });
  const [widthPx, heightPx] = SIZES[size].px ?? [own.widthPx, own.heightPx];
  const picture = useMemo(
    () => ({
      design,
      way: { state: filled, flap: hasFlap ? FLAPS[flap].share : 1 },
      turned,
      colours: bagColours(design),
      widthPx,
      heightPx,
    }),
    [design, filled, flap, hasFlap, turned, widthPx, heightPx],
  );
  const side =
    (name: 'widthPx' | 'heightPx') =>
    (value: number): FieldFault[] => {
      const px = Math.round(value);
      if (px < LEAST_SIDE_PX || px > MOST_SIDE_PX)
        return [{ path: [], sentence: `Between ${LEAST_SIDE_PX} and ${MOST_SIDE_PX} px.` }];
      setOwn((now) => ({ ...now, [name]: px }));
      return [];
    };
  return (
    <Sheet open={open} onClose={onClose} title="A picture of the finished bag" wide>
      <Stack gap="3">
        <PicturePreview picture={picture} ground={ground} />
        <Row>
          <Turn
            label="Turned"
            most={180}
            valueRad={turned.yawRad}
            onTurn={(yawRad) => setTurned((now) => ({ ...now, yawRad }))}
          />
          <Turn
            label="From above"
            most={90}
            valueRad={turned.pitchRad}
            onTurn={(pitchRad) => setTurned((now) => ({ ...now, pitchRad }))}
          />
        </Row>
        <Row>
          <ChoiceField
            label="It is"
            width="8em"
            value={filled}
            choices={[
              { value: 'loaded' as FoldState, label: 'loaded' },
              { value: 'empty' as FoldState, label: 'empty' },
            ]}
            onChange={setFilled}
          />
          {hasFlap && (
            <ChoiceField label="Its flap is" width="8em" value={flap} choices={named(FLAPS)} onChange={setFlap} />
          )}
          <ChoiceField label="It lies on" width="12em" value={ground} choices={named(GROUNDS)} onChange={setGround} />
          <ChoiceField label="Size in pixels" width="16em" value={size} choices={named(SIZES)} onChange={setSize} />
          {size === 'own' && (
            <>
              <NumberField label="Width" suffix="px" value={own.widthPx} onChange={side('widthPx')} />
              <NumberField label="Height" suffix="px" value={own.heightPx} onChange={side('heightPx')} />
            </>
          )}
        </Row>
        <SavePicture key={`${widthPx} ${heightPx}`} design={design} picture={picture} ground={ground} />
      </Stack>
    </Sheet>
  );
}

const named = <K extends string>(all: Record<K, { label: string }>): { value: K; label: string }[] =>
  (Object.entries(all) as [K, { label: string }][]).map(([value, { label }]) => ({ value, label }));

interface TurnProps {
  label: string;
  /** As far as it goes either way, degrees. */
  most: number;
  valueRad: number;
  onTurn: (rad: number) => void;
}

function Turn({ label, most, valueRad, onTurn }: TurnProps) {
  const degrees = Math.round(valueRad / DEGREE);
  return (
    <chakra.label fontSize="14px" display="flex" alignItems="center" gap="2" flex="1 1 14em">
      {label}
      <input
        type="range"
        min={-most}
        max={most}
        step={1}
        value={degrees}
        aria-valuetext={`${degrees} degrees`}
        style={{ flex: 1 }}
        onChange={(event) => onTurn(Number(event.currentTarget.value) * DEGREE)}
      />
      <chakra.span minWidth="3em" className="tabular">
        {degrees}°
      </chakra.span>
    </chakra.label>
  );
}
