import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '@/api/client';
import { PainBefore } from '@/frame/PainBefore';
import { useShortcuts } from '@/frame/keys';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Dialog } from '@/ui/Dialog';
import { hurting, loading, nothing, type Answers } from './telling';
import type { SquadView } from './useSquad';
import { plain } from './words';

type Member = Schemas['SquadMemberView'];

/** Asked of everybody at once before the clock starts: who hurts already, and what that leaves out. Not answered is not none. */
export function Asking({ view, answers, onAnswer }: { view: SquadView; answers: Answers; onAnswer: (answers: Answers) => void }) {
  const [asked, ask] = useState<Member | null>(null);
  const here = view.members.filter(({ start }) => start !== null);
  const answerOf = ({ person }: Member) => answers[person] ?? nothing;
  const open = here.filter((member) => answerOf(member).before === null);
  const hurts = here.filter((member) => (answerOf(member).before ?? []).length > 0);
  const nobodyElse = () =>
    onAnswer({ ...answers, ...Object.fromEntries(open.map((member) => [member.person, { ...answerOf(member), before: [] }])) });
  useShortcuts(open.length === 0 ? [] : [{ key: 'n', label: 'nobody else hurts before the first set', run: nobodyElse }]);
  return (
    <section aria-label="Pain before the first set" className="grid gap-2 rounded-lg border border-rail bg-sheet p-3">
      <div className="flex flex-wrap items-center gap-2">
        <p className="mr-2 text-lg font-semibold">
          {open.length > 0
            ? 'Who hurts already, before the first set?'
            : hurts.length === 0
              ? 'Nobody hurts before the first set.'
              : 'Hurt already, before the first set:'}
        </p>
        {open.length > 0 && (
          <Button look="floor" className="min-h-11" hotkey="N" onClick={nobodyElse}>
            {open.length === here.length ? 'Nobody' : 'Nobody else'}
          </Button>
        )}
        {here.map((member) => (
          <Choice key={member.person} pressed={hurts.includes(member)} onPress={() => ask(member)}>
            {member.name.split(' ')[0] ?? member.name}
          </Choice>
        ))}
      </div>
      {hurts.map((member) => (
        <Waits key={member.person} member={member} view={view} before={answerOf(member).before} />
      ))}
      <Dialog open={asked !== null} dark onClose={() => ask(null)} title={asked?.name ?? ''}>
        {asked && (
          <>
            <PainBefore
              places={view.painPlaces}
              told={answerOf(asked).before}
              onTell={(before) =>
                onAnswer({ ...answers, [asked.person]: hurting(answerOf(asked), asked, before, view.painStopsAbove) })
              }
            />
            <Waits member={asked} view={view} before={answerOf(asked).before} />
            <div>
              <Button look="floor" onClick={() => ask(null)}>
                Back to all
              </Button>
            </div>
          </>
        )}
      </Dialog>
    </section>
  );
}

/** What waits for another day, since it loads what hurts. */
function Waits({ member, view, before }: { member: Member; view: SquadView; before: Schemas['StartPain'][] | null }) {
  const first = member.name.split(' ')[0] ?? member.name;
  const left = loading(member, before, view.painStopsAbove);
  if (!(before ?? []).some(({ pain }) => pain > view.painStopsAbove)) return null;
  if (left.length === 0)
    return (
      <p role="status" className="border-l-4 border-ochre pl-3">
        {first}: nothing at the stations loads the place that hurts.
      </p>
    );
  const isAll = left.length === member.places.filter(({ rung }) => rung !== null).length;
  return (
    <p role="alert" className="border-l-4 border-ochre pl-3">
      <strong>
        {first}: pain above {view.painStopsAbove} before the first set.
      </strong>{' '}
      {isAll ? (
        <>
          All stations load what hurts: leave this session today.{' '}
          <Link to={`/people/${member.person}`} className="underline underline-offset-4">
            Ask the danger signs
          </Link>
          . Local rules and the advice of a licensed professional come first.
        </>
      ) : (
        `Left out today: ${left.map((station) => `${station + 1} ${plain(view.stations[station]?.name ?? '')}`).join(', ')}.`
      )}
    </p>
  );
}
