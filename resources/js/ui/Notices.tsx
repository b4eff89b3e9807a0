import { Suspense, useEffect, useState } from 'react';
import { later } from './later';
import { drawNotices, onFirstNotice } from './notice';

const Drawn = later(async () => {
  const { Toaster, toast } = await import('sonner');
  return function Drawn() {
    useEffect(() => drawNotices((...one) => void toast(...one)), []);
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
