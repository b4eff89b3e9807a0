import { useQueryClient } from '@tanstack/react-query';
import { lazy, Suspense, useEffect, useState } from 'react';
import { Navigate, Outlet, useLocation, useNavigate, useParams } from 'react-router';
import { api, http, onSignedOut, type Schemas } from '@/api/client';
import { setOwner } from '@/editor/device';
import { sendWaiting, useSendingByItself } from '@/offline/outbox';
import { lock } from '@/offline/code';
import { wipe } from '@/offline/store';
import { keepNobody, mayKeep } from '@/offline/reads';
import { waiting } from '@/offline/trainings';
import { setTrainer } from '@/offline/trainer';
import { cx } from '@/ui/cx';
import { Key } from '@/ui/Key';
import { later } from '@/ui/later';
import { Loading } from '@/ui/Loading';
import { takeOffer } from '@/ui/notice';
import { Catching } from './Broken';
import { useShortcuts } from './keys';
import { LadderOfWork } from './LadderOfWork';
import { ReasonProvider } from './reason';
import { TopBar } from './TopBar';
import { useHeading, useWalk } from './useWalk';

const Palette = lazy(async () => ({ default: (await import('./Palette')).Palette }));
const Help = lazy(async () => ({ default: (await import('./Help')).Help }));
const SignInAgain = later(async () => (await import('./SignInAgain')).SignInAgain);
const Leaving = later(async () => (await import('./Leaving')).Leaving);
const UnlockStrip = later(async () => (await import('./Unlock')).UnlockStrip);
const Unlock = lazy(async () => ({ default: (await import('./Unlock')).Unlock }));

/** The practice asks everybody for a second step, and there is none yet. */
const lacksSecondStep = (me: Schemas['MeView']): boolean => me.asksSecondStep && !me.secondStep;

/** What is there for who only reads. */
const READERS_OWN = /^\/(reading|practice|rules)(\/|$)/;

/** Top bar, ladder of work, and the view. */
export function Frame() {
  const { id } = useParams();
  const me = api.useQuery('get', '/api/me', {}, { retry: false });
  const person = api.useQuery(
    'get',
    '/api/people/{person}',
    { params: { path: { person: id ?? '' } } },
    { enabled: Boolean(id) && me.isSuccess },
  );
  const client = useQueryClient();
  const navigate = useNavigate();
  const [palette, setPalette] = useState(false);
  const [help, setHelp] = useState(false);
  const [leaving, setLeaving] = useState<'waits' | 'unreachable' | null>(null);
  const location = useLocation();
  const step = location.pathname.split('/')[3] ?? '';

  useEffect(() => {
    const open = (event: KeyboardEvent) => {
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'k') {
        event.preventDefault();
        setPalette(true);
      }
    };
    window.addEventListener('keydown', open);
    return () => window.removeEventListener('keydown', open);
  }, []);
  useShortcuts([
    { key: '?', label: 'keys here', run: () => setHelp(true) },
    { key: 'z', label: 'take back what a notice offers', run: () => void takeOffer() },
  ]);
  const waits = useWalk(id ? person.data : undefined);
  useHeading(id ? person.data?.name : undefined);
  setTrainer(me.data?.id ?? '');
  const { id: who, role } = me.data ?? {};
  useEffect(() => {
    if (who === undefined) return;
    if (role === 'reader') void keepNobody(who);
    else mayKeep(who);
  }, [who, role]);
  useSendingByItself(me.data && !lacksSecondStep(me.data) ? me.data.id : '');

  if (me.isPending) return <Loading what="Opening" />;
  if (me.isError)
    return me.error.code === 'signed-out' ? (
      <Navigate to={`/sign-in?to=${encodeURIComponent(location.pathname + location.search)}`} replace />
    ) : (
      <Suspense fallback={<Loading what="Opening" />}>
        <Unlock
          sentence={me.error.code === 'offline' ? 'The server cannot be reached.' : me.error.sentence}
          onOpen={() => void me.refetch()}
        />
      </Suspense>
    );

  const isReader = me.data.role === 'reader';
  // Nothing else is answered before.
  if (lacksSecondStep(me.data) && location.pathname !== '/practice') return <Navigate to="/practice" replace />;
  if (isReader && !READERS_OWN.test(location.pathname)) return <Navigate to="/reading" replace />;
  setOwner(me.data.email);
  /** What waits here is sent first; then the server forgets who was here, and so does the device. */
  const leave = async () => {
    const { error } = await http.POST('/api/sign-out');
    if (error?.code === 'offline') return setLeaving('unreachable');
    onSignedOut(null);
    lock();
    await wipe(me.data.id);
    client.clear();
    await navigate('/sign-in');
  };
  const signOut = async () => {
    await sendWaiting();
    if ((await waiting()).length > 0) setLeaving('waits');
    else await leave();
  };

  return (
    <ReasonProvider>
      <div className="flex min-h-dvh flex-col lg:h-dvh lg:overflow-hidden print:block print:h-auto print:overflow-visible in-data-floor:[&_[data-desk]]:hidden">
        <TopBar
          practice={me.data.practice}
          isReader={isReader}
          person={id ? person.data : undefined}
          step={step}
          onPalette={() => setPalette(true)}
          onHelp={() => setHelp(true)}
          onSignOut={() => void signOut()}
        />
        {!isReader && (
          <Suspense>
            <UnlockStrip owner={me.data.id} />
          </Suspense>
        )}
        {waits && (
          <p role="status" className="fixed bottom-4 left-4 z-40 rounded-md bg-ink px-3 py-2 text-ground">
            G and a digit: 1 to 9 a step, 0 the bench
          </p>
        )}
        {id ? (
          person.data ? (
            <div className="flex min-h-0 flex-1 max-lg:flex-col print:block">
              <div data-desk className={cx('flex flex-col lg:justify-between print:hidden', step === 'coach' && 'max-lg:hidden')}>
                <LadderOfWork person={person.data} />
                <button
                  type="button"
                  onClick={() => setHelp(true)}
                  className="m-4 flex items-center gap-2 text-sm text-ink3 hover:text-ink max-lg:hidden"
                >
                  <Key>?</Key> keys here
                </button>
              </div>
              <Catching at={location.pathname}>
                <Outlet context={person.data} />
              </Catching>
            </div>
          ) : (
            <Loading what="Opening the person" error={person.error} again={() => void person.refetch()} />
          )
        ) : (
          <Catching at={location.pathname}>
            <Outlet />
          </Catching>
        )}
      </div>
      <Suspense>
        <SignInAgain email={me.data.email} />
        <Leaving why={leaving} onStay={() => setLeaving(null)} onLeave={leave} />
      </Suspense>
      {palette && !isReader && (
        <Suspense>
          <Palette person={id ? person.data : undefined} onClose={() => setPalette(false)} />
        </Suspense>
      )}
      {help && (
        <Suspense>
          <Help step={step} onClose={() => setHelp(false)} />
        </Suspense>
      )}
    </ReasonProvider>
  );
}
