import { useEffect, useRef } from 'react';
import { NavLink, useLocation } from 'react-router';
import type { Schemas } from '@/api/client';
import { cx } from '@/ui/cx';
import { showWhole } from '@/ui/whole';
import { stepNames } from './steps';

const meaning = { done: 'done', open: 'open', attention: 'wants attention', closed: 'closed by a danger sign' } as const;

/** The steps of the job for the person at hand, as rungs: solid done, hollow open, ochre wants attention, hatched closed. */
export function LadderOfWork({ person }: { person: Schemas['PersonView'] }) {
  const { pathname } = useLocation();
  const list = useRef<HTMLOListElement>(null);
  // Where the ladder lies on its side, the step at hand is brought into view; where it stands, nothing has to be measured.
  useEffect(() => {
    if (window.matchMedia('(width >= 64rem)').matches) return;
    const here = list.current?.querySelector('[aria-current=page]')?.closest('li');
    if (list.current && here) list.current.scrollLeft = here.offsetLeft - list.current.clientWidth / 2 + here.clientWidth / 2;
  }, [pathname]);
  return (
    <nav aria-label="Steps" className="shrink-0 p-4 max-lg:border-b max-lg:border-hairline max-lg:py-1 lg:w-36 print:hidden">
      <ol ref={list} className="relative flex [scrollbar-width:none] gap-1 max-lg:overflow-x-auto lg:flex-col lg:gap-0">
        <span aria-hidden="true" className="absolute inset-y-0 left-[5px] w-0.5 rounded bg-rail/60 max-lg:hidden" />
        <span aria-hidden="true" className="absolute inset-y-0 left-[19px] w-0.5 rounded bg-rail/60 max-lg:hidden" />
        {person.steps.map((step) => (
          <li key={step.key} className="relative shrink-0">
            <NavLink
              to={`/people/${person.id}/${step.key}`}
              onFocus={showWhole}
              className={({ isActive }) =>
                cx(
                  'flex min-h-11 items-center gap-2 rounded-sm px-2 lg:min-h-9.5 lg:px-0',
                  isActive ? 'font-bold' : 'text-ink2 hover:text-ink',
                )
              }
            >
              {({ isActive }) => (
                <>
                  <span
                    aria-hidden="true"
                    className={cx(
                      'h-2 w-6 rounded-sm border max-lg:h-1.5 max-lg:w-3',
                      isActive
                        ? 'h-3 border-rowan bg-rowan'
                        : step.state === 'done'
                          ? 'border-ink bg-ink'
                          : step.state === 'attention'
                            ? 'border-ochre bg-ochre'
                            : step.state === 'closed'
                              ? 'hatched border-rail bg-ground'
                              : 'border-rung-edge bg-ground',
                    )}
                  />
                  {stepNames[step.key]}
                  {step.count > 0 && <span className="font-mono font-bold text-ochre">{step.count}</span>}
                  <span className="sr-only">, {meaning[step.state]}</span>
                </>
              )}
            </NavLink>
          </li>
        ))}
      </ol>
    </nav>
  );
}
