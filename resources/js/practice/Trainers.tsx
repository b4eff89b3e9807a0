import { useQueryClient } from '@tanstack/react-query';
import { useState, type ComponentProps, type FormEvent } from 'react';
import { api, http, sentenceOf, type Refusal, type Schemas } from '@/api/client';
import { useTexts } from '@/editor/useTexts';
import { useRefresh } from '@/frame/usePerson';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { day } from '@/ui/day';
import { SelectField, TextField } from '@/ui/Field';
import { Loading } from '@/ui/Loading';
import { toast } from '@/ui/notice';
import { Status } from '@/ui/Status';
import { MemberDialog, type Asked, type Role } from './MemberDialog';

type Trainer = Schemas['TrainerView'];
type Answer = Promise<{ data?: Schemas['TrainersView']; error?: Refusal }>;

const LIST = '/api/practice/trainers';

const ENDED = { kind: 'stop', word: 'ended' } as const;
const STATES: Record<string, ComponentProps<typeof Status>> = {
  invited: { kind: 'information', word: 'invited' },
  unreached: { kind: 'watch', word: 'not sent' },
  ended: ENDED,
};

const nameOf = ({ name, email }: Trainer): string => name || email;

/** Who works here: invited by mail, and let go. For the owner. */
export function Trainers() {
  const list = api.useQuery('get', LIST, {});
  const client = useQueryClient();
  const refresh = useRefresh();
  const [asked, setAsked] = useState<{ what: Asked; member: Trainer } | null>(null);
  /** Takes the answer for the list; says what came of it, or what went wrong. */
  const take = async (asked: Answer, sentence: string): Promise<Refusal | null> => {
    const { data, error } = await asked;
    if (error) return error;
    if (data) client.setQueryData(api.queryOptions('get', LIST, {}).queryKey, data);
    toast(sentence);
    void refresh();
    return null;
  };
  const press = (asked: Answer, sentence: string) =>
    void take(asked, sentence).then((refusal) => refusal && toast(sentenceOf(refusal)));
  const of = (trainer: Trainer) => ({ params: { path: { trainer: trainer.id } } });
  const changeRole = async (member: Trainer, role: Role): Promise<void> => {
    const before = member.role as Role;
    const { data, error } = await http.PUT('/api/practice/trainers/{trainer}/role', { ...of(member), body: { role } });
    if (data) client.setQueryData(api.queryOptions('get', LIST, {}).queryKey, data);
    if (error) {
      toast(sentenceOf(error));
      return;
    }
    const back = () => void changeRole({ ...member, role }, before);
    toast(`${nameOf(member)} is ${role === 'owner' ? 'an owner' : `a ${role}`} from now on.`, {
      action: { label: 'Undo', onClick: back },
    });
    await refresh();
  };
  const askAll = (all: boolean): void =>
    press(
      http.PUT('/api/practice/second-step', { body: { asked: all } }),
      all ? 'Who has no second step sets one up at their next opening.' : 'A second step is everybody’s own choice.',
    );
  const act: Record<Asked, (member: Trainer, role: Role) => void> = {
    end: (member) =>
      press(http.DELETE('/api/practice/trainers/{trainer}', of(member)), `The access of ${nameOf(member)} has ended.`),
    'one-step': (member) =>
      press(
        http.DELETE('/api/practice/trainers/{trainer}/second-step', of(member)),
        `The password alone signs ${nameOf(member)} in.`,
      ),
    role: (member, role) => void changeRole(member, role),
  };
  if (!list.data) return <Loading what="Reading who works here" error={list.error} again={() => void list.refetch()} />;
  return (
    <section aria-labelledby="trainers" className="grid gap-4 border-t border-hairline pt-5">
      <h2 id="trainers" className="text-xl">
        Who works here
      </h2>
      <ul className="grid gap-1">
        {list.data.trainers.map((trainer) => (
          <li
            key={trainer.id}
            className="grid items-center gap-x-4 gap-y-1 rounded-md border border-hairline bg-sheet px-4 py-2 md:grid-cols-[1fr_13rem_auto]"
          >
            <span className="min-w-0">
              <span className="block truncate font-display text-lg font-[650]">{trainer.name || trainer.email}</span>
              <span className="block truncate text-sm text-ink2">
                {trainer.name && `${trainer.email} · `}
                {trainer.role}
                {trainer.isYou && ', you'}
                {trainer.secondStep && ' · second step'}
              </span>
            </span>
            <span className="text-sm">
              {trainer.state !== 'joined' && (
                <span className="flex items-center gap-2">
                  <Status {...(STATES[trainer.state] ?? ENDED)} />
                  {trainer.since && day(trainer.since)}
                </span>
              )}
            </span>
            <span className="flex flex-wrap gap-x-4 md:justify-end">
              {trainer.secondStep && !trainer.isYou && (
                <Button look="quiet" onClick={() => setAsked({ what: 'one-step', member: trainer })}>
                  one step …
                </Button>
              )}
              {(trainer.state === 'invited' || trainer.state === 'unreached') && (
                <Button
                  look="quiet"
                  onClick={() =>
                    press(
                      http.POST('/api/practice/trainers/{trainer}/invitation', of(trainer)),
                      `A new link is on its way to ${trainer.email}.`,
                    )
                  }
                >
                  invite again
                </Button>
              )}
              {trainer.state === 'ended' ? (
                <Button
                  look="quiet"
                  onClick={() =>
                    press(
                      http.POST('/api/practice/trainers/{trainer}/access', of(trainer)),
                      `${trainer.name || trainer.email} may sign in again.`,
                    )
                  }
                >
                  let in again
                </Button>
              ) : (
                !trainer.isYou && (
                  <>
                    <Button look="quiet" onClick={() => setAsked({ what: 'role', member: trainer })}>
                      rights …
                    </Button>
                    <Button look="quiet" onClick={() => setAsked({ what: 'end', member: trainer })}>
                      end access
                    </Button>
                  </>
                )
              )}
            </span>
          </li>
        ))}
      </ul>
      <Invite
        onInvite={(id, email, role) => take(http.POST(LIST, { body: { id, email, role } }), `A link is on its way to ${email}.`)}
      />
      <label className="flex min-h-9 items-center gap-3">
        <input
          type="checkbox"
          className="size-5 accent-rowan"
          checked={list.data.asksSecondStep}
          onChange={(event) => askAll(event.target.checked)}
        />
        Everybody signs in with a second step
      </label>
      {asked && (
        <MemberDialog
          key={asked.member.id}
          what={asked.what}
          member={asked.member}
          onDo={(role) => act[asked.what](asked.member, role)}
          onClose={() => setAsked(null)}
        />
      )}
    </section>
  );
}

