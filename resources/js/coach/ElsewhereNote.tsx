import { Link } from 'react-router';
import { toast } from 'sonner';
import { Button } from '@/ui/Button';
import type { Elsewhere } from './useKeptLog';

/** Another tab has this session: nothing is written over until somebody says where it goes on. */
export function ElsewhereNote({
  elsewhere,
  person,
  onGoOn,
}: {
  elsewhere: Elsewhere;
  person: string;
  /** answers with how many sets both tabs answered differently */
  onGoOn: () => number;
}) {
  const goOn = () => {
    const differing = onGoOn();
    if (differing > 0)
      toast(
        `${differing === 1 ? 'One set was' : `${differing} sets were`} answered in both tabs: the other tab’s answers stand.`,
      );
  };
  return (
    <section role="alert" className="grid gap-4 rounded-lg border border-ochre bg-sheet p-4">
      <h1 className="text-2xl">
        {elsewhere.what === 'logs' ? 'Another tab logs this session' : 'Another tab has saved this session'}
      </h1>
      <p>
        {elsewhere.what === 'logs'
          ? `It has ${elsewhere.sets === 1 ? 'one set' : `${elsewhere.sets} sets`}. This tab rests until you go on here, with the sets of both; where both answered one, the other tab’s answer stands.`
          : 'What it logged is in the review. This tab writes nothing over it.'}
      </p>
      <Button look="floor-next" onClick={goOn}>
        {elsewhere.what === 'logs' ? 'Go on in this tab' : 'Log it once more'}
      </Button>
      <Link to={`/people/${person}/review`} className="min-h-11 content-center underline underline-offset-4">
        See the review
      </Link>
    </section>
  );
}
