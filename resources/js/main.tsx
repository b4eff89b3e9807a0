import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { lazy, StrictMode, Suspense, useState, type ComponentType } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter, Navigate, Route, Routes } from 'react-router';
import { askEarly, guests } from './frame/early';
import { Catching } from './frame/Broken';
import { stepNames, type Step } from './frame/steps';
import { applyTheme } from './frame/theme';
import { Nowhere } from './frame/Nowhere';
import { letGoOnceEnded } from './offline/ended';
import { rememberAnswers } from './offline/kept';
import { hearOfVersions, openWithoutServer } from './offline/version';
import { Loading } from './ui/Loading';
import { Notices } from './ui/Notices';

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 5_000,
      // Without a network what is kept on the device answers, or a sentence; nothing waits in silence.
      networkMode: 'always',
      retry: 1,
      refetchOnWindowFocus: false,
    },
  },
});

/** Asked for by name, so that the code of the first view is on its way before the page is drawn. */
const load = {
  frame: async () => (await import('./frame/Frame')).Frame,
  'sign-in': async () => (await import('./frame/SignIn')).SignIn,
  forgotten: async () => (await import('./frame/Forgotten')).Forgotten,
  password: async () => (await import('./frame/NewPassword')).NewPassword,
  join: async () => (await import('./frame/NewPassword')).Join,
  home: async () => (await import('./home/Home')).Home,
  'no-more': async () => (await import('./home/NoMore')).NoMore,
  h: async () => (await import('./home/Door')).Door,
  bench: async () => (await import('./bench/Bench')).Bench,
  library: async () => (await import('./library/LibraryView')).LibraryView,
  method: async () => (await import('./method/MethodView')).MethodView,
  rules: async () => (await import('./rules/RuleBook')).RuleBook,
  reading: async () => (await import('./reading/Reading')).Reading,
  practice: async () => (await import('./practice/PracticeView')).PracticeView,
  people: async () => (await import('./people/People')).People,
  squads: async () => (await import('./squad/Squads')).Squads,
  squad: async () => (await import('./squad/SquadPage')).SquadPage,
  'squad-clock': async () => (await import('./squad/Floor')).Floor,
  new: async () => (await import('./person/NewPerson')).NewPerson,
  person: async () => (await import('./person/PersonStep')).PersonStep,
  checks: async () => (await import('./checks/Checks')).Checks,
  board: async () => (await import('./board/Board')).Board,
  session: async () => (await import('./session/SessionStep')).SessionStep,
  weeks: async () => (await import('./weeks/WeeksStep')).WeeksStep,
  week: async () => (await import('./week/WeekStep')).WeekStep,
  sheet: async () => (await import('./sheet/Sheet')).Sheet,
  coach: async () => (await import('./coach/Coach')).Coach,
  review: async () => (await import('./review/Review')).Review,
} satisfies Record<string, () => Promise<ComponentType>> & Record<Step, unknown>;
type Name = keyof typeof load;

/** Views whose code is here. */
const here = new Map<Name, ComponentType>();
const get = async (name: Name): Promise<ComponentType> => {
  const View = await load[name]();
  here.set(name, View);
  return View;
};
const later = Object.fromEntries(
  (Object.keys(load) as Name[]).map((name) => [name, lazy(async () => ({ default: await get(name) }))]),
) as unknown as Record<Name, ComponentType>;

/**
 * The code of a view comes when it is opened; the view before stays until then. Where it is here already it is drawn at once:
 * whatever is waited for, if only for an instant, React keeps behind its placeholder for a third of a second.
 */
function View({ name }: { name: Name }) {
  const [Known] = useState(() => here.get(name) ?? later[name]);
  return <Known />;
}
const view = (name: Name) => <View key={name} name={name} />;
const outer: Name[] = ['library', 'method', 'rules', 'people', 'practice', 'reading', 'squads'];

const views = (
  <Routes>
    {guests.map((name) => (
      <Route key={name} path={`/${name}`} element={view(name as Name)} />
    ))}
    <Route path="/h/:token" element={view('h')} />
    <Route path="/" element={view('frame')}>
      <Route index element={view('bench')} />
      {outer.map((name) => (
        <Route key={name} path={name} element={view(name)} />
      ))}
      <Route path="reading/:person" element={view('reading')} />
      <Route path="squads/:squad" element={view('squad')} />
      <Route path="squads/:squad/clock" element={view('squad-clock')} />
      <Route path="people/new" element={view('new')} />
      <Route path="people/:id">
        <Route index element={<Navigate to="person" replace />} />
        {Object.keys(stepNames).map((name) => (
          <Route key={name} path={name} element={view(name as Step)} />
        ))}
        <Route path="*" element={<Nowhere />} />
      </Route>
      <Route path="*" element={<Nowhere />} />
    </Route>
  </Routes>
);

const [area = '', second, third] = location.pathname.split('/').slice(1);
const deeper: Record<string, string | undefined> = {
  people: second && (third ?? second),
  squads: second && (third ? 'squad-clock' : 'squad'),
};
const first = area === '' ? 'bench' : (deeper[area] ?? area);
applyTheme();
rememberAnswers(queries);
letGoOnceEnded();
hearOfVersions();
// Before the code: it is here at once where the device keeps it, and the server is not.
const answers = askEarly(queries, location.pathname, location.search);
// What it could not get, the view asks for once more, and says so.
const early = Promise.allSettled(
  (guests.includes(first) ? [first] : ['frame', first]).filter((name) => name in load).map((name) => get(name as Name)),
);

// Once the page is there: what is kept for later must not hold up what is wanted now.
if (import.meta.env.PROD) window.addEventListener('load', () => setTimeout(() => void openWithoutServer(), 1500));

/** So long, in ms, nothing is drawn while the code of the first view is on its way; then it is said that it is. */
const PATIENCE = 1000;
/** And so long what it shows is waited for once it is here: drawn with its answers at once, it is drawn once and not thrice. */
const ANSWERED = 300;
const after = (wait: number) => new Promise((then) => setTimeout(then, wait));
const root = document.getElementById('app');
if (root)
  void Promise.race([early.then(() => Promise.race([answers.catch(() => undefined), after(ANSWERED)])), after(PATIENCE)]).then(
    () => {
      createRoot(root).render(
        <StrictMode>
          <QueryClientProvider client={queries}>
            <Catching>
              <BrowserRouter>
                <Suspense fallback={<Loading what="Opening" />}>{views}</Suspense>
              </BrowserRouter>
            </Catching>
            <Notices />
          </QueryClientProvider>
        </StrictMode>,
      );
    },
  );
