import { all, put, tellTabs } from './store';
import { waiting, type KeptEvent, type Training } from './trainings';
import { trainer } from './trainer';
import type { TrainingEvent } from './told';

/** What waits on a device as a file, for where it cannot be sent: it can be read in on any device, and counts once. */
interface LogFile {
  format: 'even-rungs-log';
  version: 1;
  trainings: { training: Training; events: TrainingEvent[] }[];
}

const NAME = 'even-rungs-log';

/** Saves what waits here as a file of the browser's; says how many answers it holds. */
export async function saveAsFile(): Promise<number> {
  const waits = await waiting();
  const file: LogFile = {
    format: NAME,
    version: 1,
    trainings: waits.map(({ training, waits: own, refused }) => ({
      training,
      events: [...own, ...refused].map(({ event }) => event),
    })),
  };
  const address = URL.createObjectURL(new Blob([JSON.stringify(file, null, 1)], { type: 'application/json' }));
  const link = Object.assign(document.createElement('a'), {
    href: address,
    download: `${NAME}-${new Date().toISOString().slice(0, 10)}.json`,
  });
  link.click();
  URL.revokeObjectURL(address);
  return file.trainings.reduce((sum, { events }) => sum + events.length, 0);
}

const isObject = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null;

const isTraining = (value: unknown): value is Training =>
  isObject(value) &&
  ['id', 'person', 'name', 'session', 'title', 'on'].every((key) => typeof value[key] === 'string') &&
  typeof value.startedAt === 'number';

const isEvent = (value: unknown): value is TrainingEvent =>
  isObject(value) &&
  typeof value.id === 'string' &&
  typeof value.kind === 'string' &&
  Array.isArray(value.instead) &&
  Array.isArray(value.moments);

const read = (text: string): LogFile['trainings'] | null => {
  try {
    const file = JSON.parse(text) as unknown;
    if (!isObject(file) || file.format !== NAME || !Array.isArray(file.trainings)) return null;
    const trainings = file.trainings as unknown[];
    const isSound = trainings.every(
      (one) => isObject(one) && isTraining(one.training) && Array.isArray(one.events) && one.events.every(isEvent),
    );
    return isSound && file.version === 1 ? (trainings as LogFile['trainings']) : null;
  } catch {
    return null;
  }
};

/** Reads such a file in: from here on it waits on this device and is sent like all else. Answers with what to say. */
export async function readFile(text: string): Promise<{ answers: number; sentence: string }> {
  const trainings = read(text);
  if (trainings === null) return { answers: 0, sentence: 'This is no log file of this application: nothing was read in.' };
  const owner = trainer();
  const known = new Set((await all<KeptEvent>('events', owner)).map(({ id }) => id));
  let answers = 0;
  for (const { training, events } of trainings) {
    const present = (await all<Training>('trainings', owner)).find(({ id }) => id === training.id);
    if (!present) await put('trainings', owner, { ...training, answering: null, asked: null, moments: [] } satisfies Training);
    for (const event of events) {
      if (known.has(event.id)) continue;
      answers += 1;
      await put('events', owner, {
        id: event.id,
        training: training.id,
        event,
        state: 'waits',
        sentence: null,
      } satisfies KeptEvent);
    }
  }
  tellTabs();
  return {
    answers,
    sentence:
      answers === 0
        ? 'Everything in this file is here already.'
        : `${answers === 1 ? 'One answer' : `${answers} answers`} read in.`,
  };
}
