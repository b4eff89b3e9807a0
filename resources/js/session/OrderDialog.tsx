import { api, type Schemas } from '@/api/client';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { Dialog } from '@/ui/Dialog';
import { Loading } from '@/ui/Loading';
import type { Block } from './draft';

/** Schools of order for the main part, each with what it does to the change-overs. */
export function OrderDialog({
  person,
  blocks,
  open,
  onClose,
  onTake,
}: {
  person: string;
  blocks: Block[];
  open: boolean;
  onClose: () => void;
  onTake: (order: Schemas['OrderView']) => void;
}) {
  const orders = api.useQuery(
    'post',
    '/api/people/{person}/sessions/orders',
    { params: { path: { person } }, body: { minutes: null, picks: null, blocks } },
    { enabled: open },
  );
  return (
    <Dialog open={open} onClose={onClose} title="Order of the main part">
      {!orders.data ? (
        <Loading what="Laying out the orders" error={orders.error} again={() => void orders.refetch()} />
      ) : (
        <ul className="grid gap-2">
          {orders.data.orders.map((order) => (
            <li
              key={order.school}
              className="grid grid-cols-[1fr_auto] items-start gap-x-4 gap-y-1 border-t border-hairline pt-2"
            >
              <div>
                <h3 className="first-letter:uppercase">
                  {order.label}
                  {order.ofMethod && <span className="ml-2 text-sm font-normal text-slate">the method’s own</span>}
                </h3>
                <p className="text-sm text-ink2">{order.reason.sentence}</p>
                <p className="text-sm text-ink3">{order.names.join(' · ')}</p>
              </div>
              {order.present ? (
                <span className="text-sm text-ink3">as it is</span>
              ) : (
                <Button className={cx('text-sm', order.savedSeconds > 0 && 'font-semibold')} onClick={() => onTake(order)}>
                  Take it
                </Button>
              )}
            </li>
          ))}
        </ul>
      )}
      <div>
        <Button hotkey="Esc" onClick={onClose}>
          Leave it as it is
        </Button>
      </div>
    </Dialog>
  );
}
