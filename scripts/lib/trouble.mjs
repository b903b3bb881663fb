/** Something that keeps a script from doing its work, said to the maker in a sentence and without a trace of the inside. */
export class Trouble extends Error {}

/** How a server ends when its port is taken. */
export const PORT_TAKEN = 98;

/** Does the work of a script. A trouble is said in its sentence, and the script ends as failed. */
export async function withoutTraces(work) {
  try {
    await work();
  } catch (error) {
    console.error(error instanceof Trouble ? error.message : error);
    process.exit(1);
  }
}
