import type { Schemas } from '@/api/client';

export type Reading = Schemas['BraceSampleInput'];

/** What a cuff is heard to say, and that it has fallen silent. */
interface Hear {
  reading: (reading: Reading) => void;
  end: () => void;
}

/** One line of the protocol (docs/formats/cuff.md), such as `P 1250 40.3`; null where it says something else. */
export function readingOf(line: string): Reading | null {
  const found = /^P (\d{1,8}) (\d{1,3}(?:\.\d{1,2})?)\s*$/.exec(line);
  return found && Number(found[2]) <= 300 ? { ms: Number(found[1]), mmHg: Number(found[2]) } : null;
}

/** Whole lines of what comes in pieces. */
export function lines(take: (line: string) => void): (text: string) => void {
  let rest = '';
  return (text) => {
    const parts = (rest + text).split('\n');
    rest = (parts.pop() ?? '').slice(-200);
    parts.forEach(take);
  };
}

const heard = (hear: Hear) =>
  lines((line) => {
    const reading = readingOf(line);
    if (reading) hear.reading(reading);
  });

/** The simulated cuff of the demo, over a local socket; answers with how to stop listening. */
export function standIn(address: string, hear: Hear): () => void {
  const take = heard(hear);
  const socket = new WebSocket(address);
  socket.onmessage = ({ data }) => take(String(data));
  socket.onclose = hear.end;
  return () => {
    socket.onclose = null;
    socket.close();
  };
}

/** As much of a serial port as is used of it; browsers that have none do not describe it. */
export interface Port {
  open: (how: { baudRate: number }) => Promise<void>;
  close: () => Promise<void>;
  readable: ReadableStream<Uint8Array<ArrayBuffer>> | null;
}
interface Serial {
  getPorts: () => Promise<Port[]>;
  requestPort: () => Promise<Port>;
}
const serial = (): Serial | null => ('serial' in navigator ? (navigator.serial as Serial) : null);

const BAUD = 115_200;

/** Whether a cuff can be connected to this device. */
export const canConnect = (): boolean => serial() !== null;

/** Asks which cuff; only on a press. Says whether one was chosen. */
export const connect = (): Promise<boolean> =>
  serial()
    ?.requestPort()
    .then(
      () => true,
      () => false,
    ) ?? Promise.resolve(false);

/** The cuff at the serial port that was chosen here; answers with how to stop listening. */
export function atPort(hear: Hear): () => void {
  let stopped = false;
  let reader: ReadableStreamDefaultReader<string> | undefined;
  const read = async () => {
    const port = (await serial()?.getPorts())?.[0];
    if (!port) return;
    await port.open({ baudRate: BAUD });
    const take = heard(hear);
    const decoder = new TextDecoderStream();
    const piped = port.readable?.pipeTo(decoder.writable).catch(() => undefined);
    reader = decoder.readable.getReader();
    try {
      for (;;) {
        const { value, done } = await reader.read();
        if (done || stopped) break;
        take(value);
      }
    } finally {
      await reader.cancel().catch(() => undefined);
      await piped;
      await port.close();
    }
  };
  void read()
    .catch(() => undefined)
    .then(() => {
      if (!stopped) hear.end();
    });
  return () => {
    stopped = true;
    void reader?.cancel().catch(() => undefined);
  };
}
