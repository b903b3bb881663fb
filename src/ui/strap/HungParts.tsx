'use client';

import { Button, Flex } from '@chakra-ui/react';
import { CARRYINGS, type Carrying, type FieldFault, type Strap } from '@/core/design';
import { OVERLAP_NAMES, footRules, ringFor, type StrapStage } from '@/core/strap';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group, Row } from '@/ui/bag/PlaceLayout';
import { CARRIED } from '@/ui/carry/carried';
import { ChoiceField, LengthField, NumberField } from '@/ui/fields';
import { formatLength } from '@/core/units';
import { lastSize, rememberSize } from './bodySize';
import { WornFigure } from './WornFigure';

type Edit = (change: string, path: (string | number)[], value: unknown) => FieldFault[];

interface PartProps {
  strap: Strap;
  edit: Edit;
}

/** How any strap hangs: how long it is worn and over what, what its feet are and where, and what makes it longer and shorter. */
export function HungParts({ strap, stage, index }: { strap: Strap; stage: StrapStage | undefined; index: number }) {
  const store = useBagStore();
  const edit: Edit = (change, path, value) =>
    store.getState().edit(change, [{ path: ['straps', index, ...path], value }]);
  return (
    <>
      <Group title="How long it is worn">
        <LengthRow strap={strap} edit={edit} />
        {stage && <WornFigure strap={strap} stage={stage} index={index} />}
      </Group>
      <Group title="How it is held">
        {strap.ends.kind !== 'grown' && <FeetRow strap={strap} stage={stage} edit={edit} />}
        <EndsRow strap={strap} edit={edit} />
        <AdjustRow strap={strap} edit={edit} />
      </Group>
    </>
  );
}

const GIVEN: Readonly<Record<Strap['given']['by'], string>> = {
  tape: 'A tape, foot to foot',
  drop: 'How far the bag hangs down',
  copy: 'A strap you like',
  figure: 'A figure of your size',
};

const AS_CARRIED = 'as-carried';
/** What the length is given by, first taken up. */
const usualGiven = (by: Strap['given']['by']): Strap['given'] => {
  switch (by) {
    case 'tape':
      return { by };
    case 'drop':
      return { by, dropMm: 250 };
    case 'copy':
      return { by, massG: null };
    case 'figure':
      return { by, mouthMm: 850, ...lastSize() };
  }
};

function LengthRow({ strap, edit }: PartProps) {
  const { given, over, wornLengthMm } = strap;
  const carried = useBag(({ design }) => design.contents.carried);
  return (
    <Row>
      <ChoiceField
        label="Its length is given by"
        width="14em"
        value={given.by}
        choices={entries(GIVEN)}
        onChange={(by) => edit('What the length is given by', ['given'], usualGiven(by))}
      />
      <ChoiceField
        label="It lies"
        width="15.5em"
        value={over ?? AS_CARRIED}
        choices={[
          { value: AS_CARRIED, label: `${CARRIED[carried]}, as the bag` },
          ...CARRYINGS.map((value) => ({ value, label: CARRIED[value] })),
        ]}
        onChange={(value) =>
          edit('What the strap lies over', ['over'], value === AS_CARRIED ? null : (value as Carrying))
        }
      />
      {(given.by === 'tape' || given.by === 'copy') && (
        <LengthField
          label={given.by === 'tape' ? 'Worn length' : 'Its length'}
          width="6em"
          valueMm={wornLengthMm}
          onChange={(mm) => edit('Worn length', ['wornLengthMm'], mm)}
        />
      )}
      {given.by === 'copy' && (
        <NumberField
          label="Under a bag of"
          suffix="g"
          width="7em"
          empty="lying slack"
          value={given.massG}
          onChange={(grams) => edit('What the strap you like carried', ['given', 'massG'], grams)}
          onClear={() => edit('What the strap you like carried', ['given', 'massG'], null)}
        />
      )}
      {given.by === 'drop' && (
        <LengthField
          label="Mouth hangs below by"
          width="6em"
          valueMm={given.dropMm}
          onChange={(mm) => edit('How far the bag hangs down', ['given', 'dropMm'], mm)}
        />
      )}
      {given.by === 'figure' && <FigureFields given={given} edit={edit} />}
    </Row>
  );
}

