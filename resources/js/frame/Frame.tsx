import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useMemo, useState } from 'react';
import { Link, Navigate, Outlet, useLocation, useNavigate, useParams } from 'react-router';
import { api, http } from '@/api/client';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { Key } from '@/ui/Key';
import { Loading } from '@/ui/Loading';
import { useShortcuts } from './keys';
import { LadderOfWork } from './LadderOfWork';
import { Logo } from './Logo';
import { Palette } from './Palette';
import { ReasonProvider } from './reason';
import { useSaving } from './saving';
import { everywhere, isStep, keysOf } from './steps';
import { toggleTheme } from './theme';

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
  const saving = useSaving();
  const client = useQueryClient();
  const navigate = useNavigate();
  const [palette, setPalette] = useState(false);
  const [help, setHelp] = useState(false);
  const step = useLocation().pathname.split('/')[3] ?? '';

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
  useShortcuts(useMemo(() => [{ key: '?', label: 'keys', run: () => setHelp(true) }], []));

  if (me.isPending) return <Loading what="Opening" />;
  if (me.isError)
    return me.error.code === 'signed-out' ? (
      <Navigate to="/sign-in" replace />
    ) : (
      <Loading what="" error={me.error} again={() => void me.refetch()} />
    );

  const signOut = async () => {
    await http.POST('/api/sign-out');
    client.clear();
    await navigate('/sign-in');
  };

  return (
    <ReasonProvider>
      <div className="flex min-h-dvh flex-col lg:h-dvh lg:overflow-hidden print:block print:h-auto print:overflow-visible">
        <header className="flex min-h-13 shrink-0 flex-wrap items-center gap-x-5 gap-y-1 border-b border-hairline bg-sheet px-4 print:hidden">
          <Link to="/" className="flex items-center gap-2.5 font-display text-xl font-[650]">
            <Logo />
            <span className="max-sm:sr-only">Even Rungs</span>
          </Link>
          <button
            type="button"
            onClick={() => setPalette(true)}
            className="flex min-h-9 min-w-0 flex-1 items-center gap-3 rounded-md border border-hairline bg-paper px-3 text-left sm:max-w-xl"
          >
            {id && person.data ? (
              <>
                <span className="shrink-0 font-display font-[650]">{person.data.name}</span>
                <span className="truncate text-ink2 max-sm:hidden">
                  {person.data.about} · {person.data.trainingDays.length} × {person.data.minutes} min
                </span>
              </>
            ) : (
              <span className="truncate text-ink3">Go to a person</span>
            )}
            <span className="ml-auto">
              <Key>Ctrl K</Key>
            </span>
          </button>
          <div className="ml-auto flex items-center gap-4 text-sm text-ink2">
            <span role="status">{saving}</span>
            <span className="max-xl:hidden">{me.data.practice}</span>
            <Link to="/people" className="underline decoration-hairline underline-offset-4 hover:text-ink max-sm:hidden">
              people
            </Link>
            <Link to="/library" className="underline decoration-hairline underline-offset-4 hover:text-ink max-sm:hidden">
              library
            </Link>
            <Link to="/method" className="underline decoration-hairline underline-offset-4 hover:text-ink max-sm:hidden">
              method
            </Link>
            <Link to="/rules" className="underline decoration-hairline underline-offset-4 hover:text-ink max-sm:hidden">
              rules
            </Link>
            <Button look="quiet" onClick={toggleTheme}>
              light/dark
            </Button>
            <Button look="quiet" onClick={() => void signOut()}>
              sign out
            </Button>
          </div>
        </header>
        {id ? (
          person.data ? (
            <div className="flex min-h-0 flex-1 max-lg:flex-col print:block">
              <div className="flex flex-col lg:justify-between print:hidden">
                <div className={step === 'coach' ? 'max-lg:hidden' : undefined}>
                  <LadderOfWork person={person.data} />
                </div>
                <button
                  type="button"
                  onClick={() => setHelp(true)}
                  className="m-4 flex items-center gap-2 text-sm text-ink3 hover:text-ink max-lg:hidden"
                >
                  <Key>?</Key> keys here
                </button>
              </div>
              <Outlet context={person.data} />
            </div>
          ) : (
            <Loading what="Opening the person" error={person.error} again={() => void person.refetch()} />
          )
        ) : (
          <Outlet />
        )}
      </div>
      <Palette open={palette} onOpenChange={setPalette} />
      <Dialog open={help} onClose={() => setHelp(false)} title="Keys">
        <dl className="grid grid-cols-[auto_1fr] items-baseline gap-x-4 gap-y-2">
          {[...(isStep(step) ? (keysOf[step] ?? []) : []), ...everywhere].map(([key, what]) => (
            <div key={key} className="contents">
              <dt>
                <Key>{key}</Key>
              </dt>
              <dd>{what}</dd>
            </div>
          ))}
        </dl>
        <label className="flex items-center gap-2 text-sm">
          <input
            type="checkbox"
            defaultChecked={localStorage.getItem('even-rungs.single-keys') !== 'off'}
            onChange={(event) => localStorage.setItem('even-rungs.single-keys', event.target.checked ? 'on' : 'off')}
          />
          Single keys act outside fields
        </label>
      </Dialog>
    </ReasonProvider>
  );
}
