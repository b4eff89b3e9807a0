import { toast } from 'sonner';
import { refusalOf } from '@/api/client';
import { savedNow } from '@/frame/saving';

/** Says that a test was kept, with the way back: taking it back reads everything again. */
export function saidKept(sentence: string, takeBack: () => Promise<{ error?: unknown }>, refresh: () => Promise<void>): void {
  savedNow();
  const back = async () => {
    const { error } = await takeBack().catch((failed: unknown) => ({ error: failed }));
    if (error) toast(refusalOf(error).sentence);
    else await refresh();
  };
  toast(sentence, { action: { label: 'Take back', onClick: () => void back() } });
  void refresh();
}
