import { beforeEach, describe, expect, it } from 'vitest';
import { Ledger, type BagState } from './ledger';

const state = (revision: number, mark: string, more: Partial<BagState> = {}): BagState => ({
  ...{ revision, mark, historyMark: mark, archived: false },
  ...more,
});

describe('the ledger of a siege', () => {
  let ledger: Ledger;
  beforeEach(() => {
    ledger = new Ledger();
    ledger.keep('a', state(1, 'one'));
  });

  it('finds an acknowledged save that is not there', () => {
    ledger.keep('a', state(2, 'two'));
    expect(ledger.compare('a', state(1, 'one'))).toContain('"two"');
  });
  it('finds a bag that is gone', () => expect(ledger.compare('a', null)).toBe('bag a is gone'));
  it('takes a save that was not answered, whether it was written or not', () => {
    ledger.ask('a', state(2, 'two'));
    expect(ledger.compare('a', state(1, 'one'))).toBeNull();
    ledger.ask('a', state(2, 'two'));
    expect(ledger.compare('a', state(2, 'two'))).toBeNull();
  });
  it('finds half a save: a bag without its history', () => {
    ledger.ask('a', state(2, 'two'));
    expect(ledger.compare('a', state(2, 'two', { historyMark: 'one' }))).not.toBeNull();
  });
  it('finds a save that was refused and written all the same', () => {
    ledger.ask('a', state(2, 'two'));
    ledger.refuse('a');
    expect(ledger.compare('a', state(2, 'two'))).not.toBeNull();
  });
  it('goes on from what was found', () => {
    ledger.ask('a', state(2, 'two'));
    ledger.compare('a', state(2, 'two'));
    expect(ledger.stateOf('a')?.revision).toBe(2);
    expect(ledger.compare('a', state(1, 'one'))).not.toBeNull();
  });
});
