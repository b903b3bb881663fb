import { usualButtonLoop, usualToggleLoop, type ButtonLoop, type ToggleLoop } from '@/core/design';
import { loopKind, type LoopNature } from './loop';

const buttonNature: LoopNature<ButtonLoop> = {
  prefix: 'loop',
  label: 'Button',
  noun: 'button',
  farMm: ({ diameterMm }) => diameterMm / 2,
  // Over its face and its back.
  opensMm: ({ diameterMm, thicknessMm }) => 2 * (diameterMm + thicknessMm),
  form: ({ diameterMm }) => ({ kind: 'disc', radiusMm: diameterMm / 2 }),
  thicknessMm: ({ thicknessMm }) => thicknessMm,
};

const toggleNature: LoopNature<ToggleLoop> = {
  prefix: 'toggle',
  label: 'Toggle',
  noun: 'toggle',
  // It lies across: the loop lies behind its middle.
  farMm: ({ thicknessMm }) => thicknessMm / 2,
  // It is put through lengthwise, one end first.
  opensMm: ({ thicknessMm }) => Math.PI * thicknessMm,
  form: ({ lengthMm, thicknessMm }) => ({ kind: 'patch', widthMm: lengthMm, lengthMm: thicknessMm }),
  thicknessMm: ({ thicknessMm }) => thicknessMm,
};

/** A button on the front and a loop of chains at the edge. */
export const buttonLoop = loopKind(usualButtonLoop, buttonNature);
/** A short bar on the front and a loop of chains at the edge. */
export const toggleLoop = loopKind(usualToggleLoop, toggleNature);
