import { useState, type FormEvent, type ReactNode } from 'react';
import { http, sentenceOf, type Refusal, type Schemas } from '@/api/client';
import { QrCode } from '@/frame/QrCode';
import { useRefresh } from '@/frame/usePerson';
import { Button } from '@/ui/Button';
import { copyText } from '@/ui/clipboard';
import { Dialog } from '@/ui/Dialog';
import { TextField } from '@/ui/Field';
import { formText } from '@/ui/formText';
import { toast } from '@/ui/notice';
import { Status } from '@/ui/Status';
import { toHeadingNext } from '@/ui/toHeading';

type Begun = Schemas['SecondStepView'];

const HEADING = '#second-step';

/** So few codes on paper are said. */
const FEW = 2;

/** The second step of one's own signing in: set up, and switched off. */
export function SecondStep({ me }: { me: Schemas['MeView'] }) {
  const [open, setOpen] = useState<'on' | 'off' | null>(null);
  return (
    <section aria-labelledby="second-step" className="grid content-start gap-3 rounded-lg border border-hairline bg-sheet p-4">
      <h3 id="second-step" className="text-lg">
        Second step
      </h3>
      {me.secondStep ? (
        <>
          {me.paperCodes <= FEW && <Status kind="watch" word="few left" />}
          <p>
            At each sign-in a code of your authenticator is asked for.{' '}
            {me.paperCodes === 0
              ? 'No code on paper is left: switch it off and set it up anew before the device is lost.'
              : `${me.paperCodes === 1 ? 'One code' : `${me.paperCodes} codes`} on paper ${me.paperCodes === 1 ? 'is' : 'are'} left.`}
          </p>
          <div>
            <Button onClick={() => setOpen('off')}>Switch it off</Button>
          </div>
        </>
      ) : (
        <>
          <p>
            With a second step a password that somebody else came to know opens nothing: at each sign-in a code is asked for that
            an authenticator on your phone shows, also without a network.
          </p>
          <div>
            <Button look={me.asksSecondStep ? 'next' : 'plain'} onClick={() => setOpen('on')}>
              Set up a second step
            </Button>
          </div>
        </>
      )}
      {open === 'on' && <SetUp onClose={() => setOpen(null)} />}
      {open === 'off' && <SwitchOff email={me.email} onClose={() => setOpen(null)} />}
    </section>
  );
}

/** What is shown once does not go by a key. */
const stay = () => undefined;

/** Password, picture and code, codes on paper: one after the other. */
function SetUp({ onClose }: { onClose: () => void }) {
  const refresh = useRefresh();
  const [begun, setBegun] = useState<Begun | null>(null);
  const [codes, setCodes] = useState<string[] | null>(null);
  const close = () => {
    onClose();
    void refresh().then(() => toHeadingNext(HEADING));
  };
  const begin = async (current: string): Promise<Refusal | null> => {
    const { data, error } = await http.POST('/api/me/second-step', { body: { current } });
    if (data) setBegun(data);
    return error ?? null;
  };
  const confirm = async (code: string): Promise<Refusal | null> => {
    const { data, error } = await http.PUT('/api/me/second-step', { body: { code } });
    if (data) setCodes(data.codes);
    return error ?? null;
  };
  return (
    <Dialog open onClose={codes ? stay : close} title={codes ? 'Codes on paper' : 'Set up a second step'}>
      {codes ? (
        <Paper codes={codes} onKept={close} />
      ) : begun ? (
        <Ask
          key="code"
          field="code"
          label="Code it shows"
          autoComplete="one-time-code"
          action="Confirm"
          send={confirm}
          onBack={close}
        >
          <p>
            Read this with an authenticator on your phone, or type the letters into it. Then type the code it shows: from that
            moment on it is asked for.
          </p>
          <div className="flex flex-wrap items-center gap-4">
            <QrCode text={begun.address} label="What the authenticator reads" />
            <p className="min-w-0 font-mono break-words">{begun.secret.match(/.{1,4}/g)?.join(' ')}</p>
          </div>
        </Ask>
      ) : (
        <Ask
          key="current"
          field="current"
          label="Present password"
          type="password"
          autoComplete="current-password"
          action="Go on"
          send={begin}
          onBack={close}
        />
      )}
    </Dialog>
  );
}

function Paper({ codes, onKept }: { codes: string[]; onKept: () => void }) {
  const copy = async () =>
    toast((await copyText(codes.join('\n'))) ? 'Copied.' : 'This browser does not let them be copied: write them down.');
  return (
    <>
      <p>
        The second step is on. Should your phone be lost, each of these signs you in once in place of its code. They are shown
        this once: write them down or copy them, and keep them apart from the phone.
      </p>
      <ul className="grid grid-cols-2 gap-x-6 gap-y-1 font-mono text-lg" aria-label="Codes on paper">
        {codes.map((code) => (
          <li key={code}>
            {code.slice(0, 5)}-{code.slice(5)}
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap gap-3">
        <Button onClick={() => void copy()}>Copy them</Button>
        <Button onClick={onKept}>I have kept them</Button>
      </div>
    </>
  );
}

function SwitchOff({ email, onClose }: { email: string; onClose: () => void }) {
  const refresh = useRefresh();
  const end = async (current: string): Promise<Refusal | null> => {
    const { error } = await http.POST('/api/me/second-step/end', { body: { current } });
    if (error) return error;
    toast('The second step is off: the password alone signs you in.');
    onClose();
    await refresh();
    toHeadingNext(HEADING);
    return null;
  };
  return (
    <Dialog open onClose={onClose} title="Switch the second step off?">
      <Ask
        field="current"
        label="Present password"
        type="password"
        autoComplete="current-password"
        action="Switch it off"
        send={end}
        onBack={onClose}
      >
        <p>From then on the password alone signs {email} in. The codes on paper hold no longer.</p>
      </Ask>
    </Dialog>
  );
}

/** One question, and what is wrong with the answer. */
function Ask({
  field,
  label,
  type = 'text',
  autoComplete,
  action,
  send,
  onBack,
  children,
}: {
  field: string;
  label: string;
  type?: string;
  autoComplete: string;
  action: string;
  send: (answer: string) => Promise<Refusal | null>;
  onBack: () => void;
  children?: ReactNode;
}) {
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [busy, setBusy] = useState(false);
  const submit = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    setBusy(true);
    const refused = await send(formText(event.currentTarget)(field));
    setBusy(false);
    setRefusal(refused);
  };
  return (
    <form onSubmit={(event) => void submit(event)} className="grid gap-4">
      {children}
      <TextField
        label={label}
        name={field}
        type={type}
        autoComplete={autoComplete}
        // The dialog asks this one thing.
        // oxlint-disable-next-line jsx-a11y/no-autofocus
        autoFocus
        required
        maxLength={200}
        problem={refusal ? sentenceOf(refusal) : undefined}
      />
      <div className="flex flex-wrap gap-3">
        <Button look="next" type="submit" disabled={busy}>
          {action}
        </Button>
        <Button onClick={onBack}>Leave it</Button>
      </div>
    </form>
  );
}