function Invite({ onInvite }: { onInvite: (id: string, email: string, role: string) => Promise<Refusal | null> }) {
  const texts = useTexts('invitation', { email: '', role: 'trainer' });
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [busy, setBusy] = useState(false);
  const invite = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    setBusy(true);
    const { error } = await texts.say(async (id) => ({
      error: (await onInvite(id, texts.of('email').trim(), texts.of('role'))) ?? undefined,
    }));
    setBusy(false);
    setRefusal(error ?? null);
    if (!error) texts.saved();
  };
  return (
    <form onSubmit={(event) => void invite(event)} className="flex flex-wrap items-end gap-3">
      <div className="min-w-64 flex-1 sm:max-w-md">
        <TextField
          label="Invite somebody: their e-mail"
          {...texts.field('email')}
          type="email"
          autoComplete="off"
          maxLength={190}
          required
          problem={refusal ? sentenceOf(refusal) : undefined}
        />
      </div>
      <div className={cx('w-36', refusal && 'mb-6')}>
        <SelectField label="as" value={texts.of('role')} onChange={(event) => texts.write('role', event.target.value)}>
          <option value="trainer">a trainer</option>
          <option value="reader">a reader</option>
        </SelectField>
      </div>
      <Button type="submit" disabled={busy} className={cx('min-h-10', refusal && 'mb-6')}>
        Send the invitation
      </Button>
      <p className="w-full text-sm text-ink2">
        A reader, such as a clinician or an assistant, sees of people what a trainer shares with them, and writes notes.
      </p>
    </form>
  );
}
