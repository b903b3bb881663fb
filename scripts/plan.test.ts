import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { DESIGN_VERSION } from '../src/core/design';
import { planBag } from '../src/core/plan';
import { fullDesign } from '../src/core/testing/designs';

const folder = mkdtempSync(join(tmpdir(), 'ruelle-plan-'));
afterAll(() => rmSync(folder, { recursive: true }));

function planFile(name: string, contents: string | Buffer) {
  const path = join(folder, name);
  writeFileSync(path, contents);
  return spawnSync('npm', ['run', '--silent', 'plan', '--', path], { encoding: 'utf8', maxBuffer: 1e8 });
}

describe('npm run plan', () => {
  it('prints the plan and exits 0', () => {
    const run = planFile('whole.ruelle.json', JSON.stringify(fullDesign()));
    expect(run.status).toBe(0);
    const planned = planBag(fullDesign());
    expect(planned.ok && JSON.parse(run.stdout)).toEqual(JSON.parse(JSON.stringify(planned.ok && planned.plan)));
  });

  it('prints the problems that prevent a plan and exits 1', () => {
    const design = fullDesign();
    const run = planFile(
      'thick.json',
      JSON.stringify({ ...design, contents: { ...design.contents, thicknessMm: 190 } }),
    );
    expect(run.status).toBe(1);
    expect(JSON.parse(run.stdout).problems[0].code).toBe('load-too-thick');
  });

  it.each([
    ['not-json.json', 'row 1: sc across', 'can’t be read'],
    ['future.json', JSON.stringify({ ...fullDesign(), version: DESIGN_VERSION + 1 }), 'newer Ruelle'],
    ['negative.json', JSON.stringify({ ...fullDesign(), flap: { kind: 'straight', dropMm: -5 } }), 'flap.dropMm'],
    ['binary.json', Buffer.from([0, 255, 13, 254, 10, 7]), 'can’t be read'],
    ['huge.json', Buffer.alloc(50_000_000, 32), 'far larger'],
  ])('answers %s with one line and exits 2', (name, contents, words) => {
    const run = planFile(name, contents);
    expect(run.status).toBe(2);
    expect(run.stdout).toBe('');
    expect(
      run.stderr
        .trim()
        .split('\n')
        .filter((line) => !line.startsWith('npm warn')),
    ).toHaveLength(1);
    expect(run.stderr).toContain(words);
  });

  it('takes a file that begins with a mark of its byte order, as some programs write one', () => {
    expect(planFile('marked.json', `\ufeff${JSON.stringify(fullDesign())}`).status).toBe(0);
  });

  it('stops at its limit in what has no end', () => {
    const run = spawnSync('npm', ['run', '--silent', 'plan', '--', '/dev/zero'], { encoding: 'utf8' });
    expect(run.status).toBe(2);
    expect(run.stderr).toContain('far larger');
  });

  it('answers a file that is not there', () => {
    const run = spawnSync('npm', ['run', '--silent', 'plan', '--', join(folder, 'nowhere.json')], { encoding: 'utf8' });
    expect(run.status).toBe(2);
    expect(run.stderr).toContain('no such file');
  });
});