function FigureFields({ given, edit }: { given: Extract<Strap['given'], { by: 'figure' }>; edit: Edit }) {
  const change = (key: 'mouthMm' | 'heightMm' | 'hipMm', label: string, mm: number) => {
    const faults = edit(label, ['given', key], mm);
    if (faults.length === 0 && key !== 'mouthMm') rememberSize({ ...given, [key]: mm });
    return faults;
  };
  const field = (key: 'mouthMm' | 'heightMm' | 'hipMm', label: string) => (
    <LengthField label={label} width="6em" valueMm={given[key]} onChange={(mm) => change(key, label, mm)} />
  );
  return (
    <>
      {field('heightMm', 'Your height')}
      {field('hipMm', 'Round your hip')}
      {field('mouthMm', 'Mouth above the floor')}
    </>
  );
}

const FEET: Readonly<Record<Strap['feet']['on'], string>> = {
  sides: 'At both sides',
  front: 'Both on the front',
  back: 'Both on the back',
};

function FeetRow({ strap: { feet }, stage, edit }: PartProps & { stage: StrapStage | undefined }) {
  const unit = useBag(({ design }) => design.settings.lengthUnit);
  const topStitches = useBag(({ plan }) => plan.pouch.topStitches);
  const stitchMm = useBag(({ plan }) => plan.pouch.stitchMm);
  const foot = stage?.hung.feet.foot;
  const covered = foot?.on === 'face' ? foot.stitches : 4;
  const { thirds, in90 } = footRules({ topStitches, stitchMm }, covered);
  const setIn = (value: number) => edit('Where the feet are', ['feet', 'inStitches'], value);
  return (
    <Row>
      <ChoiceField
        label="Its feet"
        width="12em"
        value={feet.on}
        choices={entries(FEET)}
        onChange={(on) =>
          edit(
            'Where the feet are',
            ['feet'],
            on === 'sides' ? { on } : { on, inStitches: feet.on === 'sides' ? thirds : feet.inStitches },
          )
        }
      />
      {feet.on !== 'sides' && (
        <>
          <NumberField label="In from either side" suffix="sts" width="7em" value={feet.inStitches} onChange={setIn} />
          <Flex gap="2" alignSelf="flex-end" pb="1">
            <Button size="xs" variant="outline" bg="paper" onClick={() => setIn(thirds)}>
              At thirds
            </Button>
            <Button size="xs" variant="outline" bg="paper" onClick={() => setIn(in90)}>
              {formatLength(90, unit)} from the side
            </Button>
          </Flex>
        </>
      )}
    </Row>
  );
}

const ENDS: Readonly<Record<Strap['ends']['kind'], string>> = {
  sewn: 'Sewn down',
  ring: 'Through rings in tabs',
  clasp: 'Clipped into rings',
  knotted: 'Knotted through eyelets',
  grown: 'Grown from the body',
};

function usualEnds(kind: Strap['ends']['kind'], widthMm: number): Strap['ends'] {
  const ring = { innerMm: ringFor(widthMm), tabMm: 10 };
  switch (kind) {
    case 'sewn':
      return { kind, lie: 'inside', stitching: 'round-and-across' };
    case 'ring':
      return { kind, ...ring };
    case 'clasp':
      return { kind, lengthMm: 38, ...ring };
    case 'knotted':
      return { kind };
    case 'grown':
      return { kind, shortLoopMm: null };
  }
}

