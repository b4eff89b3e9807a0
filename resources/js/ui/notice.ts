import type { ExternalToast } from 'sonner';

/** A notice at the foot of the page. What draws it comes when the first one is said. */
export const toast = (sentence: string, options?: ExternalToast): void =>
  void import('sonner').then((notices) => notices.toast(sentence, options));
