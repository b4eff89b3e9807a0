import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useMemo, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import { toast } from 'sonner';
import { api, http, newId, type Schemas } from '@/api/client';
import { useHistory } from '@/editor/history';
import { Figure } from '@/figure/Figure';
import { Pane } from '@/frame/Pane';
import { savedNow } from '@/frame/saving';
import { useLibrary, type Library } from '@/frame/useLibrary';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { DemandGlyph } from '@/ui/DemandGlyph';
import { Loading } from '@/ui/Loading';
import { LadderFields } from './LadderFields';
import { RungEditor } from './RungEditor';
import { blankLadder, rungOf, textOf, withCopy, withField, without, type Source } from './source';

/** The ladders of the practice: all rungs as figures, and an editor for own versions of them. */
export function LibraryView() {
  const { library, error, again } = useLibrary();
  const [search, setSearch] = useSearchParams();
  const chosen = search.get('ladder') ?? library?.ladders.keys().next().value ?? '';
  if (!library) return <Loading what="Opening the library" error={error} again={again} />;

  return (
    <div className="flex min-h-0 flex-1 max-lg:flex-col">
      <nav
        aria-label="Ladders"
        className="shrink-0 overflow-y-auto p-4 max-lg:max-h-44 max-lg:border-b max-lg:border-hairline lg:w-56"
      >
        <ul className="flex gap-1 max-lg:flex-wrap lg:flex-col">
          {[...library.ladders.values()].map((ladder) => (
            <li key={ladder.slug}>
              <button
                type="button"
                aria-current={ladder.slug === chosen}
                onClick={() => setSearch({ ladder: ladder.slug })}
                className={cx(
                  'flex min-h-9 w-full items-center gap-2 rounded-md px-2 text-left',
                  ladder.slug === chosen ? 'bg-paper font-bold' : 'hover:bg-paper/60',
                )}
              >
                <DemandGlyph demand={ladder.demand} />
                <span className="min-w-0 flex-1 truncate">{ladder.name.replace(/ ladder$/, '')}</span>
                <span className="font-mono text-sm text-ink2">{ladder.rungs.length}</span>
              </button>
            </li>
          ))}
        </ul>
      </nav>
      <Editor key={chosen} ladder={chosen} library={library} onSaved={(slug) => setSearch(slug === '' ? {} : { ladder: slug })} />
    </div>
  );
}

type Writing = { source: Source; version: number };

