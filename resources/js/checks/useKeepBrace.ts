import { http, sentenceOf, type Schemas } from '@/api/client';
import { undoToast } from '@/frame/undoToast';
import { useRefresh } from '@/frame/usePerson';

/** Keeps a brace check, with the way back; answers with what is wrong, or null once it is kept. */
export function useKeepBrace(person: string, onKept: () => void) {
  const refresh = useRefresh();
  return async (body: Schemas['BraceRequest']): Promise<string | null> => {
    const { data, error } = await http.POST('/api/people/{person}/brace', { params: { path: { person } }, body });
    if (!data) return sentenceOf(error);
    undoToast(
      data.sentence,
      () => http.DELETE('/api/people/{person}/brace/{brace}', { params: { path: { person, brace: body.id } } }),
      refresh,
    );
    onKept();
    return null;
  };
}
