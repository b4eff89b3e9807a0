import { useState } from 'react';
import { toast } from '@/ui/notice';
import { http } from '@/api/client';
import { useRefresh } from '@/frame/usePerson';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';

/** The picture behind a kept result: looked at, or taken out for good. What was measured stays. */
export function KeptPicture({ person, photo }: { person: string; photo: string }) {
  const [open, setOpen] = useState(false);
  const refresh = useRefresh();
  const takeOut = async () => {
    const { error } = await http.DELETE('/api/people/{person}/photos/{photo}', { params: { path: { person, photo } } });
    if (error) return toast(error.sentence);
    setOpen(false);
    toast('The picture is taken out for good.');
    await refresh();
  };
  return (
    <>
      <Button look="quiet" onClick={() => setOpen(true)}>
        picture
      </Button>
      <Dialog open={open} onClose={() => setOpen(false)} title="The picture that was marked">
        <img src={`/api/people/${person}/photos/${photo}`} alt="The person as they were marked" className="w-full rounded-md" />
        <p>Taking it out deletes it and cannot be taken back; what was measured on it stays.</p>
        <div className="flex gap-3">
          <Button onClick={() => void takeOut()}>Take the picture out</Button>
          <Button onClick={() => setOpen(false)}>Keep it</Button>
        </div>
      </Dialog>
    </>
  );
}
