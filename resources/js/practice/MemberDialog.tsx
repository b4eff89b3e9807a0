import { useState, type ReactNode } from 'react';
import type { Schemas } from '@/api/client';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';

type Member = Schemas['TrainerView'];

/** What the owner can do about a member of the practice. */
export type Asked = 'end' | 'one-step' | 'role';

const ROLES = {
  owner: 'an owner: trains, invites and lets go of members, takes copies of records and ends them',
  trainer: 'a trainer: all people of the practice, and all steps of the work',
  reader: 'a reader: what of people a trainer shares with them, and notes',
} as const;
export type Role = keyof typeof ROLES;

/** Asks once before it is done; what it leads to is said. */
export function MemberDialog({
  what,
  member,
  onDo,
  onClose,
}: {
  what: Asked;
  member: Member;
  /** with the role that was chosen */
  onDo: (role: Role) => void;
  onClose: () => void;
}) {
  const [role, setRole] = useState(member.role as Role);
  const name = member.name || member.email;
  const [title, action, text]: [string, string, ReactNode] =
    what === 'end'
      ? [
          `End the access of ${name}?`,
          'End it',
          'It ends at once. What their devices keep of people goes at the next contact, answers that were not sent among it. What they wrote and decided stays, and they can be let in again; what was shared with a reader is shared anew then.',
        ]
      : what === 'one-step'
        ? [
            `Switch the second step of ${name} off?`,
            'Switch it off',
            'For whoever has lost both the phone and the codes on paper: the password alone signs them in, until they set it up anew. Make sure that it is they who ask.',
          ]
        : [`What ${name} may do`, 'From now on', <Roles key="roles" role={role} onChoose={setRole} />];
  return (
    <Dialog open onClose={onClose} title={title}>
      {typeof text === 'string' ? <p>{text}</p> : text}
      <div className="flex flex-wrap gap-3">
        <Button
          look="next"
          disabled={what === 'role' && role === member.role}
          onClick={() => {
            onClose();
            onDo(role);
          }}
        >
          {action}
        </Button>
        <Button onClick={onClose}>Leave it</Button>
      </div>
    </Dialog>
  );
}

function Roles({ role, onChoose }: { role: Role; onChoose: (role: Role) => void }) {
  return (
    <>
      <fieldset className="grid gap-1">
        <legend className="sr-only">What they are</legend>
        {(Object.keys(ROLES) as Role[]).map((one) => (
          <label key={one} className="flex min-h-9 items-center gap-3">
            <input
              type="radio"
              name="role"
              className="size-5 shrink-0 accent-rowan"
              checked={role === one}
              // The one that holds, and not the first of them.
              // oxlint-disable-next-line jsx-a11y/no-autofocus
              autoFocus={role === one}
              onChange={() => onChoose(one)}
            />
            {ROLES[one]}
          </label>
        ))}
      </fieldset>
      <p className="text-sm text-ink2">
        What they wrote and decided stays. Whoever only reads from now on sees nobody until a trainer shares a person with them,
        and what their devices keep of people goes at the next opening, answers that were not sent among it.
      </p>
    </>
  );
}
