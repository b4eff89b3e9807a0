import { useEffect, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import type { Schemas } from '@/api/client';
import { isForView } from './keys';
import { isStep, stepNames } from './steps';

/** So long, in ms, a digit after G still names a step. */
const CHORD = 1500;

/**
 * From step to step by keys: `[` and `]` to the one before and after, G and a digit to one by its place (0 is the bench),
 * and `.` to the main action of the view. Answers whether a digit is waited for.
 */
export function useWalk(person: Schemas['PersonView'] | undefined): boolean {
  const navigate = useNavigate();
  const [waits, setWaits] = useState(false);
  const id = person?.id;
  const keys = person?.steps.map((step) => step.key).join() ?? '';

  useEffect(() => {
    if (!waits) return;
    const timer = setTimeout(() => setWaits(false), CHORD);
    return () => clearTimeout(timer);
  }, [waits]);

  useEffect(() => {
    const steps = keys === '' ? [] : keys.split(',');
    const go = (index: number) => {
      const step = steps[index];
      if (id && step) void navigate(`/people/${id}/${step}`);
    };
    const press = (event: KeyboardEvent) => {
      if (!isForView(event)) return;
      const taken = () => {
        event.preventDefault();
        event.stopImmediatePropagation();
      };
      if (waits) {
        setWaits(false);
        if (!/^\d$/.test(event.key)) return;
        taken();
        if (event.key === '0') void navigate('/');
        else go(Number(event.key) - 1);
      } else if (event.key.toLowerCase() === 'g') {
        taken();
        setWaits(true);
      } else if (event.key === '.') {
        taken();
        mainAction()?.focus();
      } else if (event.key === '[' || event.key === ']') {
        // By the address, which is ahead of the view while that is on its way: pressed twice is two steps.
        const at = steps.indexOf(window.location.pathname.split('/')[3] ?? '');
        if (at < 0) return;
        taken();
        go(at + (event.key === ']' ? 1 : -1));
      }
    };
    // Before the keys of the view, some of which are digits too.
    window.addEventListener('keydown', press, true);
    return () => window.removeEventListener('keydown', press, true);
  }, [id, keys, waits, navigate]);

  return waits;
}

/** What to do next in this view: the one thing that is lit. */
export const mainAction = (): HTMLElement | undefined =>
  [...document.querySelectorAll<HTMLElement>('main .look-next, main .look-floor-next, aside .look-next')].find(
    (element) => !element.matches(':disabled') && element.offsetParent !== null,
  );

/**
 * After a change of view the keyboard is at its heading, never on something that acts, and the window says whose view
 * it is. Views come when their code and their data have: the heading is waited for.
 */
export function useHeading(name: string | undefined): void {
  const { pathname } = useLocation();
  const [, , , step] = pathname.split('/');

  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    let known: Element | null = null;
    const focus = () => {
      const heading = document.querySelector<HTMLElement>('main h1');
      if (!heading || heading === known || document.querySelector('[role=dialog]')) return;
      // Whoever is already at work in the view stays there; of a part of a view only who lost their place is brought on.
      const active = document.activeElement;
      const isFirst = known === null;
      known = heading;
      if (isFirst ? active?.closest('main, aside') && !active.matches('button, a') : active !== document.body) return;
      heading.tabIndex = -1;
      heading.focus({ preventScroll: true });
    };
    // After a dialog that closes has given the keyboard back.
    const look = () => {
      clearTimeout(timer);
      timer = setTimeout(focus, 0);
    };
    const watch = new MutationObserver(() => document.querySelector('main h1') !== known && look());
    watch.observe(document.body, { childList: true, subtree: true });
    look();
    return () => {
      clearTimeout(timer);
      watch.disconnect();
    };
  }, [pathname]);

  useEffect(() => {
    const heading = document.querySelector('main h1')?.textContent;
    const view = step && isStep(step) ? stepNames[step] : (titles[pathname] ?? heading ?? '');
    document.title = [name, view, 'Even Rungs'].filter(Boolean).join(' · ');
  }, [pathname, name, step]);
}

const titles: Record<string, string> = {
  '/': 'Bench',
  '/people': 'People',
  '/people/new': 'Add a person',
  '/squads': 'Squads',
  '/library': 'Library',
  '/method': 'Method',
  '/rules': 'Rules',
};
