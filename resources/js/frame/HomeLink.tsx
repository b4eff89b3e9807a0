import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, http, sentenceOf, type Refusal, type Schemas } from '@/api/client';
import { Button } from '@/ui/Button';
import { toast } from '@/ui/notice';
import { copyText } from '@/ui/clipboard';
import { day, longDay } from '@/ui/day';
import { Dialog } from '@/ui/Dialog';
import { Loading } from '@/ui/Loading';
import { Contact } from './Contact';
import { QrCode } from './QrCode';

type Links = Schemas['LinksView'];

/** The link to a person's own page: made, shown once as address and picture, and taken back. */
export function HomeLink({ person, name, onClose }: { person: string; name: string; onClose: () => void }) {
  const ask = { params: { path: { person } } };
  const links = api.useQuery('get', '/api/people/{person}/home-links', ask, { refetchInterval: 5_000 });
  const client = useQueryClient();
  const [address, setAddress] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const take = async (asked: Promise<{ data?: Links; error?: Refusal }>) => {
    setBusy(true);
    const { data, error } = await asked;
    setBusy(false);
    setProblem(error ? sentenceOf(error) : null);
    if (!data) return;
    setAddress(data.address);
    client.setQueryData(api.queryOptions('get', '/api/people/{person}/home-links', ask).queryKey, { ...data, address: null });
  };
  const make = () => void take(http.POST('/api/people/{person}/home-links', ask));
  const renew = () => void take(http.PUT('/api/people/{person}/home-links', ask));
  const send = () =>
    void take(
      http.POST('/api/people/{person}/home-links/message', ask).then((answer) => {
        if (answer.data) toast('A link is on its way.');
        return answer;
      }),
    );
  const revoke = () => void take(http.DELETE('/api/people/{person}/home-links', ask));
  const first = name.split(' ')[0] ?? name;
  return (
    <Dialog open onClose={onClose} title={`A page of ${first}’s own`}>
      {!links.data ? (
        <Loading what="Reading the links" error={links.error} again={() => void links.refetch()} />
      ) : (
        <>
          <p>
            {first} sees what to do and does it with the player, alone and at home; what was done comes back here. No notes, no
            limits, nobody else.
          </p>
          {address && (
            <div className="grid justify-items-start gap-3 rounded-md border border-hairline bg-paper p-4">
              <QrCode text={address} />
              <p className="font-mono text-sm break-all">{address}</p>
              <p className="text-sm text-ink2">It is shown only now. The first device it is opened on is let in.</p>
              <Button onClick={() => void copyText(address)}>Copy the address</Button>
            </div>
          )}
          {links.data.devices.length > 0 && (
            <ul className="grid gap-1.5">
              {links.data.devices.map((device) => (
                <li key={device.id}>
                  {device.code ? (
                    <>
                      A second device asks: tell {first}{' '}
                      <strong className="font-mono text-xl tracking-widest">{device.code}</strong>
                    </>
                  ) : (
                    <>
                      Opened {day(device.opened)}
                      {device.seen && `, last seen ${day(device.seen.slice(0, 10))} ${device.seen.slice(11)}`}
                    </>
                  )}
                </li>
              ))}
            </ul>
          )}
          {links.data.until && <p>Opens until {longDay(links.data.until)}.</p>}
          {problem && (
            <p role="alert" className="font-semibold text-rowan">
              {problem}
            </p>
          )}
          <div className="flex flex-wrap items-center gap-3">
            <Button look={address ? 'plain' : 'next'} disabled={busy} onClick={make}>
              {links.data.until ? 'Make another link' : 'Make a link'}
            </Button>
            {links.data.until && (
              <>
                <Button look="quiet" disabled={busy} onClick={renew}>
                  renew for twelve weeks
                </Button>
                <Button look="quiet" disabled={busy} onClick={revoke}>
                  take all links back
                </Button>
              </>
            )}
          </div>
          <Contact person={person} name={first} busy={busy} onSend={send} />
        </>
      )}
    </Dialog>
  );
}