function Editor({ ladder, library, onSaved }: { ladder: string; library: Library; onSaved: (slug: string) => void }) {
  const client = useQueryClient();
  const kept = api.useQuery('get', '/api/ladders/{ladder}', { params: { path: { ladder } } }, { staleTime: 0 });
  const lists = api.useQuery('get', '/api/catalogue', {}, { staleTime: Infinity });
  const steps = useHistory<Writing | null>(null);
  const draft = steps.now;
  const [rung, setRung] = useState<string | null>(null);
  const [moving, setMoving] = useState(false);
  const [check, setCheck] = useState<Schemas['LadderCheckView'] | null>(null);
  const [problems, setProblems] = useState<string[]>([]);
  // Some fields keep what is typed in them; after an undo they are set up anew.
  const [undone, setUndone] = useState(0);
  const file = useRef<HTMLInputElement>(null);
  const source = draft?.source ?? (kept.data?.document as Source | undefined);
  const version = draft?.version ?? kept.data?.version ?? 0;
  const asked = useMemo(() => (source ? JSON.stringify(source) : null), [source]);

  // Checked a moment after the last key, and only the newest writing is believed.
  useEffect(() => {
    if (asked === null) return;
    let newest = true;
    const timer = setTimeout(() => {
      void http
        .POST('/api/ladders/check', { body: { document: JSON.parse(asked) as Record<string, never> } })
        .then(({ data }) => newest && data && setCheck((before) => ({ ...data, ladder: data.ladder ?? before?.ladder ?? null })));
    }, 250);
    return () => {
      newest = false;
      clearTimeout(timer);
    };
  }, [asked]);

  if (!kept.data || !source || !lists.data)
    return <Loading what="Opening the ladder" error={kept.error ?? lists.error} again={() => void kept.refetch()} />;

  const change = (next: Source, at = version) => {
    steps.set({ source: next, version: at });
    setProblems([]);
  };
  const undo = () => {
    setUndone(undone + 1);
    steps.undo();
  };
  const fresh = async () => {
    steps.start(null);
    await client.invalidateQueries();
  };
  const save = async () => {
    const { error } = await http.PUT('/api/ladders/{ladder}', {
      params: { path: { ladder: source.slug } },
      body: { version, document: source as unknown as Record<string, never> },
    });
    if (error) {
      const refusal = error;
      return setProblems(refusal.fields.document ?? [refusal.sentence]);
    }
    savedNow();
    toast('The ladder is kept as your own version.');
    await fresh();
    onSaved(source.slug);
  };
  const letGo = async () => {
    const { error } = await http.DELETE('/api/ladders/{ladder}', { params: { path: { ladder } } });
    if (error) {
      const refusal = error;
      return setProblems(refusal.fields.document ?? [refusal.sentence]);
    }
    const mine = source;
    const takeBack = async () => {
      const { error } = await http.PUT('/api/ladders/{ladder}', {
        params: { path: { ladder: mine.slug } },
        body: { version: 0, document: mine as unknown as Record<string, never> },
      });
      if (error) return void toast(error.sentence);
      await client.invalidateQueries();
      onSaved(mine.slug);
    };
    const shipped = kept.data.shipped;
    toast(shipped ? 'The shipped ladder is back.' : 'The ladder is taken out.', {
      action: { label: 'Take back', onClick: () => void takeBack() },
    });
    if (!shipped) onSaved('');
    await fresh();
  };
  const download = async () => {
    const { data } = await http.GET('/api/ladders/{ladder}/file', { params: { path: { ladder } } });
    if (!data) return;
    const link = document.createElement('a');
    link.href = URL.createObjectURL(new Blob([data.text], { type: 'application/yaml' }));
    link.download = data.name;
    link.click();
    URL.revokeObjectURL(link.href);
  };
  const read = async (text: string) => {
    const { data, error } = await http.POST('/api/ladders/read', { body: { text } });
    if (!data) {
      const refusal = error;
      return setProblems(refusal.fields.text ?? [refusal.sentence]);
    }
    if (data.problems.length > 0 || !data.document) return setProblems(data.problems);
    const document = data.document as Source;
    setRung(null);
    if (document.slug === source.slug) return change(document);
    const known = await http.GET('/api/ladders/{ladder}', { params: { path: { ladder: document.slug } } });
    change(document, known.data?.version ?? 0);
  };

  const drawn = new Map(check?.ladder?.rungs.map((one) => [one.slug.split('/')[1], one]));
  const shown = rung === null ? undefined : rungOf(source, rung);
  const changed = draft !== null;
  const said = problems.length > 0 ? problems : changed ? (check?.problems ?? []) : [];
  const inUse = new Set(kept.data.inUse);

  return (
    <>
      <main className="min-w-0 flex-1 overflow-y-auto p-4">
        <div className="mb-3 flex flex-wrap items-baseline gap-x-4 gap-y-2">
          {changed && source.slug !== ladder ? (
            <input
              aria-label="Name of the ladder"
              value={textOf(source.name)}
              onChange={(event) => change({ ...source, name: event.target.value })}
              className="min-h-10 min-w-0 flex-1 rounded-md border border-rung-edge bg-paper px-3 font-display text-2xl font-[650]"
            />
          ) : (
            <h1 className="text-3xl">{textOf(source.name)}</h1>
          )}
          <p className="text-ink2">
            {changed && source.slug !== ladder
              ? 'not kept yet'
              : kept.data.version === 0
                ? 'as shipped'
                : kept.data.shipped
                  ? 'your own version of a shipped ladder'
                  : 'your own ladder'}
          </p>
          <div className="ml-auto flex flex-wrap gap-2">
            {changed && (
              <Button look="next" disabled={(check?.problems.length ?? 1) > 0} onClick={() => void save()}>
                Keep as your own version
              </Button>
            )}
            {steps.canUndo && <Button onClick={undo}>Undo</Button>}
            {changed && <Button onClick={() => void fresh()}>Leave unchanged</Button>}
            {!changed && kept.data.version > 0 && (
              <Button onClick={() => void letGo()}>
                {kept.data.shipped ? 'Back to the shipped ladder' : 'Take the ladder out'}
              </Button>
            )}
            {!changed && (
              <Button
                onClick={() => change({ ...source, defaults: { ...source.defaults, hidden: source.defaults?.hidden !== true } })}
              >
                {source.defaults?.hidden === true ? 'Show the ladder' : 'Hide the ladder'}
              </Button>
            )}
            {!changed && (
              <Button
                onClick={() => {
                  setRung(null);
                  change(
                    { ...source, slug: newId(), name: `${textOf(source.name)}, own`, short: `${textOf(source.short)} 2` },
                    0,
                  );
                }}
              >
                Copy the ladder
              </Button>
            )}
            {!changed && (
              <Button
                onClick={() => {
                  const first = newId();
                  setCheck(null);
                  setRung(first);
                  change(blankLadder(newId(), first), 0);
                }}
              >
                New ladder
              </Button>
            )}
            {!changed && <Button onClick={() => void download()}>Save as a file</Button>}
            {!changed && <Button onClick={() => file.current?.click()}>Read a file</Button>}
            <input
              ref={file}
              type="file"
              accept=".yaml,.yml,.json"
              aria-label="Ladder file"
              className="sr-only"
              tabIndex={-1}
              onChange={(event) => {
                const chosen = event.target.files?.[0];
                event.target.value = '';
                if (!chosen) return;
                if (chosen.size > 400_000) return setProblems(['This file is larger than a ladder can be (400 000 characters).']);
                void chosen.text().then(read);
              }}
            />
          </div>
        </div>
        {said.length > 0 && (
          <div role="alert" className="mb-3 border-l-4 border-ochre bg-paper p-3">
            <p className="font-semibold">Nothing is kept until this is mended:</p>
            <ul className="list-disc pl-5">
              {said.map((problem) => (
                <li key={problem}>{problem}</li>
              ))}
            </ul>
          </div>
        )}
        <ol className="grid grid-cols-[repeat(auto-fill,minmax(10.5rem,1fr))] gap-3">
          {source.rungs.map((one) => {
            const slug = textOf(one.slug);
            const picture = drawn.get(slug);
            if (textOf(one.stands_on)) return null;
            return (
              <li key={slug}>
                <button
                  type="button"
                  aria-pressed={slug === rung}
                  onClick={() => setRung(slug)}
                  className={cx(
                    'grid h-full w-full content-start rounded-md border bg-paper p-2 text-left hover:border-ink',
                    slug === rung ? 'border-ink' : 'border-hairline',
                    one.hidden === true && 'opacity-50',
                  )}
                >
                  {picture ? (
                    <Figure figure={picture.figure} className="h-24 w-full" />
                  ) : (
                    <span className="grid h-24 place-items-center text-sm text-ink3">drawn once it can be read</span>
                  )}
                  <span className="text-sm leading-snug">
                    <span className="font-mono">{picture?.heightText}</span> <strong>{picture?.name ?? textOf(one.name)}</strong>
                    {one.hidden === true && ' (hidden)'}
                  </span>
                </button>
              </li>
            );
          })}
        </ol>
      </main>
      <Pane label="The rung in focus">
        {shown && rung !== null ? (
          <div className="grid gap-4">
            <div className="flex flex-wrap gap-2">
              <Button onClick={() => change(withField(source, rung, 'hidden', shown.hidden === true ? undefined : true))}>
                {shown.hidden === true ? 'Show it' : 'Hide it'}
              </Button>
              <Button
                onClick={() => {
                  const id = newId();
                  change(withCopy(source, rung, id));
                  setRung(id);
                }}
              >
                Copy it
              </Button>
              {!inUse.has(`${source.slug}/${rung}`) && source.rungs.length > 1 && (
                <Button
                  onClick={() => {
                    change(without(source, rung));
                    setRung(null);
                  }}
                >
                  Take it out
                </Button>
              )}
              <Button look="quiet" onClick={() => setRung(null)}>
                the ladder itself
              </Button>
              <Button look="quiet" aria-pressed={moving} onClick={() => setMoving(!moving)}>
                {moving ? 'hold still' : 'show moving'}
              </Button>
            </div>
            <RungEditor
              key={`${rung} ${undone}`}
              source={source}
              slug={rung}
              drawn={drawn.get(rung)}
              lists={lists.data}
              moving={moving}
              onChange={change}
            />
          </div>
        ) : (
          <div className="grid gap-3">
            <h2 className="text-xl">Your own rungs</h2>
            <p>
              Choose a rung to see and change everything about it. Copy one to begin a new rung, hide what you do not use. What
              you keep is your practice’s own version; the shipped ladder stays as it is and can come back at any time.
            </p>
            <p className="text-ink2">Heights are our own choice, the order of rungs is the trade’s common practice.</p>
            <LadderFields source={source} lists={lists.data} library={library} onChange={change} />
          </div>
        )}
      </Pane>
    </>
  );
}
