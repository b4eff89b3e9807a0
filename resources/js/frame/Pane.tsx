import { useEffect, type ReactNode } from 'react';
import { Button } from '@/ui/Button';
import { ReasonList, useReason } from './reason';

/** The right-hand pane of a view; an opened reason takes its place until it is put back. */
export function Pane({
  label,
  children,
  walked = false,
}: {
  label: string;
  children: ReactNode;
  /** It goes with the focus of the keyboard: told aloud, every step would be the whole pane. */
  walked?: boolean;
}) {
  const { shown, show } = useReason();

  useEffect(() => {
    if (!shown) return;
    const back = (event: KeyboardEvent) => event.key === 'Escape' && show(null);
    window.addEventListener('keydown', back);
    return () => window.removeEventListener('keydown', back);
  }, [shown, show]);
  useEffect(() => () => show(null), [show]);

  return (
    <aside
      aria-label={shown ? 'Reason' : label}
      aria-live={walked ? undefined : 'polite'}
      className="border-hairline bg-sheet p-5 max-lg:border-t lg:w-76 lg:shrink-0 lg:overflow-y-auto lg:border-l print:hidden"
    >
      <div aria-live="polite" className="contents">
        {shown && (
          <div className="grid content-start gap-4">
            <div className="flex items-baseline justify-between gap-2">
              <h2 className="text-xl">{shown.title}</h2>
              <Button look="quiet" hotkey="Esc" onClick={() => show(null)}>
                back
              </Button>
            </div>
            <ReasonList reasons={shown.reasons} />
          </div>
        )}
      </div>
      {!shown && children}
    </aside>
  );
}
