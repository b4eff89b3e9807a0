import { onAccessEnded } from '@/api/client';
import { forgetDrafts } from '@/editor/device';
import { lock } from './code';
import { HOME } from './kept';
import { letGoOfAnswers, wipe } from './store';

/** Whose access the practice has ended: whatever this device keeps of it goes at the first contact, what was not sent as well. */
export const letGoOnceEnded = (): void =>
  onAccessEnded(async (who) => {
    if (who === HOME) return letGoOfAnswers(HOME);
    await wipe(who);
    lock();
    forgetDrafts();
    if (location.pathname !== '/sign-in') location.assign('/sign-in?ended');
  });
