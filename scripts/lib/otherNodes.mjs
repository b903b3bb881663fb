/** The versions of Node besides the one that runs, for trying Ruelle with them. They come from the registry, as packages of binaries. */
import { execFileSync } from 'node:child_process';
import { existsSync, mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './ready.mjs';

/** One of each line; a package for each system holds the program. */
const VERSIONS = ['20.20.2', '22.23.3', '24.21.0'];

/**
 * The programs of the other lines of Node, fetched once and kept beside the packages.
 *
 * @returns a path for each; none on a system that there is no package for
 */
export function otherNodes() {
  const system = { linux: 'linux', darwin: 'darwin' }[process.platform];
  if (!system) return [];
  const own = process.versions.node.split('.')[0];
  return VERSIONS.filter((version) => version.split('.')[0] !== own).map((version) => {
    const folder = join(ROOT, 'node_modules', '.other-nodes', version);
    const program = join(folder, 'package', 'bin', 'node');
    if (!existsSync(program)) {
      rmSync(folder, { recursive: true, force: true });
      mkdirSync(folder, { recursive: true });
      const name = `node-${system}-${process.arch}@${version}`;
      const packed = execFileSync('npm', ['pack', '--silent', name], { cwd: folder, encoding: 'utf8' }).trim();
      execFileSync('tar', ['xzf', packed], { cwd: folder });
      rmSync(join(folder, packed));
    }
    return { version, program };
  });
}
