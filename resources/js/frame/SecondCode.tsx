import { useState } from 'react';
import type { Refusal } from '@/api/client';
import { TextField } from '@/ui/Field';

const isAbout = (refusal: Refusal | null): boolean => refusal?.code === 'second-step' || Boolean(refusal?.fields['code']);

/** The code of the second step, from when it is asked for; and what is left of the refusal once that has its place. */
export function useSecondCode(refusal: Refusal | null) {
  const [asked, setAsked] = useState(false);
  const isHere = isAbout(refusal);
  if (isHere && !asked) setAsked(true);
  return {
    told: isHere ? null : refusal,
    field: (asked || isHere) && (
      <TextField
        label="Code"
        name="code"
        autoComplete="one-time-code"
        autoCapitalize="none"
        spellCheck={false}
        // The password was right: nothing else is to be done here.
        // oxlint-disable-next-line jsx-a11y/no-autofocus
        autoFocus
        required
        maxLength={40}
        hint="As your authenticator shows it, or one of those you keep on paper."
        problem={refusal?.fields['code']?.[0]}
      />
    ),
  };
}
