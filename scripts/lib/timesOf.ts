const WARM_UP_SHARE = 0.1;

/** Runs something on input after input, and tells how long each took, ms; the first tenth, or another share, warms up and is not counted. */
export function timesOf<T>(inputs: readonly T[], work: (input: T) => void, warmUp = WARM_UP_SHARE): number[] {
  const times = inputs.map((input) => {
    const start = performance.now();
    work(input);
    return performance.now() - start;
  });
  return times.slice(Math.floor(inputs.length * warmUp));
}
