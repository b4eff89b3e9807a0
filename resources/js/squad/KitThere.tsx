import { api } from '@/api/client';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Dialog } from '@/ui/Dialog';
import { Choices } from '@/ui/Field';
import type { Squad } from './useSquad';

/** What lies where the squad trains: what each has at their own place, or the same for everybody. */
export function KitThere({
  kit,
  onChange,
  onClose,
}: {
  kit: Squad['kit'];
  onChange: (kit: Squad['kit']) => void;
  onClose: () => void;
}) {
  const catalogue = api.useQuery('get', '/api/catalogue', {}, { staleTime: Infinity });
  return (
    <Dialog open onClose={onClose} title="What kit there is">
      <p className="text-ink2">Who does what follows from it at once, in the table and on the sheets of this session.</p>
      <div role="group" aria-label="Whose kit" className="flex flex-wrap gap-2">
        <Choice pressed={kit === null} onPress={() => onChange(null)}>
          what each has at their own place
        </Choice>
        <Choice pressed={kit !== null} onPress={() => kit === null && onChange([])}>
          where they train together
        </Choice>
      </div>
      {kit !== null && catalogue.data && (
        <Choices
          legend="Lies there, as much as they need"
          options={catalogue.data.kit}
          chosen={kit}
          onChange={(chosen) => onChange(chosen as Squad['kit'])}
        />
      )}
      <div>
        <Button look="next" onClick={onClose}>
          To the squad
        </Button>
      </div>
    </Dialog>
  );
}
