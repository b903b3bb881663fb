import { describe, expect, it } from 'vitest';
import { checkNode } from './ready.mjs';

describe('the version of Node', () => {
  it.each(['20.11.0', '22.3.1', '24.0.0'])('%s is one that Ruelle runs with', (version) => {
    expect(() => checkNode(version)).not.toThrow();
  });
  it.each(['18.19.0', '21.7.3', '23.1.0', '26.0.0', '2.0.0'])(
    '%s is none, in a sentence that says which are',
    (version) => {
      expect(() => checkNode(version)).toThrow(
        `This is Node ${version}. Ruelle runs with Node 20, 22, 24: install one of them.`,
      );
    },
  );
  it('is one of them here', () => expect(() => checkNode()).not.toThrow());
});
