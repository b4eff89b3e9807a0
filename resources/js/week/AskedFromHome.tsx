import { Link } from 'react-router';
import { http, sentenceOf, type Schemas } from '@/api/client';
import { useShortcuts } from '@/frame/keys';
import { useRefresh } from '@/frame/usePerson';
import { Button } from '@/ui/Button';
import { toast } from '@/ui/notice';

type Asked = Schemas['AskedView'];

/** What was asked from home to be put off, with the day that was found for it: taken by one key. */
export function AskedFromHome({
  person,
  asked,
  elsewhere,
  onMove,
}: {
  person: string;
  asked: Asked[];
  elsewhere: Schemas['AskedElsewhereView'][];
  /** puts the session where it goes in this week, or leaves it out */
  onMove: (one: Asked) => void;
}) {
  const refresh = useRefresh();
  const settle = async (one: Asked) => {
    const { error } = await http.POST('/api/people/{person}/home-notes/{note}/settle', {
      params: { path: { person, note: one.note } },
      body: { text: '' },
    });
    if (error) toast(sentenceOf(error));
    await refresh();
  };
  const take = (one: Asked) => {
    onMove(one);
    void settle(one);
  };
  const first = asked.find(({ isAskedAbout }) => !isAskedAbout);
  useShortcuts(first ? [{ key: 'm', label: 'take the day that was found', run: () => take(first) }] : []);
  if (asked.length + elsewhere.length === 0) return null;
  return (
    <ul className="mb-5 grid gap-2">
      {asked.map((one) => (
        <li key={one.note} className="grid justify-items-start gap-2 border-l-4 border-rowan bg-paper p-3">
          <p className="font-semibold">{one.sentence}</p>
          {one.isAskedAbout && (
            <Link to={`/people/${person}/review`} className="underline underline-offset-4">
              Ask how it is first
            </Link>
          )}
          {!one.repair && <p className="text-sm text-ink2">No later day of this week is free without a clash.</p>}
          <div className="flex flex-wrap gap-2">
            <Button look={one === first ? 'next' : 'plain'} hotkey={one === first ? 'M' : undefined} onClick={() => take(one)}>
              {one.repair?.label ?? 'Leave it out this week'}
            </Button>
            <Button look="quiet" onClick={() => void settle(one)}>
              it stays
            </Button>
          </div>
        </li>
      ))}
      {elsewhere.map((one) => (
        <li key={one.note} className="border-l-4 border-rowan bg-paper p-3">
          {one.sentence}{' '}
          <Link to={`/people/${person}/week?w=${one.monday}`} className="underline underline-offset-4">
            To that week
          </Link>
        </li>
      ))}
    </ul>
  );
}
