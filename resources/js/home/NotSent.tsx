import { sendWaiting, useWaiting } from '@/offline/outbox';
import { tellsToStop, toldBy } from '@/offline/told';
import { Button } from '@/ui/Button';

/** Whether something waits here to be sent; and whether a training that has ended tells in it of what stops an exercise. */
export function useNotSent(painStopsAbove: number): { waits: boolean; stops: boolean } {
  const told = useWaiting().flatMap(({ waits }) => (waits.length === 0 ? [] : [toldBy(waits.map(({ event }) => event))]));
  return { waits: told.length > 0, stops: told.some((one) => one.ended && tellsToStop(one, painStopsAbove)) };
}

/** What was done here and is not with the practice yet; where it tells of what stops an exercise, nothing goes on before it is. */
export function NotSent({ stops }: { stops: boolean }) {
  const send = (
    <Button look="quiet" onClick={() => void sendWaiting()}>
      send now
    </Button>
  );
  if (stops)
    return (
      <p role="alert" className="border-l-4 border-ink bg-sheet p-3">
        <strong>You told that it hurt, and your practice does not know yet.</strong> Leave what hurt until it does: it is sent by
        itself once there is a network. {send}
      </p>
    );
  return (
    <p role="status" className="border-l-4 border-ochre pl-3">
      Something you did is not with your practice yet: it is sent by itself once there is a network. {send}
    </p>
  );
}
