'use client';

import { Box, Button, Flex } from '@chakra-ui/react';
import { useDrag } from '@use-gesture/react';
import dynamic from 'next/dynamic';
import { memo, useCallback, useState, type KeyboardEvent } from 'react';
import type { FoldState } from '@/core/fold';
import type { LengthUnit } from '@/core/units';
import { formatQuantity } from '@/core/wording';
import { USUAL_VIEW, type Folded, type Shown, type UpTo, type View } from '@/drawing';
import { useBag, useBagBehind, useBagStore } from '@/ui/bag/BagProvider';
import { FoldedTwin } from '@/ui/drawing/FoldedTwin';
import { useSize } from '@/ui/drawing/useSize';
import { CLOTHS } from '@/ui/theme/colours';
import { PictureOffer } from '@/ui/picture/PictureOffer';
import { useDrawnHow } from './useDrawnHow';
import { FoldedHandles } from './FoldedHandles';
import { FoldedStill } from './FoldedStill';
import { HAND_RESTS_MS, useSettled } from '@/ui/bag/useSettled';
import { useFolded } from './useFolded';

const loadScene = () => import('./FoldedScene');
const FoldedScene = dynamic(loadScene, { ssr: false });

const MARGIN_PX = 14;
/** Turned so far by a pixel, and by a key. */
const RAD_PER_PX = 0.009;
const RAD_PER_KEY = Math.PI / 18;
const MOST_PITCH = Math.PI / 2;

/**
 * The folded bag in space, to scale: turned by hand or by keys, its flap opened, empty or loaded, from outside or with the front away.
 *
 * @param upTo so many rows of each piece are there; left out: all of them
 */
export function FoldedBagView({ heightPx, upTo = null }: { heightPx: number; upTo?: UpTo }) {
  const [ref, size] = useSize<HTMLDivElement>({ width: 420, height: heightPx });
  const [wished, setState] = useState<FoldState>('loaded');
  const [shown, setShown] = useState<Shown>('outside');
  const [flap, setFlap] = useState(1);
  const { turned, bindTurn, onTurnKey } = useTurn();
  const [isHeld, setHeld] = useState(false);
  const [heldFit, setHeldFit] = useState<Fit | null>(null);
  const how = useDrawnHow(loadScene);
  // While a line is dragged here, the bag follows the hand; else it follows a painted frame behind.
  const live = useBag((bag) => (isHeld ? bag : null));
  const behind = useBagBehind('folded', (bag) => bag);
  const now = live ?? behind;
  // A still picture takes a tenth of a second: it waits until the hand rests.
  const { design, plan } = useSettled(now, how.kind === 'still' ? HAND_RESTS_MS : 0);
  // Another construction may not fold flat.
  const state = wished === 'flat' && plan.section.flat === null ? 'empty' : wished;
  const selection = useBag((bag) => bag.selection);
  const store = useBagStore();
  const select = useCallback((mark: string | null) => store.getState().select(mark), [store]);
  const folded = useFolded({ design, plan }, { state, flap: plan.flap.hasFlap ? flap : 1 }, shown, upTo);
  // While the flap is in hand, the bag stays as large as it is.
  const fit = heldFit ?? fitted(folded, turned, size);
  const { pxPerMm } = fit;
  const view: View = { ...turned, upMm: fit.upMm };
  const picture = { folded, view, pxPerMm, cloth: CLOTHS[design.swatch.yarn.colour], selection, onSelect: select };
  const degrees = Math.round((turned.yawRad * 180) / Math.PI);

  return (
    <section aria-label="The folded bag" data-testid="folded" data-drawn={how.kind}>
      <div ref={ref} style={{ position: 'relative', height: heightPx, overflow: 'hidden', borderRadius: 2 }}>
        <div
          {...bindTurn()}
          role="slider"
          tabIndex={0}
          aria-label="Turn the folded bag"
          aria-valuemin={-180}
          aria-valuemax={180}
          aria-valuenow={degrees}
          aria-valuetext={`turned by ${degrees} degrees`}
          onKeyDown={onTurnKey}
          style={{ position: 'absolute', inset: 0, cursor: 'grab', touchAction: 'pan-y' }}
        >
          {how.kind === 'still' && <FoldedStill {...picture} size={size} shown={shown} upTo={upTo} />}
          {how.kind !== 'still' && how.kind !== 'unknown' && (
            <FoldedScene {...picture} onLost={how.giveUp} onFirst={how.first} />
          )}
        </div>
        <FoldedHandles
          plan={plan}
          folded={folded}
          view={view}
          pxPerMm={pxPerMm}
          size={size}
          // There is no flap to take hold of before it is worked.
          flap={shown === 'outside' && !(upTo && folded.bag.lines.length === 0) ? flap : null}
          onFlap={setFlap}
          onFlapHold={(held) => setHeldFit(held ? fit : null)}
          onHold={setHeld}
        />
      </div>
      <Flex gap="2" mt="1" wrap="wrap">
        <Choices
          state={state}
          onState={setState}
          foldsFlat={plan.section.flat !== null}
          isOpen={plan.flap.hasFlap ? flap < 0.5 : null}
          onFlap={setFlap}
          shown={shown}
          onShown={setShown}
        />
        {upTo === null && <PictureOffer turned={turned} state={state} />}
      </Flex>
      <FoldedTwin label="The folded bag in words" states={[state]} />
      <CutBands folded={folded} state={state} unit={design.settings.lengthUnit} />
    </section>
  );
}

