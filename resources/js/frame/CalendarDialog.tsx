import { useState } from 'react';
import { toast } from '@/ui/notice';
import { api, http, type Schemas, type Refusal } from '@/api/client';
import { useRefresh } from '@/frame/usePerson';
import { Button } from '@/ui/Button';
import { copyText } from '@/ui/clipboard';
import { day } from '@/ui/day';
import { Dialog } from '@/ui/Dialog';
import { SelectField, TextField } from '@/ui/Field';
import { Loading } from '@/ui/Loading';

type Calendar = Schemas['CalendarView'];

/** The plan in the person's own calendar: as a file, or at a private address that keeps itself up to date. */
export function CalendarButton({ person }: { person: string }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button look="quiet" onClick={() => setOpen(true)}>
        calendar
      </Button>
      <Dialog open={open} onClose={() => setOpen(false)} title="The plan in a calendar">
        {open && <CalendarForm person={person} />}
      </Dialog>
    </>
  );
}

function CalendarForm({ person }: { person: string }) {
  const path = { person };
  const calendar = api.useQuery('get', '/api/people/{person}/calendar', { params: { path } });
  const [draft, setDraft] = useState<Partial<Calendar>>({});
  const [problems, setProblems] = useState<Record<string, string[]>>({});
  const [address, setAddress] = useState<string | null>(null);
  const refresh = useRefresh();
  if (!calendar.data) return <Loading what="Opening the calendar" error={calendar.error} />;
  const now: Calendar = { ...calendar.data, ...draft };
  const failed = (refusal: Refusal) => {
    setProblems(refusal.fields);
    if (Object.keys(refusal.fields).length === 0) toast(refusal.sentence);
  };
  const save = async () => {
    const { version, morning, midday, evening, alarmMinutes } = now;
    const { error } = await http.PUT('/api/people/{person}/calendar', {
      params: { path },
      body: { version, morning, midday, evening, alarmMinutes },
    });
    if (error) return failed(error);
    setProblems({});
    setDraft({});
    await refresh();
    toast('Times are kept. A calendar that subscribes follows by itself.', { id: 'calendar' });
  };
  const subscribe = async () => {
    const { data, error } = await http.POST('/api/people/{person}/calendar/address', { params: { path } });
    if (error) return failed(error);
    setAddress(data?.address ?? null);
    await refresh();
  };
  const revoke = async () => {
    const { error } = await http.DELETE('/api/people/{person}/calendar/address', { params: { path } });
    if (error) return failed(error);
    setAddress(null);
    await refresh();
    toast('The address no longer answers.', { id: 'calendar' });
  };
  const copy = async () => {
    if (address) toast((await copyText(address)) ? 'Copied.' : 'Mark the address and copy it by hand.', { id: 'calendar' });
  };
  return (
    <div className="grid gap-4">
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <div className="grid gap-3 sm:grid-cols-3">
          {(['morning', 'midday', 'evening'] as const).map((part) => (
            <TextField
              key={part}
              label={`${part.charAt(0).toUpperCase()}${part.slice(1)} at`}
              inputMode="numeric"
              className="font-mono"
              value={now[part]}
              onChange={(event) => setDraft({ ...draft, [part]: event.target.value })}
              problem={problems[part]?.[0]}
            />
          ))}
        </div>
        <SelectField
          label="Reminder"
          value={now.alarmMinutes ?? ''}
          onChange={(event) =>
            setDraft({ ...draft, alarmMinutes: event.target.value === '' ? null : Number(event.target.value) })
          }
        >
          <option value="">none</option>
          {[0, 5, 10, 15, 30, 60, 120].map((minutes) => (
            <option key={minutes} value={minutes}>
              {minutes === 0 ? 'when it begins' : `${minutes} minutes before`}
            </option>
          ))}
        </SelectField>
        {Object.keys(draft).length > 0 && (
          <Button type="submit" look="next" className="justify-self-start">
            Keep these times
          </Button>
        )}
      </form>
      <div className="grid gap-2 border-t border-hairline pt-4">
        <p>
          <a
            href={`/api/people/${person}/calendar/file`}
            download="core-work.ics"
            className="font-semibold underline underline-offset-4"
          >
            Save the calendar file
          </a>{' '}
          to read it in once; reading a later one in updates what is there.
        </p>
        {address ? (
          <>
            <p>
              A calendar that subscribes to this address stays up to date. It is shown only now: whoever has it can read the plan.
            </p>
            <p className="rounded-md border border-rung-edge bg-paper p-2 font-mono text-sm break-all select-all">{address}</p>
            <div className="flex flex-wrap gap-2">
              <Button look="next" onClick={() => void copy()}>
                Copy the address
              </Button>
              <Button onClick={() => void revoke()}>Take it back</Button>
            </div>
          </>
        ) : now.subscribed ? (
          <>
            <p>
              There is a private address, made on {day(now.addressMadeOn ?? '')}
              {now.lastReadAt ? `, last read on ${day(now.lastReadAt.slice(0, 10))}` : ', not read yet'}.
            </p>
            <div className="flex flex-wrap gap-2">
              <Button onClick={() => void subscribe()}>Make a new one instead</Button>
              <Button onClick={() => void revoke()}>Take it back</Button>
            </div>
          </>
        ) : (
          <>
            <p>Or a private address, which a calendar asks by itself:</p>
            <Button className="justify-self-start" onClick={() => void subscribe()}>
              Make a private address
            </Button>
          </>
        )}
      </div>
    </div>
  );
}
