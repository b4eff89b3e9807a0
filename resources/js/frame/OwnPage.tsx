import { lazy, Suspense, useState } from 'react';
import { Button } from '@/ui/Button';
import { useShortcuts } from './keys';
import { usePerson } from './usePerson';

const HomeLink = lazy(async () => ({ default: (await import('./HomeLink')).HomeLink }));

/** The way to a page of the person's own, by one key. */
export function OwnPage({ look = 'plain' }: { look?: 'plain' | 'quiet' }) {
  const { id, name } = usePerson();
  const [open, setOpen] = useState(false);
  useShortcuts([{ key: 'h', label: 'a link to train at home', run: () => setOpen(true) }]);
  return (
    <>
      <Button look={look} hotkey="H" onClick={() => setOpen(true)}>
        {look === 'plain' ? 'A link for home' : 'link for home'}
      </Button>
      {open && (
        <Suspense>
          <HomeLink person={id} name={name} onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
}
