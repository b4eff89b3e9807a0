import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '@/api/client';
import { Button } from '@/ui/Button';
import { day, longDay } from '@/ui/day';
import { Status } from '@/ui/Status';
import { NotToday } from './NotToday';

type View = Schemas['HomeView'];
type Session = Schemas['HomeSessionView'];

/** What to do next, and when it does not suit. */
export function Now({
  session,
  home,
  stops,
  onTold,
}: {
  session: Session;
  home: View;
  /** what stops an exercise was told, and the sheet here does not know yet */
  stops: boolean;
  onTold: (home: View) => void;
}) {
  const [putOff, setPutOff] = useState(false);
  const isToday = session.on === home.today;
  return (
    <section aria-labelledby="now" className="grid gap-4 rounded-lg border border-rail bg-sheet p-5">
      <div>
        <p className="text-base text-ink2">
          {session.on === null || isToday
            ? session.isDone
              ? 'Done today'
              : session.on === null
                ? 'Whenever it suits you'
                : 'Today'
            : longDay(session.on)}
        </p>
        <h2 id="now" className="text-2xl">
          {session.title}
        </h2>
        {session.exercises > 0 ? (
          <p>
            {session.exercises === 1 ? 'One exercise' : `${session.exercises} exercises`}, about{' '}
            <span className="font-mono">{session.lengthText}</span> minutes
          </p>
        ) : (
          <p>Nothing of it is for you at the moment. Ask your trainer.</p>
        )}
        {session.meets ? (
          <p className="font-semibold">With your squad, {session.meets}.</p>
        ) : (
          session.kitText && <p className="text-base text-ink2">You need: {session.kitText}</p>
        )}
      </div>
      {session.asked && !putOff && (
        <p role="status" className="border-l-4 border-ochre pl-3">
          You asked for another day: {session.asked}. Your trainer sees it.
        </p>
      )}
      {putOff && session.on !== null ? (
        <NotToday
          session={session.id}
          on={session.on}
          isToday={isToday}
          reasons={home.notToday}
          onTold={(next) => {
            setPutOff(false);
            onTold(next);
          }}
          onBack={() => setPutOff(false)}
        />
      ) : (
        <>
          {session.exercises > 0 && !stops && !session.meets && (
            <Link to={`/home?s=${session.id}`} className="look look-next min-h-14 justify-center text-xl">
              {session.isDone ? 'Once more' : 'Begin'}
            </Link>
          )}
          {!session.isDone && (
            <p className="flex flex-wrap gap-x-6 gap-y-2 text-base">
              {!session.meets && (
                <Link
                  to={`/home?s=${session.id}&afterwards`}
                  className="inline-flex min-h-11 items-center underline underline-offset-4"
                >
                  I have done it already
                </Link>
              )}
              {session.on !== null && (
                <Button look="quiet" className="min-h-11" onClick={() => setPutOff(true)}>
                  {isToday ? 'not today' : 'not on that day'}
                </Button>
              )}
            </p>
          )}
        </>
      )}
    </section>
  );
}

export function Week({ week, today }: { week: Session[]; today: string }) {
  return (
    <section aria-labelledby="week" className="grid gap-2">
      <h2 id="week" className="text-xl">
        This week
      </h2>
      <ul className="grid gap-1.5">
        {week.map((session) => (
          <li
            key={`${session.on ?? ''} ${session.id}`}
            className="grid grid-cols-[1fr_auto] items-center gap-x-4 rounded-md bg-sheet px-4 py-2"
          >
            <span>
              <span className="block font-semibold">{session.title}</span>
              <span className="text-base text-ink2">{session.on === today ? 'today' : session.on && day(session.on)}</span>
            </span>
            {session.isDone ? (
              <Status kind="ready" word="done" />
            ) : session.asked ? (
              <span className="text-base text-ink2">another day asked for</span>
            ) : session.meets ? (
              <span className="text-base text-ink2">with your squad, {session.meets}</span>
            ) : (
              <Link to={`/home?s=${session.id}`} className="text-base underline underline-offset-4">
                open
              </Link>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
