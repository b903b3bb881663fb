import { useEffect, useState } from 'react';
import { inWorker, type Work } from './planningWorker';

/** She may still be typing: a question is asked this long after its last change, ms. */
const SETTLE_MS = 250;

/** The last answer of a worker, and whether it is the answer to what is asked now. */
export interface Answer<T> {
  last: T | null;
  isCurrent: boolean;
}

/**
 * What a worker answers to a question, asked anew whenever the question is another one. The last answer stays until there is a newer
 * one; a question that was overtaken is dropped with its worker.
 *
 * @param question what is asked; the same object is the same question, and null asks nothing
 * @param ask how it is asked; one function, not made anew with every rendering
 */
export function useAnswer<Q extends object, T>(question: Q | null, ask: (question: Q) => Work<T>): Answer<T> {
  const [answered, setAnswered] = useState<{ question: Q; answer: T } | null>(null);
  useEffect(() => {
    if (question === null) return;
    let stop = () => {};
    const timer = setTimeout(() => {
      const running = inWorker(ask(question), () => {});
      stop = running.stop;
      void running.result.then((answer) => {
        if (answer !== null) setAnswered({ question, answer });
      });
    }, SETTLE_MS);
    return () => {
      clearTimeout(timer);
      stop();
    };
  }, [question, ask]);
  return { last: answered?.answer ?? null, isCurrent: answered !== null && answered.question === question };
}
