'use client';

import { usualEnds, type Strap } from '@/core/design';
import { OVERLAP_NAMES, ringFor } from '@/core/strap';
import { Row } from '@/ui/bag/PlaceLayout';
import { ChoiceField, LengthField } from '@/ui/fields';
import { PartLength, entries, type PartProps } from './parts';

const ENDS: Readonly<Record<Strap['ends']['kind'], string>> = {
  sewn: 'Sewn down',
  ring: 'Through rings in tabs',
  clasp: 'Clipped into rings',
  knotted: 'Knotted through eyelets',
  grown: 'Grown from the body',
};

/** How a strap's ends are held. */
export function EndsRow({ strap, edit }: PartProps) {
  const { ends, overlapMm, widthMm } = strap;
  return (
    <Row>
      <ChoiceField
        label="Its ends are"
        width="14em"
        value={ends.kind}
        choices={entries(ENDS)}
        onChange={(kind) => edit('How the ends are held', ['ends'], usualEnds(kind, ringFor(widthMm)))}
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
        <PartLength
          label={OVERLAP_NAMES[ends.kind]}
          change="Overlap"
          path={['overlapMm']}
          valueMm={overlapMm}
          edit={edit}
          fine
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
          <PartLength
            label="Ring, inside"
            change="Ring size"
            path={['ends', 'innerMm']}
            valueMm={ends.innerMm}
            edit={edit}
            fine
          />
          <PartLength
            label="Tab above the edge"
            change="Tab"
            path={['ends', 'tabMm']}
            valueMm={ends.tabMm}
            edit={edit}
            fine
          />
        </>
      )}
      {ends.kind === 'clasp' && (
        <PartLength
          label="Clasp, its length"
          change="Clasp"
          path={['ends', 'lengthMm']}
          valueMm={ends.lengthMm}
          edit={edit}
          fine
        />
      )}
    </Row>
  );
}
