/** The font that ships with the app, as a file. */
export async function fontBytes(): Promise<Uint8Array> {
  const address = new URL('@fontsource/source-sans-3/files/source-sans-3-latin-400-normal.woff', import.meta.url);
  const answer = await fetch(address);
  return new Uint8Array(await answer.arrayBuffer());
}
