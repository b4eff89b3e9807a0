import { api } from '@/api/client';
import { Loading } from '@/ui/Loading';
import { Records } from './Records';
import { SecondStep } from './SecondStep';
import { Trainers } from './Trainers';
import { You } from './You';

/** One's own name and password, and for its owner who works in the practice and what became of its records. */
export function PracticeView() {
  const me = api.useQuery('get', '/api/me', {}, { retry: false });
  if (!me.data) return <Loading what="Opening the practice" error={me.error} again={() => void me.refetch()} />;
  if (me.data.asksSecondStep && !me.data.secondStep)
    return (
      <main className="min-h-0 flex-1 overflow-y-auto p-6">
        <div className="mx-auto grid max-w-2xl gap-6">
          <h1 className="text-3xl">{me.data.practice}</h1>
          <p>Everybody in this practice signs in with a second step. Set yours up, and go on.</p>
          <SecondStep me={me.data} />
        </div>
      </main>
    );
  return (
    <main className="min-h-0 flex-1 overflow-y-auto p-6">
      <div className="mx-auto grid max-w-4xl gap-8">
        <h1 className="text-3xl">{me.data.practice}</h1>
        {me.data.role === 'owner' && <Trainers />}
        <You me={me.data} />
        {me.data.role === 'owner' && <Records />}
      </div>
    </main>
  );
}
