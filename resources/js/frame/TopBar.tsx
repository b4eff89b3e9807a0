import { useIsFetching } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { Schemas } from '@/api/client';
import { useReach } from '@/offline/kept';
import { useNewVersion } from '@/offline/version';
import { Button } from '@/ui/Button';
import { ClockMark } from '@/ui/ClockMark';
import { Key } from '@/ui/Key';
import { Logo } from './Logo';
import { useSaving } from './saving';
import { toggleTheme } from './theme';
import { mainAction } from './useWalk';
import { clockTime } from '@/ui/day';

const trainers = [
  ['/people', 'people'],
  ['/squads', 'squads'],
  ['/library', 'library'],
  ['/method', 'method'],
  ['/rules', 'rules'],
] as const;

const readers = [
  ['/reading', 'shared with me'],
  ['/rules', 'rules'],
] as const;

/** Whose view it is, the palette, how saving stands, and the places; narrow screens keep the places in a menu. */
export function TopBar({
  practice,
  isReader,
  person,
  step,
  onPalette,
  onHelp,
  onSignOut,
}: {
  practice: string;
  /** what is there for trainers is not shown */
  isReader: boolean;
  person: Schemas['PersonView'] | undefined;
  /** where we are: a session that runs is not interrupted by a new version */
  step: string;
  onPalette: () => void;
  onHelp: () => void;
  onSignOut: () => void;
}) {
  const saving = useSaving();
  const reads = useIsFetching() > 0;
  const { shownFrom } = useReach();
  const newVersion = useNewVersion();
  const places = isReader ? readers : trainers;
  return (
    <header
      data-desk
      aria-busy={reads}
      className="flex min-h-13 shrink-0 items-center gap-x-5 border-b border-hairline bg-sheet px-4 max-sm:gap-x-3 print:hidden"
    >
      <SkipLink to={() => document.querySelector<HTMLElement>('main h1')}>To the main part</SkipLink>
      <SkipLink to={mainAction}>To the main action</SkipLink>
      <Link to="/" className="flex min-h-11 items-center gap-2.5 font-display text-xl font-[650]">
        <Logo />
        <span className="max-sm:sr-only">Even Rungs</span>
      </Link>
      {!isReader && (
        <button
          type="button"
          onClick={onPalette}
          className="flex min-h-9 min-w-0 flex-1 items-center gap-3 rounded-md border border-hairline bg-paper px-3 text-left max-lg:min-h-11 sm:max-w-xl"
        >
          {person ? (
            <>
              <span className="min-w-0 truncate font-display font-[650] sm:shrink-0">{person.name}</span>
              <span className="truncate text-ink2 max-sm:hidden">
                {person.about} · {person.trainingDays.length} × {person.minutes} min
              </span>
            </>
          ) : (
            <span className="truncate text-ink3">Go to a person</span>
          )}
          <span className="ml-auto">
            <Key>Ctrl K</Key>
          </span>
        </button>
      )}
      <div className="ml-auto flex items-center gap-4 text-sm text-ink2">
        {shownFrom !== null && (
          <span role="status" className="font-semibold text-ochre">
            No network · as of <span className="font-mono">{clockTime(shownFrom)}</span>
          </span>
        )}
        {newVersion && step !== 'coach' && (
          <Button look="quiet" onClick={newVersion}>
            new version: load it
          </Button>
        )}
        <span role="status" className="max-sm:max-w-20">
          {saving.text}
          {saving.at && (
            <>
              {' '}
              <ClockMark />
              <span className="font-mono">{saving.at}</span>
            </>
          )}
        </span>
        <Link to="/practice" className="underline decoration-hairline underline-offset-4 hover:text-ink max-xl:hidden">
          {practice}
        </Link>
        {places.map(([to, name]) => (
          <Link key={to} to={to} className="underline decoration-hairline underline-offset-4 hover:text-ink max-lg:hidden">
            {name}
          </Link>
        ))}
        <Button look="quiet" className="max-lg:hidden" onClick={toggleTheme}>
          light/dark
        </Button>
        <Button look="quiet" className="max-lg:hidden" onClick={onSignOut}>
          sign out
        </Button>
        <Button className="min-h-11 lg:hidden" popoverTarget="places">
          Menu
        </Button>
      </div>
      <Places practice={practice} places={places} onHelp={onHelp} onSignOut={onSignOut} />
    </header>
  );
}

/** The first stops of every page, seen while they have the keyboard. */
function SkipLink({ to, children }: { to: () => HTMLElement | null | undefined; children: string }) {
  return (
    <a
      href="#main"
      className="look look-next fixed top-1 left-1 z-50 not-focus:sr-only"
      onClick={(event) => {
        event.preventDefault();
        to()?.focus();
      }}
    >
      {children}
    </a>
  );
}

/** What the bar has no room for; the browser closes it by Escape or a press elsewhere. */
function Places({
  practice,
  places,
  onHelp,
  onSignOut,
}: {
  practice: string;
  places: typeof trainers | typeof readers;
  onHelp: () => void;
  onSignOut: () => void;
}) {
  const close = () => document.getElementById('places')?.hidePopover();
  const row = 'flex min-h-11 w-full items-center px-4 text-left text-base hover:bg-paper';
  return (
    <nav
      id="places"
      popover="auto"
      aria-label="Places"
      className="inset-auto top-14 right-2 m-0 w-56 rounded-lg border border-rail bg-sheet py-1 text-ink"
    >
      <Link to="/practice" className={row} onClick={close}>
        {practice}
      </Link>
      {places === trainers && (
        <Link to="/" className={row} onClick={close}>
          Bench
        </Link>
      )}
      {places.map(([to, name]) => (
        <Link key={to} to={to} className={`${row} capitalize`} onClick={close}>
          {name}
        </Link>
      ))}
      <button type="button" className={row} onClick={toggleTheme}>
        Light or dark
      </button>
      <button
        type="button"
        className={row}
        onClick={() => {
          close();
          onHelp();
        }}
      >
        Keys
      </button>
      <button type="button" className={row} onClick={onSignOut}>
        Sign out
      </button>
    </nav>
  );
}
