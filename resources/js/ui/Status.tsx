import { cx } from './cx';

export type StatusKind = 'stop' | 'watch' | 'ready' | 'information';

const words: Record<StatusKind, string> = { stop: 'Stop', watch: 'Decide', ready: 'Ready', information: 'To do' };

/** A status by shape, colour and word, never by colour alone. */
export function Status({ kind, word }: { kind: StatusKind; word?: string }) {
  return (
    <span
      className={cx(
        'inline-flex w-20 items-center gap-2 text-sm font-semibold',
        kind === 'ready' && 'text-fern',
        kind === 'watch' && 'text-ochre',
        kind === 'information' && 'text-slate',
      )}
    >
      <svg viewBox="0 0 16 16" className="size-4 shrink-0" aria-hidden="true">
        {kind === 'stop' && <path d="M5 1h6l4 4v6l-4 4H5l-4-4V5z" className="fill-ink" />}
        {kind === 'watch' && <path d="M8 1l7 7-7 7-7-7z" className="fill-none stroke-current" strokeWidth="2" />}
        {kind === 'ready' && <path d="M8 2l6 11H2z" className="fill-current" />}
        {kind === 'information' && <circle cx="8" cy="8" r="6" className="fill-none stroke-current" strokeWidth="2" />}
      </svg>
      {word ?? words[kind]}
    </span>
  );
}
