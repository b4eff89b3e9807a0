import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { lazy, StrictMode, Suspense, type ComponentType } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, Navigate } from 'react-router';
import { RouterProvider } from 'react-router/dom';
import { askEarly } from './frame/early';
import { Broken } from './frame/Broken';
import { Frame } from './frame/Frame';
import type { Step } from './frame/steps';
import { applyTheme } from './frame/theme';
import { Nowhere } from './frame/Nowhere';
import { rememberAnswers } from './offline/kept';
import { openWithoutServer } from './offline/version';
import { Loading } from './ui/Loading';

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

/** Notices come once the page is there. */
const Toaster = lazy(async () => ({ default: (await import('sonner')).Toaster }));

/** What each step shows; its code comes when it is opened. */
const views: Record<Step, () => Promise<ComponentType>> = {
  person: async () => (await import('./person/PersonStep')).PersonStep,
  checks: async () => (await import('./checks/Checks')).Checks,
  board: async () => (await import('./board/Board')).Board,
  session: async () => (await import('./session/SessionStep')).SessionStep,
  weeks: async () => (await import('./weeks/WeeksStep')).WeeksStep,
  week: async () => (await import('./week/WeekStep')).WeekStep,
  sheet: async () => (await import('./sheet/Sheet')).Sheet,
  coach: async () => (await import('./coach/Coach')).Coach,
  review: async () => (await import('./review/Review')).Review,
};

const router = createBrowserRouter([
  {
    path: '/sign-in',
    ErrorBoundary: Broken,
    HydrateFallback: () => <Loading what="Opening" />,
    lazy: async () => ({ Component: (await import('./frame/SignIn')).SignIn }),
  },
  {
    path: '/',
    Component: Frame,
    ErrorBoundary: Broken,
    HydrateFallback: () => <Loading what="Opening" />,
    children: [
      { index: true, lazy: async () => ({ Component: (await import('./bench/Bench')).Bench }) },
      { path: 'library', lazy: async () => ({ Component: (await import('./library/LibraryView')).LibraryView }) },
      { path: 'method', lazy: async () => ({ Component: (await import('./method/MethodView')).MethodView }) },
      { path: 'rules', lazy: async () => ({ Component: (await import('./rules/RuleBook')).RuleBook }) },
      { path: 'people', lazy: async () => ({ Component: (await import('./people/People')).People }) },
      { path: 'people/new', lazy: async () => ({ Component: (await import('./person/NewPerson')).NewPerson }) },
      {
        path: 'people/:id',
        children: [
          { index: true, element: <Navigate to="person" replace /> },
          { path: '*', Component: Nowhere },
          ...Object.entries(views).map(([path, view]) => ({ path, lazy: async () => ({ Component: await view() }) })),
        ],
      },
      { path: '*', Component: Nowhere },
    ],
  },
]);

applyTheme();
rememberAnswers();
askEarly(queries, location.pathname);

// Once the page is there: what is kept for later must not hold up what is wanted now.
if (import.meta.env.PROD) window.addEventListener('load', () => setTimeout(() => void openWithoutServer(), 1500));

const root = document.getElementById('app');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <RouterProvider router={router} />
        <Suspense>
          <Toaster
            position="bottom-center"
            toastOptions={{
              actionButtonStyle: { background: 'var(--ground)', color: 'var(--ink)' },
              style: {
                background: 'var(--ink)',
                color: 'var(--ground)',
                border: 0,
                fontFamily: 'var(--font-sans)',
                fontSize: '15px',
              },
            }}
          />
        </Suspense>
      </QueryClientProvider>
    </StrictMode>,
  );
}
