import { Component, type ReactNode } from 'react';
import { useNewVersion } from '@/offline/version';
import { Button } from '@/ui/Button';

interface Caught {
  /** the address of what is shown; always the same where not given */
  at?: string;
  children: ReactNode;
}

/** Catches what a view could not do, its code not arriving included, and says it in its place; another address is tried anew. */
export class Catching extends Component<Caught, { error: unknown; at: string | undefined }> {
  override state: { error: unknown; at: string | undefined } = { error: null, at: this.props.at };

  static getDerivedStateFromProps({ at }: Caught, state: { at: string | undefined }) {
    return at === state.at ? null : { error: null, at };
  }

  static getDerivedStateFromError(error: unknown) {
    return { error: error ?? new Error('The page could not be read.') };
  }

  override render(): ReactNode {
    return this.state.error === null ? this.props.children : <Broken error={this.state.error} />;
  }
}

/** A view that could not be shown: what was kept, and what to do. Both ways out begin anew. */
function Broken({ error }: { error: unknown }) {
  const newVersion = useNewVersion();
  const isAtHome = location.pathname === '/home';
  return (
    <main className="grid max-w-2xl content-start gap-4 p-6">
      <h1 className="text-2xl">This view could not be shown</h1>
      <p>
        What was saved is kept, and a log in progress stays on this device.{' '}
        {newVersion
          ? 'There is a new version of Even Rungs, and this page is of the one before: load it.'
          : 'Open the view again; if it happens once more, tell whoever looks after the application what stands below.'}
      </p>
      {!newVersion && (
        <p className="rounded-md border border-hairline bg-paper p-3 font-mono text-sm">
          {error instanceof Error ? error.message : 'The page could not be read.'}
        </p>
      )}
      <div className="flex gap-3">
        <Button look="next" onClick={newVersion ?? (() => location.reload())}>
          {newVersion ? 'Load the new version' : 'Open it again'}
        </Button>
        {isAtHome ? (
          <Button onClick={() => location.assign('/home')}>To your page</Button>
        ) : (
          <Button onClick={() => location.assign('/')}>To the bench</Button>
        )}
      </div>
    </main>
  );
}
