import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { api, http, newId, type Schemas } from '@/api/client';
import type { FigureData } from '@/figure/drawing';
import { Figure } from '@/figure/Figure';
import { RungFigure } from '@/figure/RungFigure';
import { Pane } from '@/frame/Pane';
import { useLibrary, type Library } from '@/frame/useLibrary';
import { Button } from '@/ui/Button';
import { FileButton } from '@/ui/FileButton';
import { cx } from '@/ui/cx';
import { DemandGlyph } from '@/ui/DemandGlyph';
import { Loading } from '@/ui/Loading';
import { LadderFields } from './LadderFields';
import { RungEditor } from './RungEditor';
import { blankLadder, rungOf, textOf, withCopy, withField, without, type Fields, type Source } from './source';
import { useLadderDraft } from './useLadderDraft';

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
                <span className="min-w-0 flex-1 leading-tight">{ladder.name.replace(/ ladder$/, '')}</span>
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

type Drawn = Map<string | undefined, Schemas['RungView']>;
type LadderDraft = ReturnType<typeof useLadderDraft>;

function Editor({ ladder, library, onSaved }: { ladder: string; library: Library; onSaved: (slug: string) => void }) {
  const kept = api.useQuery('get', '/api/ladders/{ladder}', { params: { path: { ladder } } }, { staleTime: 0 });
  const lists = api.useQuery('get', '/api/catalogue', {}, { staleTime: Infinity });
  if (!kept.data || !lists.data)
    return <Loading what="Opening the ladder" error={kept.error ?? lists.error} again={() => void kept.refetch()} />;
  return <Draft kept={kept.data} lists={lists.data} library={library} onSaved={onSaved} />;
}

function Draft({
  kept,
  lists,
  library,
  onSaved,
}: {
  kept: Schemas['LadderSourceView'];
  lists: Schemas['CatalogueView'];
  library: Library;
  onSaved: (slug: string) => void;
}) {
  const draft = useLadderDraft(kept, onSaved);
  const { source, changed, rung, said, change } = draft;
  const [moving, setMoving] = useState(false);

  const sketches = new Map(draft.check?.figures.map((one) => [one.rung, one.figure]));
  const drawn = new Map(draft.check?.ladder?.rungs.map((one) => [one.slug.split('/')[1], one]));
  const shown = rung === null ? undefined : rungOf(source, rung);

  return (
    <>
      <main className="min-w-0 flex-1 overflow-y-auto p-4">
        <div className="mb-3 flex flex-wrap items-baseline gap-x-4 gap-y-2">
          {changed && source.slug !== kept.slug ? (
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
            {changed && source.slug !== kept.slug
              ? 'not kept yet'
              : kept.version === 0
                ? 'as shipped'
                : kept.shipped
                  ? 'your own version of a shipped ladder'
                  : 'your own ladder'}
          </p>
          <LadderTools kept={kept} draft={draft} />
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
        <RungGrid source={source} drawn={drawn} sketches={sketches} rung={rung} setRung={draft.setRung} />
      </main>
      <Pane walked label="The rung in focus">
        {shown && rung !== null ? (
          <div className="grid gap-4">
            <RungTools kept={kept} draft={draft} rung={rung} shown={shown} moving={moving} setMoving={setMoving} />
            <RungEditor
              key={`${rung} ${draft.undone}`}
              source={source}
              slug={rung}
              drawn={drawn.get(rung)}
              sketch={sketches.get(`${source.slug}/${rung}`)}
              faults={draft.check?.faults ?? []}
              lists={lists}
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
            <LadderFields source={source} lists={lists} library={library} onChange={change} />
          </div>
        )}
      </Pane>
    </>
  );
}

/** Every rung of the ladder as a figure. */
function RungGrid({
  source,
  drawn,
  sketches,
  rung,
  setRung,
}: {
  source: Source;
  drawn: Drawn;
  /** Figures that are not those of the library. */
  sketches: Map<string, FigureData>;
  rung: string | null;
  setRung: (value: string | null) => void;
}) {
  return (
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
                sketches.has(picture.slug) ? (
                  <Figure figure={sketches.get(picture.slug)} className="h-24 w-full" />
                ) : (
                  <RungFigure rung={picture.slug} className="h-24 w-full" />
                )
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
  );
}

/** What can be done with the ladder at hand. */
function LadderTools({ kept, draft }: { kept: Schemas['LadderSourceView']; draft: LadderDraft }) {
  const { source, changed, change, setRung } = draft;
  return (
    <div className="ml-auto flex flex-wrap gap-2">
      {changed && (
        <Button look="next" disabled={(draft.check?.problems.length ?? 1) > 0} onClick={() => void draft.save()}>
          Keep as your own version
        </Button>
      )}
      {draft.canUndo && <Button onClick={draft.undo}>Undo</Button>}
      {changed && <Button onClick={() => void draft.fresh()}>Leave unchanged</Button>}
      {!changed && kept.version > 0 && (
        <Button onClick={() => void draft.letGo()}>{kept.shipped ? 'Back to the shipped ladder' : 'Take the ladder out'}</Button>
      )}
      {!changed && (
        <Button onClick={() => change({ ...source, defaults: { ...source.defaults, hidden: source.defaults?.hidden !== true } })}>
          {source.defaults?.hidden === true ? 'Show the ladder' : 'Hide the ladder'}
        </Button>
      )}
      {!changed && (
        <Button
          onClick={() => {
            setRung(null);
            change({ ...source, slug: newId(), name: `${textOf(source.name)}, own`, short: `${textOf(source.short)} 2` }, 0);
          }}
        >
          Copy the ladder
        </Button>
      )}
      {!changed && (
        <Button
          onClick={() => {
            const first = newId();
            draft.setCheck(null);
            setRung(first);
            change(blankLadder(newId(), first), 0);
          }}
        >
          New ladder
        </Button>
      )}
      {!changed && <Button onClick={() => void download(kept.slug)}>Save as a file</Button>}
      {!changed && (
        <FileButton
          file="Ladder file"
          accept=".yaml,.yml,.json"
          onFile={(chosen) => {
            if (chosen.size > 400_000) draft.setProblems(['This file is larger than a ladder can be (400 000 characters).']);
            else void chosen.text().then(draft.read);
          }}
        >
          Read a file
        </FileButton>
      )}
    </div>
  );
}

/** What can be done with the rung in focus. */
function RungTools({
  kept,
  draft,
  rung,
  shown,
  moving,
  setMoving,
}: {
  kept: Schemas['LadderSourceView'];
  draft: LadderDraft;
  rung: string;
  shown: Fields;
  moving: boolean;
  setMoving: (moving: boolean) => void;
}) {
  const { source, change, setRung } = draft;
  return (
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
      {!kept.inUse.includes(`${source.slug}/${rung}`) && source.rungs.length > 1 && (
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
  );
}

async function download(ladder: string): Promise<void> {
  const { data } = await http.GET('/api/ladders/{ladder}/file', { params: { path: { ladder } } });
  if (!data) return;
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([data.text], { type: 'application/yaml' }));
  link.download = data.name;
  link.click();
  URL.revokeObjectURL(link.href);
}
