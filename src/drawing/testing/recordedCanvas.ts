/** Something that was done on a canvas: its name, what it was given, and the colour that it was done in. */
export interface Recorded {
  does: 'fillRect' | 'stroke' | 'drawImage';
  numbers: readonly number[];
  colour: string;
  /** What was drawn, where something was. */
  drawn?: RecordedCanvas;
}

/** A canvas away from the page that keeps what is done on it instead of painting: tests run where there is none. Read back, it is all of the colour that it was first filled with. */
export class RecordedCanvas {
  /** All that were made since the last time this was emptied. */
  static made: RecordedCanvas[] = [];
  readonly done: Recorded[] = [];

  constructor(
    readonly width: number,
    readonly height: number,
  ) {
    RecordedCanvas.made.push(this);
  }

  getContext(): Record<string, unknown> {
    const { done } = this;
    let path: number[] = [];
    const context: Record<string, unknown> = {
      fillStyle: '',
      strokeStyle: '',
      beginPath: () => (path = []),
      moveTo: (x: number, y: number) => path.push(x, y),
      lineTo: (x: number, y: number) => path.push(x, y),
      fillRect: (...numbers: number[]) => done.push({ does: 'fillRect', numbers, colour: String(context.fillStyle) }),
      stroke: () => done.push({ does: 'stroke', numbers: path, colour: String(context.strokeStyle) }),
      drawImage: (drawn: RecordedCanvas, ...numbers: number[]) =>
        done.push({ does: 'drawImage', numbers, colour: '', drawn }),
      getTransform: () => null,
      setTransform: () => {},
      translate: () => {},
      rotate: () => {},
      getImageData: (_: number, __: number, width: number, height: number) => {
        const ground =
          done
            .find(({ does }) => does === 'fillRect')
            ?.colour.match(/\d+/g)
            ?.map(Number) ?? [];
        const data = Uint8ClampedArray.from({ length: 4 * width * height }, (_, at) => ground[at % 4] ?? 255);
        return { data, width, height };
      },
    };
    return context;
  }

  /** All that ends up on it, what is drawn onto it included. */
  everything(): Recorded[] {
    return this.done.flatMap((one) => (one.drawn ? [one, ...one.drawn.everything()] : [one]));
  }
}

/** Does something where canvases are recorded. */
export function withRecordedCanvases<T>(work: () => T): T {
  const there = globalThis.OffscreenCanvas;
  RecordedCanvas.made = [];
  globalThis.OffscreenCanvas = RecordedCanvas as unknown as typeof OffscreenCanvas;
  try {
    return work();
  } finally {
    globalThis.OffscreenCanvas = there;
  }
}
