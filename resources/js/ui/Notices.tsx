import { Suspense, useEffect, useState } from 'react';
import { later } from './later';
import type { ExternalToast } from 'sonner';
import { Key } from './Key';
import { drawNotices, onFirstNotice } from './notice';

/** What a notice offers says its key. */
function withKey(options: ExternalToast | undefined): ExternalToast | undefined {
  const action = options?.action;
  if (typeof action !== 'object' || action === null || !('onClick' in action)) return options;
  const label = (
    <span className="flex items-center gap-2">
      {action.label} <Key>Z</Key>
    </span>
  );
  return { ...options, action: { ...action, label } };
}

const Drawn = later(async () => {
  const { Toaster, toast } = await import('sonner');
  return function Drawn() {
    useEffect(
      () =>
        drawNotices(
          (sentence, options) => void toast(sentence, withKey(options)),
          (id) => void toast.dismiss(id),
        ),
      [],
    );
    return (
      <Toaster
        position="bottom-center"
        toastOptions={{
          actionButtonStyle: { background: 'var(--ground)', color: 'var(--ink)' },
          style: {
            background: 'var(--ink)',
            color: 'var(--ground)',
            border: 0,
            fontFamily: 'var(--font-sans)',
            fontSize: '15px',
          },
        }}
      />
    );
  };
});

/** Where notices are drawn, once there is one. */
export function Notices() {
  const [wanted, setWanted] = useState(false);
  useEffect(() => onFirstNotice(() => setWanted(true)), []);
  return wanted ? (
    <Suspense>
      <Drawn />
    </Suspense>
  ) : null;
}
