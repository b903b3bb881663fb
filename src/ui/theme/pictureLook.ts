import type { PictureLook } from '@/drawing/picture';
import type { Shape } from '@/drawing';
import { STROKES } from './strokes';
import { CLOTHS, COLOURS, type ClothName } from './colours';

/** A pixel of the screen on paper, mm. */
const PX_MM = 25.4 / 96;

/** Colours that the conventions name. */
const NAMED: Readonly<Record<string, string>> = {
  '--chakra-colors-paper': COLOURS.paper.value,
  '--chakra-colors-ink': COLOURS.ink.value,
  '--chakra-colors-brass': COLOURS.brass.value,
  '--chakra-colors-brass-deep': COLOURS.brassDeep.value,
  '--chakra-colors-brass-pale': COLOURS.brassPale.value,
  '--chakra-colors-decide': COLOURS.decide.value,
  '--chakra-colors-counter': COLOURS.counter.value,
};

/** The drawing conventions as a picture needs them that leaves the program: every colour and every line by itself, in the colours of a yarn. */
export function pictureLook(cloth: ClothName): (role: Shape['role']) => PictureLook {
  const own: Readonly<Record<string, string>> = {
    ...NAMED,
    '--cloth': CLOTHS[cloth].cloth,
    '--thread': CLOTHS[cloth].thread,
    '--cloth-chalk': CLOTHS[cloth].chalk,
  };
  const colour = (written: string | undefined): string | null => {
    if (written === undefined || written === 'none') return null;
    // A hatch is an even tone on a picture.
    if (written.startsWith('url(')) return own['--cloth-chalk'] ?? null;
    const name = /^var\((.*)\)$/.exec(written)?.[1];
    return name === undefined ? written : (own[name] ?? null);
  };
  return (role) => {
    const { fill, fillOpacity, stroke, strokeWidth, strokeDasharray } = STROKES[role];
    return {
      fill: colour(fill),
      fillOpacity: fill?.startsWith('url(') ? 0.4 : Number(fillOpacity ?? 1),
      stroke: colour(stroke),
      strokeMm: parseFloat(strokeWidth ?? '1') * PX_MM,
      dashMm: (strokeDasharray ?? '')
        .split(' ')
        .filter(Boolean)
        .map((px) => Number(px) * PX_MM),
    };
  };
}
