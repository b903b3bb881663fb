'use client';

import { Button } from '@chakra-ui/react';
import { useMemo } from 'react';
import { HOOK_LETTER_NAMES, YARN_COLOURS, type Edit } from '@/core/design';
import { estimateGauge } from '@/core/gauge';
import { M_PER_YARD } from '@/core/units';
import { stitchName } from '@/core/wording';
import { PANEL_STITCH_IDS } from '@/core/stitches';
import { swatchDrawing } from '@/drawing';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group, PlaceLayout, Row } from '@/ui/bag/PlaceLayout';
import { StillView } from '@/ui/drawing/StillView';
import { ChoiceField, LengthField, NumberField, TextField } from '@/ui/fields';
import { FigureTicket } from '@/ui/figures/FigureTicket';
import { ProblemSlips } from '@/ui/problems/ProblemSlips';
import { CLOTHS } from '@/ui/theme/system';
import { HookCompare } from './HookCompare';
import { Readings } from './Readings';
import { TakeOverSwatch } from './TakeOverSwatch';

const WEIGHT_CLASSES = [0, 1, 2, 3, 4, 5, 6, 7] as const;

/** The swatch: its readings on a drawn tape, what gauge they give and how sure it is, and what that means for this bag. */
export function SwatchPlace() {
  const design = useBag((state) => state.design);
  const plan = useBag((state) => state.plan);
  const store = useBagStore();
  const { swatch, settings } = design;
  const { stitchWidth, rowHeight } = plan.gauge;
  const drawing = useMemo(
    // The swatch as it was measured, whatever the bag is worked in.
    () => swatchDrawing(swatch, estimateGauge(swatch.stitchReadings).mm, estimateGauge(swatch.rowReadings).mm),
    [swatch],
  );
  const edit = (label: string, ...edits: Edit[]) => store.getState().edit(label, edits);
  const set = (label: string, path: Edit['path'], value: unknown) => edit(label, { path, value });
  const metric = settings.lengthUnit === 'cm';

  return (
    <PlaceLayout
      title="Swatch"
      columns="minmax(0, 9fr) minmax(0, 11fr)"
      drawing={
        <StillView
          drawing={drawing}
          heightPx={520}
          label={`The swatch with ${drawing.tapes.length} readings laid on it`}
        >
          {(pxPerMm) =>
            drawing.tapes.map((tape) => (
              <g key={`${tape.kind}${tape.index}`}>
                <line
                  x1={tape.from.x}
                  y1={tape.from.y}
                  x2={tape.to.x}
                  y2={tape.to.y}
                  stroke="var(--chakra-colors-brass)"
                  strokeWidth={16 / pxPerMm}
                />
                <text
                  style={{ fontSize: 12 / pxPerMm }}
                  transform={
                    tape.kind === 'stitches'
                      ? `translate(${(tape.from.x + tape.to.x) / 2} ${tape.from.y})`
                      : `translate(${tape.from.x} ${(tape.from.y + tape.to.y) / 2}) rotate(-90)`
                  }
                  textAnchor="middle"
                  dominantBaseline="central"
                  fill="#221a05"
                >
                  {tape.count} {tape.kind}
                </text>
              </g>
            ))
          }
        </StillView>
      }
    >
      <ProblemSlips place="swatch" />
      <Group title="Readings">
        <Row>
          <Readings kind="stitchReadings" title="Stitches along a row" counted="stitches" />
          <Readings kind="rowReadings" title="Rows up the swatch" counted="rows" />
        </Row>
        <Row>
          <FigureTicket figure={stitchWidth} />
          <FigureTicket figure={rowHeight} />
        </Row>
      </Group>
      <Group title="What it means for this bag">
        <Row>
          <FigureTicket figure={plan.pouch.figures.width} />
          <FigureTicket figure={plan.pouch.figures.height} />
          <FigureTicket figure={plan.flap.figures.dropLoaded} />
          <FigureTicket figure={plan.gauge.widerForHalf} label="Half the ± of the width takes readings of" />
          <FigureTicket figure={plan.gauge.tallerForHalf} label="Half the ± of the heights takes readings of" />
        </Row>
      </Group>
      <HookCompare />
      <Group title="The swatch itself">
        <Row>
          <TakeOverSwatch />
          <TextField
            label="Name"
            value={swatch.name}
            width="12em"
            onChange={(value) => set('Swatch name', ['swatch', 'name'], value)}
          />
          <ChoiceField
            label="Stitch"
            value={swatch.stitch}
            choices={PANEL_STITCH_IDS.map((id) => ({ value: id, label: stitchName(id, settings.terms) }))}
            onChange={(value) =>
              edit(
                'Stitch',
                { path: ['swatch', 'stitch'], value },
                { path: ['stitch'], value },
                { path: ['body', 'chosenStitches'], value: null },
              )
            }
          />
          <ChoiceField
            label="Measured"
            value={swatch.state}
            width="9em"
            choices={[
              { value: 'as-worked', label: 'As worked' },
              { value: 'blocked', label: 'Blocked' },
              { value: 'hanging', label: 'Hanging' },
            ]}
            onChange={(value) => set('Measured', ['swatch', 'state'], value)}
          />
          <ChoiceField
            label="A trial for"
            value={swatch.standsFor}
            width="9em"
            choices={[
              { value: 'panel', label: 'The panel' },
              { value: 'strip', label: 'A narrow strip' },
              { value: 'rounds', label: 'Joined rounds' },
              { value: 'border', label: 'A border' },
            ]}
            onChange={(value) => set('A trial for', ['swatch', 'standsFor'], value)}
          />
          <NumberField
            label="Hook"
            suffix="mm"
            width="5em"
            value={swatch.hookMm}
            onChange={(value) => set('Hook', ['swatch', 'hookMm'], value)}
          />
          <ChoiceField
            label="Letter on the hook"
            value={swatch.hookLetter ?? 'none'}
            width="8em"
            choices={[
              { value: 'none', label: 'None' },
              ...HOOK_LETTER_NAMES.map((letter) => ({ value: letter, label: letter })),
            ]}
            onChange={(value) => set('Letter on the hook', ['swatch', 'hookLetter'], value === 'none' ? null : value)}
          />
          <LengthField
            label="Fabric thickness"
            fine
            width="5em"
            help="Pressed lightly between two rulers."
            valueMm={swatch.thicknessMm}
            onChange={(value) => set('Fabric thickness', ['swatch', 'thicknessMm'], value)}
          />
        </Row>
      </Group>
      <Group title="Yarn">
        <Row>
          <TextField
            label="Yarn"
            value={swatch.yarn.name}
            width="14em"
            onChange={(value) => set('Yarn', ['swatch', 'yarn', 'name'], value)}
          />
          <ChoiceField
            label="Colour on the drawing"
            width="10em"
            value={swatch.yarn.colour}
            choices={YARN_COLOURS.map((colour) => ({ value: colour, label: CLOTHS[colour].label }))}
            onChange={(value) => set('Yarn colour', ['swatch', 'yarn', 'colour'], value)}
          />
          <NumberField
            label="Strands held together"
            width="4em"
            value={swatch.strands}
            onChange={(value) => set('Strands', ['swatch', 'strands'], value)}
          />
          <ChoiceField
            label="Weight class"
            width="8em"
            help="The number on the label."
            value={String(swatch.yarn.weightClass)}
            choices={[
              { value: 'null', label: 'Not named' },
              ...WEIGHT_CLASSES.map((weightClass) => ({ value: String(weightClass), label: String(weightClass) })),
            ]}
            onChange={(value) =>
              set('Weight class', ['swatch', 'yarn', 'weightClass'], value === 'null' ? null : Number(value))
            }
          />
          <FigureTicket figure={plan.yarn.held} />
          <NumberField
            label="One ball"
            suffix="g"
            width="5em"
            value={swatch.yarn.ballMassG}
            onChange={(value) => set('Ball', ['swatch', 'yarn', 'ballMassG'], value)}
          />
          <NumberField
            label="Length of a ball"
            suffix={metric ? 'm' : 'yd'}
            width="5.5em"
            value={metric ? swatch.yarn.ballLengthM : Math.round((swatch.yarn.ballLengthM / M_PER_YARD) * 10) / 10}
            onChange={(value) =>
              set('Length of a ball', ['swatch', 'yarn', 'ballLengthM'], metric ? value : value * M_PER_YARD)
            }
          />
        </Row>
      </Group>
      <Group
        title="On the scale"
        action={
          <Button
            size="xs"
            variant="outline"
            bg="paper"
            onClick={() =>
              set(
                swatch.weighed ? 'Not weighed' : 'Weighed',
                ['swatch', 'weighed'],
                swatch.weighed ? null : { massG: 12, widthMm: 150, heightMm: 150 },
              )
            }
          >
            {swatch.weighed ? 'Not weighed' : 'I have weighed it'}
          </Button>
        }
      >
        {swatch.weighed ? (
          <Row>
            <NumberField
              label="Its mass"
              suffix="g"
              width="5em"
              value={swatch.weighed.massG}
              onChange={(value) => set('Swatch mass', ['swatch', 'weighed', 'massG'], value)}
            />
            <LengthField
              label="Its whole width"
              valueMm={swatch.weighed.widthMm}
              onChange={(value) => set('Swatch width', ['swatch', 'weighed', 'widthMm'], value)}
            />
            <LengthField
              label="Its whole height"
              valueMm={swatch.weighed.heightMm}
              onChange={(value) => set('Swatch height', ['swatch', 'weighed', 'heightMm'], value)}
            />
          </Row>
        ) : (
          'Yarn is worked out from the mass of the swatch and its outline.'
        )}
      </Group>
    </PlaceLayout>
  );
}
