import { afterEach, describe, expect, it, vi } from 'vitest';
import { atPort, canConnect, connect, lines, readingOf, standIn, type Port, type Reading } from './cuff';

/** How long, in milliseconds, what a machine with much else to do still has to come. */
const PATIENT = 30_000;

/** Hears a cuff out. */
function ear() {
  const readings: Reading[] = [];
  const ended = vi.fn();
  return { readings, ended, hear: { reading: (reading: Reading) => readings.push(reading), end: ended } };
}

/** A serial port of a device that says these pieces and falls silent; a stand-in, no machine of the tests has one. */
function port(pieces: string[]): Port & { closed: boolean } {
  const made: Port & { closed: boolean } = {
    closed: false,
    open: () => Promise.resolve(),
    close: () => {
      made.closed = true;
      return Promise.resolve();
    },
    readable: new ReadableStream<Uint8Array<ArrayBuffer>>({
      start(controller) {
        for (const piece of pieces) controller.enqueue(new TextEncoder().encode(piece));
        controller.close();
      },
    }),
  };
  return made;
}

describe('what a cuff says', () => {
  afterEach(() => vi.unstubAllGlobals());

  it('is a reading line by line, and anything else is passed over', () => {
    expect(readingOf('P 1250 40.3')).toEqual({ ms: 1250, mmHg: 40.3 });
    for (const line of ['', 'CUFF simulated 1', 'P 12', 'P -5 40', 'P 5 4000', 'P 5 301', 'P 5 40 <b>', 'p 5 40'])
      expect(readingOf(line)).toBeNull();
  });

  it('is put together again where it comes in pieces', () => {
    const heard: string[] = [];
    const take = lines((line) => heard.push(line));
    ['CUFF simu', 'lated 1\nP 0 4', '0.0\n', 'P 200 40.1\nP 4'].forEach(take);
    expect(heard).toEqual(['CUFF simulated 1', 'P 0 40.0', 'P 200 40.1']);
  });

  it('is read at the port that was chosen, which is let go of at the end', async () => {
    const cuff = port(['CUFF A 1\nP 0 39.', '5\nP 200 40.0\n']);
    vi.stubGlobal('navigator', { serial: { getPorts: () => Promise.resolve([cuff]) } });
    const { readings, ended, hear } = ear();
    atPort(hear);
    await vi.waitFor(() => expect(ended).toHaveBeenCalledOnce(), PATIENT);
    expect(readings).toEqual([
      { ms: 0, mmHg: 39.5 },
      { ms: 200, mmHg: 40 },
    ]);
    expect(cuff.closed).toBe(true);
  });

  it('is nothing where no port was chosen, or the browser has none', async () => {
    const { ended, hear } = ear();
    vi.stubGlobal('navigator', {
      serial: { getPorts: () => Promise.resolve([]), requestPort: () => Promise.reject(new Error()) },
    });
    atPort(hear);
    await vi.waitFor(() => expect(ended).toHaveBeenCalledTimes(1), PATIENT);
    expect([canConnect(), await connect()]).toEqual([true, false]);
    vi.stubGlobal('navigator', {});
    atPort(hear);
    await vi.waitFor(() => expect(ended).toHaveBeenCalledTimes(2), PATIENT);
    expect([canConnect(), await connect()]).toEqual([false, false]);
  });

  it('comes from the simulated one over its socket, and its end is heard unless nobody listens any more', () => {
    const sockets: { onmessage?: (event: { data: string }) => void; onclose?: (() => void) | null; close: () => void }[] = [];
    vi.stubGlobal(
      'WebSocket',
      class {
        onclose: (() => void) | null = null;
        constructor() {
          sockets.push(this);
        }
        close() {
          this.onclose?.();
        }
      },
    );
    const { readings, ended, hear } = ear();
    standIn('ws://127.0.0.1:9400', hear);
    sockets[0]?.onmessage?.({ data: 'P 0 40.0\n' });
    sockets[0]?.close();
    expect([readings.length, ended.mock.calls.length]).toEqual([1, 1]);
    const stop = standIn('ws://127.0.0.1:9400', hear);
    stop();
    expect(ended).toHaveBeenCalledTimes(1);
  });
});
