import fc from 'fast-check';

/**
 * Makes the random tests repeatable: a run of the tests tries the same cases every time, so that what they say of a change is
 * what the change did. `npm run fuzz` tries new ones each time; a failure there names the seed that finds it again.
 */
const SEED = 20261125;

if (process.env.FUZZ_RUNS === undefined) fc.configureGlobal({ seed: SEED });
