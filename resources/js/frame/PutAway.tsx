import { toast } from '@/ui/notice';
import { http, type Schemas } from '@/api/client';
import { useRefresh, useTakePerson } from '@/frame/usePerson';
import { Button } from '@/ui/Button';

/** Puts a person away or takes them back; the other one is always a press away. */
export function usePutAway(): (person: string, name: string, away: boolean) => Promise<void> {
  const take = useTakePerson();
  const refresh = useRefresh();
  const putAway = async (person: string, name: string, away: boolean): Promise<void> => {
    const ask = { params: { path: { person } } };
    const { data, error } = await (away
      ? http.POST('/api/people/{person}/archive', ask)
      : http.DELETE('/api/people/{person}/archive', ask));
    if (error) {
      toast(error.sentence);
      return;
    }
    take(data);
    await refresh();
    toast(away ? `${name} is put away; everything is kept.` : `${name} is back.`, {
      action: { label: away ? 'Bring back' : 'Put away', onClick: () => void putAway(person, name, !away) },
    });
  };
  return putAway;
}

export function PutAway({ person }: { person: Schemas['PersonView'] }) {
  const putAway = usePutAway();
  return (
    <div>
      <Button look="quiet" onClick={() => void putAway(person.id, person.name, person.archivedOn === null)}>
        {person.archivedOn === null ? 'put this person away' : 'bring this person back'}
      </Button>
    </div>
  );
}
