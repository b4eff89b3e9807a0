/** Whether this page is being left, so that nobody waits here for an answer. */
let leaving = false;
export const isLeaving = (): boolean => leaving;

/** Is told that the page is left; `gone` when it goes away for good as far as anybody knows, not only out of sight. */
type Told = (gone: boolean) => void;
const listening = new Set<Told>();

/** Runs something while there still is time to send; answers with how to stop listening. */
export function onLeaving(run: Told): () => void {
  listening.add(run);
  return () => listening.delete(run);
}

const tell = (gone: boolean) => {
  leaving = true;
  for (const run of listening) run(gone);
};
const stay = () => (leaving = false);

if (typeof window !== 'undefined') {
  window.addEventListener('pagehide', () => tell(true));
  window.addEventListener('pageshow', stay);
  // A page out of sight on a phone may be ended without a word.
  document.addEventListener('visibilitychange', () => (document.visibilityState === 'hidden' ? tell(false) : stay()));
}
