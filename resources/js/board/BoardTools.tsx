import { Button } from '@/ui/Button';
import type { useBoardFocus } from './useBoardFocus';
import type { OnBoard } from './usePlacing';
import type { useReplay } from './useReplay';

/** The board’s keys as buttons. */
export function BoardTools({
  setAsTable,
  asTable,
  narrow,
  at,
  active,
  foldHere,
  toMethod,
  replay,
  toggleReplay,
}: {
  setAsTable: (value: boolean) => void;
  asTable: boolean;
  narrow: boolean;
  at: ReturnType<typeof useBoardFocus>;
  active: OnBoard | undefined;
  foldHere: () => void;
  toMethod: () => void;
  replay: ReturnType<typeof useReplay>;
  toggleReplay: () => void;
}) {
  return (
    <p className="pt-1 text-sm text-ink2 max-lg:pb-40">
      <Button look="quiet" hotkey="T" onClick={() => setAsTable(!asTable)}>
        {asTable ? 'rails' : 'as a table'}
      </Button>
      {!narrow && !asTable && (
        <>
          <Button look="quiet" hotkey="O" onClick={at.only}>
            only {active?.demand.shortName}
          </Button>
          <Button look="quiet" hotkey="F" onClick={foldHere}>
            fold
          </Button>
        </>
      )}
      <Button look="quiet" hotkey="M" onClick={toMethod}>
        method
      </Button>
      <Button look="quiet" hotkey="H" aria-pressed={replay.on} onClick={toggleReplay}>
        history
      </Button>
    </p>
  );
}
