import { Link } from 'react-router';
import { sentenceOf } from '@/api/client';
import { Button } from '@/ui/Button';
import { ComposerDialogs } from './ComposerDialogs';
import { ComposerHead } from './ComposerHead';
import { ComposerPane } from './ComposerPane';
import { ComposerTools } from './ComposerTools';
import { ExerciseList } from './ExerciseList';
import { SumsProvider } from './sums';
import { Stages } from './Stages';
import { TimeStrip } from './TimeStrip';
import { ComposingContext, useComposer, useComposing, type ComposerProps } from './useComposer';

/** Writes a session: doses by line or field, order, circuits and parts, with its time, balance and repairs at once. */
export function Composer(props: ComposerProps) {
  const composing = useComposer(props);
  const { preview, current, fields, draft, id, person, saving } = composing;
  return (
    <ComposingContext value={composing}>
      <SumsProvider value={composing.askSum}>
        <main className="relative min-w-0 flex-1 overflow-y-auto px-4 pt-4 pb-6">
          <ComposerHead />
          <TimeStrip preview={preview} current={current} onPick={(item) => fields.get(item)?.focus()} />
          <ComposerTools />
          <Notices />
          {draft.blocks.length === 0 ? <Empty /> : <ExerciseList />}
          {saving.there && <Stages key={id} person={person.id} session={id} />}
        </main>
        <ComposerPane />
        <ComposerDialogs />
      </SumsProvider>
    </ComposingContext>
  );
}

/** What keeps the session from being saved, or saved right now. */
function Notices() {
  const { draft, saving, refusal } = useComposing();
  const problem = refusal ?? saving.refusal;
  return (
    <>
      {draft.title.trim() === '' && (
        <p role="alert" className="mb-2 font-semibold text-rowan">
          A session needs a title; it is saved once it has one.
        </p>
      )}
      {saving.offline || refusal?.code === 'offline' ? (
        <p role="status" className="mb-2 border-l-4 border-ochre bg-paper p-2 text-sm">
          The server cannot be reached. What you write is kept on this device and sent once it answers; times and shares stand as
          they were.
        </p>
      ) : (
        problem && (
          <p role="alert" className="mb-2 font-semibold text-rowan">
            {sentenceOf(problem)}
          </p>
        )
      )}
    </>
  );
}

function Empty() {
  const { person, setLines, setOpen } = useComposing();
  return (
    <div className="grid justify-items-start gap-3 rounded-lg border border-dashed border-rail p-6">
      <p className="font-semibold">A session needs at least one exercise.</p>
      <p className="text-ink2">
        Type it as lines, such as <span className="font-mono text-ink">front plank 3x(4x10s/5) r30</span>; start from a template;
        or place the person on the{' '}
        <Link to={`/people/${person.id}/board`} className="underline">
          board
        </Link>
        , and the working rungs come here with their doses.
      </p>
      <div className="flex flex-wrap gap-2">
        <Button look="next" hotkey="T" onClick={() => setLines('')}>
          Type lines
        </Button>
        <Button hotkey="N" onClick={() => setOpen('start')}>
          Start from …
        </Button>
      </div>
    </div>
  );
}
