import { isPress } from '@/core/bench';

/** A clicker as a browser has it (W3C Community Group, WebHID): it is opened, sends reports, and can go away. */
export interface HidDevice extends EventTarget {
  readonly productName: string;
  open(): Promise<void>;
  close(): Promise<void>;
}

/** A report of it: which buttons are down, a bit each. */
export class HidReport extends Event {
  constructor(
    readonly data: DataView,
    readonly atMs: number,
  ) {
    super('inputreport');
  }
}

/**
 * Follows a clicker: a press of its first button is told, once, however its contact bounces; and that it went away.
 *
 * @returns what ends it
 */
export function followClicker(device: HidDevice, told: { press: () => void; gone: () => void }): () => void {
  let wasDown = false;
  let lastMs: number | null = null;
  const onReport = (event: Event) => {
    const { data, atMs } = event as HidReport;
    const isDown = data.byteLength > 0 && (data.getUint8(0) & 1) === 1;
    const begins = isDown && !wasDown;
    wasDown = isDown;
    if (!begins) return;
    if (isPress(lastMs, atMs)) told.press();
    lastMs = atMs;
  };
  device.addEventListener('inputreport', onReport);
  device.addEventListener('disconnect', told.gone);
  void device.open().catch(told.gone);
  return () => {
    device.removeEventListener('inputreport', onReport);
    device.removeEventListener('disconnect', told.gone);
    void device.close().catch(() => undefined);
  };
}

/** A clicker that is none: it is pressed by a call, and its contact bounces as those of cheap ones do. */
export class PracticeClicker extends EventTarget implements HidDevice {
  readonly productName = 'Practice clicker';
  private isOpen = false;

  constructor(private readonly nowMs: () => number) {
    super();
  }

  open(): Promise<void> {
    this.isOpen = true;
    return Promise.resolve();
  }

  close(): Promise<void> {
    this.isOpen = false;
    return Promise.resolve();
  }

  /** Presses its button and lets it go; the contact opens and closes once more on the way. */
  press(): void {
    const atMs = this.nowMs();
    this.report(1, atMs);
    this.report(0, atMs + 4);
    this.report(1, atMs + 9);
    this.report(0, atMs + 130);
  }

  /** Pulls its plug out. */
  unplug(): void {
    this.isOpen = false;
    this.dispatchEvent(new Event('disconnect'));
  }

  private report(buttons: number, atMs: number): void {
    if (this.isOpen) this.dispatchEvent(new HidReport(new DataView(Uint8Array.of(buttons).buffer), atMs));
  }
}
