import { createContext, useContext, useMemo, useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '@/api/client';
import { cx } from '@/ui/cx';

type Reason = Schemas['ReasonView'];
type Shown = { title: string; reasons: Reason[] } | null;

const Context = createContext<{ shown: Shown; show: (shown: Shown) => void }>({ shown: null, show: () => undefined });

/** Keeps which number, warning or proposal is opened in the reason pane. */
export function ReasonProvider({ children }: { children: ReactNode }) {
  const [shown, show] = useState<Shown>(null);
  const value = useMemo(() => ({ shown, show }), [shown]);
  return <Context value={value}>{children}</Context>;
}

export const useReason = () => useContext(Context);

/** A number, warning or proposal that can be opened to show how it came about. */
export function Why({ title, reasons, ...rest }: Opened & { reasons: Reason | Reason[] }) {
  const { show } = useReason();
  return <Opener {...rest} onClick={() => show({ title, reasons: Array.isArray(reasons) ? reasons : [reasons] })} />;
}

/** A figure whose sum is asked of the server when it is opened; null when the server does not answer. */
export function WhyAsked({ title, ask, ...rest }: Opened & { ask: () => Promise<Reason | null> }) {
  const { show } = useReason();
  return <Opener {...rest} onClick={() => void ask().then((reason) => reason && show({ title, reasons: [reason] }))} />;
}

interface Opened {
  title: string;
  className?: string;
  children: ReactNode;
}

function Opener({ className, children, onClick }: Omit<Opened, 'title'> & { onClick: () => void }) {
  return (
    <button
      type="button"
      title="Why?"
      className={cx('rounded-sm text-left decoration-dotted underline-offset-4 hover:underline', className)}
      onClick={onClick}
    >
      {children}
    </button>
  );
}

/** How something came about: sentence, inputs, rule, source, and what would change it. */
export function ReasonList({ reasons }: { reasons: Reason[] }) {
  return (
    <ul className="grid gap-4">
      {reasons.map((reason, index) => (
        <li key={index} className="grid gap-2 border-t border-hairline pt-3 first:border-0 first:pt-0">
          <p className="font-semibold">{reason.sentence}</p>
          {reason.inputs.length > 0 && (
            <dl className="grid grid-cols-[auto_1fr] gap-x-3 gap-y-0.5 text-sm">
              {reason.inputs.map((input) => (
                <div key={input.name} className="contents">
                  <dt className="text-ink3">{input.name}</dt>
                  <dd className={input.value.length < 24 ? 'font-mono' : undefined}>{input.value}</dd>
                </div>
              ))}
            </dl>
          )}
          {reason.wouldChange && (
            <p className="text-sm">
              <span className="text-ink3">Would change it: </span>
              {reason.wouldChange}
            </p>
          )}
          <p className="text-sm text-ink3">
            <Link to={`/rules#${reason.rule}`} className="font-mono underline decoration-hairline underline-offset-4">
              {reason.rule}
            </Link>{' '}
            · {reason.source}
          </p>
        </li>
      ))}
    </ul>
  );
}
