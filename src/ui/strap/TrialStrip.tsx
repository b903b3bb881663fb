'use client';

import { Box, Button, Flex, IconButton } from '@chakra-ui/react';
import { Plus, X } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import {
  patternOf,
  type FieldFault,
  type StitchChoice,
  type StrapTrial as Trial,
  type WorkedStrap,
} from '@/core/design';
import { ALONG, STRAP_NATURES, strapStitch } from '@/core/strap';
import { STRAP_NAMES, stitchName } from '@/core/wording';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group, Row } from '@/ui/bag/PlaceLayout';
import { AddOrTake, LengthField, NumberField, MassField } from '@/ui/fields';
import { useAllTyped } from '@/ui/fields/useAllTyped';
import { GaugeBox } from './GaugeBox';

/** What is not measured of a trial strip of which only its rows and its length are known. */
const LYING_SLACK = { slackWidthMm: null, loaded: [], pulledMm: null, pulledWidthMm: null } satisfies Partial<Trial>;

/**
 * A short trial of the strap: its rows and its length slack, and how long and wide it is pulled. Nothing of it is known before its rows and
 * its length are measured.
 */
export function TrialStrip({ strap, index, children }: { strap: WorkedStrap; index: number; children: ReactNode }) {
  const design = useBag((state) => state.design);
  const store = useBagStore();
  const { sample } = strap;
  const edit = (path: (string | number)[], value: unknown) =>
    store.getState().edit('Trial strip', [{ path: ['straps', index, 'sample', ...path], value }]);
  const nature = STRAP_NATURES[strap.kind];
  const isOther = sample !== null && sample.of !== strap.kind;
  const stitch = strapStitch(nature, patternOf(design)).id;
  // Fully pulled may be measured first, and is kept until the other two are known.
  const whole = useAllTyped<'rows' | 'slackMm' | 'pulledMm'>(['rows', 'slackMm'], (measured) =>
    edit([], { ...LYING_SLACK, ...measured, of: strap.kind, stitch }),
  );
  const change = (key: 'rows' | 'slackMm' | 'pulledMm') => (value: number) =>
    sample === null ? whole.type(key, value) : edit([key], value);
  const shown = sample ?? whole.typed;
  return (
    <Group
      title={`Trial strip in ${stitchName(sample?.stitch ?? (stitch as StitchChoice), design.settings.terms)}${isOther ? `, ${STRAP_NAMES[sample.of].called}` : ''}`}
      action={
        sample && (
          <AddOrTake
            label="Take its readings out"
            onClick={() => {
              whole.clear();
              edit([], null);
            }}
          />
        )
      }
    >
      <Row>
        <NumberField
          label={`Its ${ALONG[STRAP_NATURES[sample?.of ?? strap.kind].lie].plural}`}
          width="6em"
          value={shown.rows ?? null}
          empty="not yet"
          onChange={change('rows')}
        />
        <LengthField
          label="Lying slack"
          word="slack"
          valueMm={shown.slackMm ?? null}
          empty="not yet"
          onChange={change('slackMm')}
        />
        <LengthField
          label="Fully pulled"
          valueMm={shown.pulledMm ?? null}
          empty="not yet"
          onChange={change('pulledMm')}
          onClear={sample ? () => edit(['pulledMm'], null) : undefined}
        />
        {sample && <Widths sample={sample} edit={edit} />}
        {children}
      </Row>
      {sample && <Weights loaded={sample.loaded} edit={edit} />}
      <GaugeBox
        onTake={(as, { lengthMm, massG }) => {
          if (as === 'slack') return change('slackMm')(lengthMm);
          if (as === 'pulled') return change('pulledMm')(lengthMm);
          if (!sample) return [{ path: [], sentence: 'Count its rows and take its length slack first.' }];
          return edit(['loaded', sample.loaded.length], { massG, lengthMm });
        }}
      />
    </Group>
  );
}

type Edit = (path: (string | number)[], value: unknown) => FieldFault[];

/** What can be measured of it besides, each by itself. */
function Widths({ sample, edit }: { sample: Trial; edit: Edit }) {
  const field = (key: 'slackWidthMm' | 'pulledWidthMm') => ({
    valueMm: sample[key],
    empty: 'not yet',
    onChange: (mm: number) => edit([key], mm),
    onClear: () => edit([key], null),
  });
  return (
    <>
      <LengthField label="Width, slack" fine {...field('slackWidthMm')} />
      <LengthField label="Width, pulled" fine {...field('pulledWidthMm')} />
    </>
  );
}

/** Its lengths with known weights hung on it. Each can be changed, taken out, or one more added. */
function Weights({ loaded, edit }: { loaded: Trial['loaded']; edit: Edit }) {
  const [wantsMore, setAdding] = useState(false);
  const next = useAllTyped(['massG', 'lengthMm'], (reading) => {
    const faults = edit(['loaded', loaded.length], reading);
    if (faults.length === 0) setAdding(false);
    return faults;
  });
  return (
    <Box mt="2">
      {loaded.map((reading, index) => (
        <WeightRow
          key={index}
          number={index + 1}
          massG={reading.massG}
          lengthMm={reading.lengthMm}
          onMass={(value) => edit(['loaded', index, 'massG'], value)}
          onLength={(value) => edit(['loaded', index, 'lengthMm'], value)}
          onTakeOut={() =>
            edit(
              ['loaded'],
              loaded.filter((_, other) => other !== index),
            )
          }
        />
      ))}
      {wantsMore ? (
        <WeightRow
          number={loaded.length + 1}
          massG={next.typed.massG ?? null}
          lengthMm={next.typed.lengthMm ?? null}
          onMass={(value) => next.type('massG', value)}
          onLength={(value) => next.type('lengthMm', value)}
          onTakeOut={() => {
            next.clear();
            setAdding(false);
          }}
        />
      ) : (
        <Button size="xs" variant="outline" bg="paper" onClick={() => setAdding(true)}>
          <Plus size={14} /> {loaded.length === 0 ? 'Hang a weight on it' : 'One more weight'}
        </Button>
      )}
    </Box>
  );
}

interface WeightRowProps {
  number: number;
  /** Null where it is not typed yet. */
  massG: number | null;
  lengthMm: number | null;
  onMass: (grams: number) => FieldFault[];
  onLength: (mm: number) => FieldFault[];
  onTakeOut: () => void;
}

/** One weight, and the strip's length under it. */
function WeightRow({ number, massG, lengthMm, onMass, onLength, onTakeOut }: WeightRowProps) {
  return (
    <Flex gap="2" align="flex-start" mb="1">
      <Box pt="2" fontSize="14px">
        With
      </Box>
      <MassField label={`Weight ${number}`} hideLabel width="5.5em" valueG={massG} onChange={onMass} />
      <Box pt="2" fontSize="14px">
        on it
      </Box>
      <LengthField
        label={`Length under weight ${number}`}
        hideLabel
        width="5.5em"
        valueMm={lengthMm}
        onChange={onLength}
      />
      <IconButton aria-label={`Take out weight ${number}`} size="xs" variant="ghost" mt="1" onClick={onTakeOut}>
        <X />
      </IconButton>
    </Flex>
  );
}