function EndsRow({ strap, edit }: PartProps) {
  const { ends, overlapMm, widthMm } = strap;
  return (
    <Row>
      <ChoiceField
        label="Its ends are"
        width="14em"
        value={ends.kind}
        choices={entries(ENDS)}
        onChange={(kind) => edit('How the ends are held', ['ends'], usualEnds(kind, widthMm))}
      />
      {ends.kind === 'grown' ? (
        <LengthField
          label="Short loop to pass it through"
          width="6em"
          empty="none"
          valueMm={ends.shortLoopMm}
          onChange={(mm) => edit('Short loop', ['ends', 'shortLoopMm'], mm)}
          onClear={() => edit('Short loop', ['ends', 'shortLoopMm'], null)}
        />
      ) : (
        <LengthField
          label={OVERLAP_NAMES[ends.kind]}
          fine
          width="5em"
          valueMm={overlapMm}
          onChange={(mm) => edit('Overlap', ['overlapMm'], mm)}
        />
      )}
      {ends.kind === 'sewn' && (
        <>
          <ChoiceField
            label="They lie"
            width="7em"
            value={ends.lie}
            choices={entries({ inside: 'Inside', outside: 'Outside' })}
            onChange={(lie) => edit('How the feet lie', ['ends', 'lie'], lie)}
          />
          <ChoiceField
            label="Stitched"
            width="14em"
            value={ends.stitching}
            choices={entries({
              'round-and-across': 'Round and across',
              box: 'A box with its diagonals',
              cross: 'A cross',
            })}
            onChange={(stitching) => edit('How the feet are stitched', ['ends', 'stitching'], stitching)}
          />
        </>
      )}
      {'innerMm' in ends && (
        <>
          <LengthField
            label="Ring, inside"
            fine
            width="5em"
            valueMm={ends.innerMm}
            onChange={(mm) => edit('Ring size', ['ends', 'innerMm'], mm)}
          />
          <LengthField
            label="Tab above the edge"
            fine
            width="5em"
            valueMm={ends.tabMm}
            onChange={(mm) => edit('Tab', ['ends', 'tabMm'], mm)}
          />
        </>
      )}
      {ends.kind === 'clasp' && (
        <LengthField
          label="Clasp, its length"
          fine
          width="5em"
          valueMm={ends.lengthMm}
          onChange={(mm) => edit('Clasp', ['ends', 'lengthMm'], mm)}
        />
      )}
    </Row>
  );
}

const ADJUST: Readonly<Record<Strap['adjust']['kind'], string>> = {
  none: 'Nothing: it is of one length',
  slider: 'A slider',
  'two-rings': 'Two D-rings',
  buttonholes: 'Buttonholes',
  knot: 'A knot',
  bow: 'A bow',
};

const usualAdjust = (kind: Strap['adjust']['kind']): Strap['adjust'] => {
  switch (kind) {
    case 'none':
      return { kind };
    case 'slider':
    case 'two-rings':
      return { kind, longerMm: 150 };
    case 'knot':
      return { kind, longerMm: 0 };
    case 'buttonholes':
      return { kind, longerMm: 60, holes: 5, everyMm: 30 };
    case 'bow':
      return { kind, longerMm: 0, loopMm: 60, tieMm: 150 };
  }
};

function AdjustRow({ strap: { adjust }, edit }: PartProps) {
  return (
    <Row>
      <ChoiceField
        label="Made longer and shorter by"
        width="15em"
        value={adjust.kind}
        choices={entries(ADJUST)}
        onChange={(kind) => edit('What adjusts the strap', ['adjust'], usualAdjust(kind))}
      />
      {adjust.kind !== 'none' && (
        <LengthField
          label="To be let out by"
          width="6em"
          valueMm={adjust.longerMm}
          onChange={(mm) => edit('How far it is let out', ['adjust', 'longerMm'], mm)}
        />
      )}
      {adjust.kind === 'buttonholes' && (
        <>
          <NumberField
            label="Holes"
            width="4em"
            value={adjust.holes}
            onChange={(value) => edit('Buttonholes', ['adjust', 'holes'], value)}
          />
          <LengthField
            label="Apart"
            fine
            width="5em"
            valueMm={adjust.everyMm}
            onChange={(mm) => edit('Buttonholes', ['adjust', 'everyMm'], mm)}
          />
        </>
      )}
      {adjust.kind === 'bow' && (
        <>
          <LengthField
            label="Loops, their length"
            fine
            width="5em"
            valueMm={adjust.loopMm}
            onChange={(mm) => edit('Bow', ['adjust', 'loopMm'], mm)}
          />
          <LengthField
            label="Left of each end to tie"
            fine
            width="5em"
            valueMm={adjust.tieMm}
            onChange={(mm) => edit('Bow', ['adjust', 'tieMm'], mm)}
          />
        </>
      )}
    </Row>
  );
}

const entries = <Value extends string>(labels: Readonly<Record<Value, string>>): { value: Value; label: string }[] =>
  (Object.entries(labels) as [Value, string][]).map(([value, label]) => ({ value, label }));
