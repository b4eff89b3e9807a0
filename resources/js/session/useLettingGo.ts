import { useNavigate } from 'react-router';
import { toast } from '@/ui/notice';
import { http, sentenceOf } from '@/api/client';
import { useRefresh } from '@/frame/usePerson';
import { letGo } from './kept';

/** Brings a session back that was let go of, and opens it. */
export function useBringBack(person: string, onOpen: (id: string) => void) {
  const refresh = useRefresh();
  return async (session: string) => {
    const { error } = await http.POST('/api/people/{person}/sessions/{session}/restore', {
      params: { path: { person, session } },
    });
    if (error) return toast(sentenceOf(error));
    await refresh();
    onOpen(session);
  };
}

/** Lets go of a session, with the way back; what was done in it stays. */
export function useLettingGo(person: string, onOpen: (id: string) => void) {
  const refresh = useRefresh();
  const navigate = useNavigate();
  const bringBack = useBringBack(person, onOpen);
  return async (session: string, title: string) => {
    const { error } = await http.DELETE('/api/people/{person}/sessions/{session}', { params: { path: { person, session } } });
    if (error) return toast(sentenceOf(error));
    letGo(person, session);
    await refresh();
    await navigate(`/people/${person}/session`);
    toast(`“${title}” is let go of; it can be brought back for 30 days.`, {
      duration: 10_000,
      action: { label: 'Bring back', onClick: () => void bringBack(session) },
    });
  };
}