/** How long what is cut off by the edge of the picture is. */
function CutBands({ folded, state, unit }: { folded: Folded; state: FoldState; unit: LengthUnit }) {
  const cut = folded.bag.bands.filter(({ isCut }) => isCut);
  if (cut.length === 0 || state === 'flat') return null;
  return (
    <Box fontSize="13px" mt="1">
      {[...new Set(cut.map(({ band }) => formatQuantity(band.lengthMm[state], 'mm', unit)))].map((length) => (
        <div key={length}>
          {cut.length > 1 ? 'Each strap' : 'The strap'} goes on beyond the picture: {length} from mouth to mouth.
        </div>
      ))}
    </Box>
  );
}

interface ChoicesProps {
  state: FoldState;
  onState: (state: FoldState) => void;
  foldsFlat: boolean;
  /** Whether the flap is open; null where there is none. */
  isOpen: boolean | null;
  onFlap: (flap: number) => void;
  shown: Shown;
  onShown: (shown: Shown) => void;
}

/** How the bag is shown. While a line is dragged they hold still. */
const Choices = memo(function Choices({ state, onState, foldsFlat, isOpen, onFlap, shown, onShown }: ChoicesProps) {
  return (
    <>
      <Choice isOn={state === 'empty'} onPress={() => onState(state === 'empty' ? 'loaded' : 'empty')}>
        {state === 'empty' ? 'Show it loaded' : 'Show it empty'}
      </Choice>
      {foldsFlat && (
        <Choice isOn={state === 'flat'} onPress={() => onState(state === 'flat' ? 'loaded' : 'flat')}>
          {state === 'flat' ? 'Open it again' : 'Fold it flat'}
        </Choice>
      )}
      {isOpen !== null && (
        <Choice isOn={isOpen} onPress={() => onFlap(isOpen ? 1 : -0.15)}>
          {isOpen ? 'Close the flap' : 'Open the flap'}
        </Choice>
      )}
      <Choice isOn={shown === 'inside'} onPress={() => onShown(shown === 'inside' ? 'outside' : 'inside')}>
        {shown === 'inside' ? 'Put the front back' : 'Look inside'}
      </Choice>
    </>
  );
});

interface ChoiceProps {
  isOn: boolean;
  onPress: () => void;
  children: string;
}

const Choice = ({ isOn, onPress, children }: ChoiceProps) => (
  <Button size="xs" variant="outline" bg={isOn ? 'brassPale' : 'paper'} aria-pressed={isOn} onClick={onPress}>
    {children}
  </Button>
);

/** How the bag is turned, by dragging beside its lines or by arrow keys. Home looks at it as at first. */
function useTurn() {
  const [turned, setView] = useState<Turn>(USUAL_VIEW);
  const turn = (yawRad: number, pitchRad: number) =>
    setView((from) => ({
      yawRad: wrapped(from.yawRad + yawRad),
      pitchRad: Math.max(-MOST_PITCH, Math.min(MOST_PITCH, from.pitchRad + pitchRad)),
    }));
  const bindTurn = useDrag(
    ({ delta: [x, y], tap, event }) => {
      // A thumb that goes up or down scrolls the page; across, it turns the bag.
      if (!tap) turn(x * RAD_PER_PX, event.type.startsWith('touch') ? 0 : y * RAD_PER_PX);
    },
    {
      filterTaps: true,
      // Not captured, so that a press reaches what it is on.
      pointer: { touch: true, capture: false },
      eventOptions: { passive: false },
    },
  );
  const onTurnKey = (event: KeyboardEvent) => {
    const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    if (event.key === 'Home') setView(USUAL_VIEW);
    else if (way) turn((way[0] as number) * RAD_PER_KEY, (way[1] as number) * RAD_PER_KEY);
    else return;
    event.preventDefault();
  };
  return { turned, bindTurn, onTurnKey };
}

/** A turn between half a turn to the left and half a turn to the right. */
const wrapped = (rad: number): number => rad - 2 * Math.PI * Math.round(rad / (2 * Math.PI));

type Turn = Omit<View, 'upMm'>;

interface Fit {
  pxPerMm: number;
  upMm: number;
}

/** The largest scale at which the bag fits however it is turned about its upright axis, with its middle in that of the picture. */
function fitted({ mesh: { box }, middle }: Folded, { pitchRad }: Turn, size: { width: number; height: number }): Fit {
  const far = (axis: 'x' | 'z') => Math.max(box.to[axis] - middle[axis], middle[axis] - box.from[axis]);
  const aside = Math.hypot(far('x'), far('z'));
  const up = ((box.to.y - box.from.y) / 2) * Math.cos(pitchRad) + aside * Math.abs(Math.sin(pitchRad));
  return {
    pxPerMm: Math.min((size.width / 2 - MARGIN_PX) / aside, (size.height / 2 - MARGIN_PX) / up),
    upMm: ((box.to.y + box.from.y) / 2 - middle.y) * Math.cos(pitchRad),
  };
}
