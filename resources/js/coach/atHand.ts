import type { Told } from '@/offline/told';
import type { Opened } from '@/offline/trainings';
import type { useTraining } from '@/offline/useTraining';

/** The training at hand, and the ways to change it. */
export type AtHand = Omit<ReturnType<typeof useTraining>, 'opened' | 'told'> & { opened: Opened; told: Told };
