import { toast } from '@/ui/notice';
import { sentenceOf, type Refusal } from '@/api/client';
import { savedNow } from './saving';

/** Says that something was kept, with the way back: taking it back reads everything again. */
export function undoToast(sentence: string, takeBack: () => Promise<{ error?: Refusal }>, refresh: () => Promise<void>): void {
  savedNow();
  const back = async () => {
    const { error } = await takeBack();
    if (error) toast(sentenceOf(error));
    else await refresh();
  };
  toast(sentence, { action: { label: 'Take back', onClick: () => void back() } });
  void refresh();
}
