import { useState } from 'react';
import { saveAsFile } from '@/offline/file';
import { sendWaiting, useWaiting } from '@/offline/outbox';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';

/** Signing out while something waits here, or while the server cannot be told: nothing is wiped before it is safe. */
export function Leaving({
  why,
  onStay,
  onLeave,
}: {
  /** waits: something could not be sent; unreachable: the server does not know of the signing out */
  why: 'waits' | 'unreachable' | null;
  onStay: () => void;
  onLeave: () => Promise<void>;
}) {
  const waits = useWaiting();
  const [saved, setSaved] = useState(false);
  const [busy, setBusy] = useState(false);
  const count = waits.reduce((sum, { waits: own, refused }) => sum + own.length + refused.length, 0);
  const again = async () => {
    setBusy(true);
    if (await sendWaiting()) await onLeave();
    setBusy(false);
  };
  return (
    <Dialog open={why !== null} onClose={onStay} title={why === 'unreachable' ? 'Still signed in' : 'Not everything is sent'}>
      {why === 'unreachable' ? (
        <p>The server cannot be reached, so it cannot be told: this device stays signed in. Sign out again with a network.</p>
      ) : count === 0 ? (
        <p>Everything is sent by now.</p>
      ) : (
        <p>
          {count === 1 ? 'One answer' : `${count} answers`} of {waits.map(({ training }) => training.name).join(', ')} could not
          be sent. Signing out wipes what this device keeps. Saved as a file, it can be read in on the bench of any device.
        </p>
      )}
      <div className="flex flex-wrap gap-2">
        <Button look={saved && count > 0 ? 'plain' : 'next'} disabled={busy} onClick={() => void again()}>
          {busy ? 'Trying …' : why === 'waits' && count === 0 ? 'Sign out' : 'Try again'}
        </Button>
        {why === 'waits' && count > 0 && (
          <>
            <Button onClick={() => void saveAsFile().then(() => setSaved(true))}>Save as a file</Button>
            <Button look={saved ? 'next' : 'plain'} disabled={!saved || busy} onClick={() => void onLeave()}>
              Sign out, it is in the file
            </Button>
          </>
        )}
        <Button onClick={onStay}>Stay</Button>
      </div>
    </Dialog>
  );
}
