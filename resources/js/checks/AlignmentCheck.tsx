import { useEffect, useRef, useState, type RefObject } from 'react';
import { http, newId, type Schemas, sentenceOf } from '@/api/client';
import { RungFigure } from '@/figure/RungFigure';
import { Why } from '@/frame/reason';
import type { Library } from '@/frame/useLibrary';
import { undoToast } from '@/frame/undoToast';
import { useRefresh } from '@/frame/usePerson';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { TextField } from '@/ui/Field';
import { MarkedPicture } from './MarkedPicture';
import { LENGTH_MARKS, MARKS, sendPicture, type Mark, type SentPicture, type View } from './picture';

/** Drawings to try the check on: a rung of the library and the size it is drawn in. */
const DRAWINGS: Record<View, { rung: string; width: number; height: number }> = {
  side: { rung: 'front-plank/forearms-toes', width: 1000, height: 420 },
  behind: { rung: 'carry/standing-hold', width: 700, height: 700 },
};

type Picture = { photo: SentPicture } | { photo: null };

/** Sag, pike or tilt from marks on a picture: measured while the marks are moved, kept when they sit right. */
export function AlignmentCheck({ person, library, onLeave }: { person: string; library: Library; onLeave: () => void }) {
  const [view, setView] = useState<View>('side');
  const [picture, setPicture] = useState<Picture | null>(null);
  const [marks, setMarks] = useState<Record<string, Mark>>({});
  const [chosen, setChosen] = useState('ankle');
  const [centimetres, setCentimetres] = useState('');
  const [busy, setBusy] = useState<string | null>(null);
  const file = useRef<HTMLInputElement>(null);
  const [id] = useState(newId);
  const refresh = useRefresh();
  const drawing = DRAWINGS[view];
  const size = picture?.photo ?? drawing;
  const names = [...MARKS[view], ...LENGTH_MARKS];
  const complete = picture !== null && MARKS[view].every(({ key }) => marks[key]);
  const length = Number(centimetres.replace(',', '.'));
  const lengthKnown = centimetres.trim() !== '' && marks.from !== undefined && marks.to !== undefined;
  const body = JSON.stringify({
    id,
    view,
    photo: picture?.photo?.id ?? null,
    marks: Object.fromEntries(MARKS[view].map(({ key }) => [key, marks[key]])),
    scaleFrom: lengthKnown ? marks.from : null,
    scaleTo: lengthKnown ? marks.to : null,
    centimetres: lengthKnown ? length : null,
    note: '',
  });

  const { setFound, setProblem, problem, found } = useAlignment(complete, person, body);

  const drop = (): Promise<unknown> =>
    picture?.photo
      ? http.DELETE('/api/people/{person}/photos/{photo}', { params: { path: { person, photo: picture.photo.id } } })
      : Promise.resolve();
  const leave = () => {
    // A picture that was not kept with a result is not kept at all.
    void drop();
    onLeave();
  };
  const again = (next: View) => {
    void drop();
    setView(next);
    setPicture(null);
    setMarks({});
    setFound(null);
    setProblem(null);
    setChosen(MARKS[next][0]?.key ?? '');
  };
  const mark = (key: string, at: Mark, placed: boolean) => {
    const next = { ...marks, [key]: at };
    setMarks((was) => ({ ...was, [key]: at }));
    if (placed) setChosen(MARKS[view].find((one) => !next[one.key])?.key ?? key);
  };
  const take = async (chosenFile: File) => {
    setBusy('Sending the picture …');
    setProblem(null);
    const sent = await sendPicture(person, chosenFile);
    setBusy(null);
    if (typeof sent === 'string') setProblem(sent);
    else setPicture({ photo: sent });
  };
  const keep = async () => {
    setBusy('Saving …');
    const { data, error } = await http.POST('/api/people/{person}/alignments', {
      params: { path: { person } },
      body: JSON.parse(body) as Schemas['AlignmentRequest'],
    });
    setBusy(null);
    if (!data) return setProblem(error.sentence);
    undoToast(
      data.sentence,
      () => http.DELETE('/api/people/{person}/alignments/{alignment}', { params: { path: { person, alignment: id } } }),
      refresh,
    );
    onLeave();
  };

  useEffect(() => {
    const key = (event: KeyboardEvent) => {
      if (event.key === 'Escape' && !document.querySelector('[role=dialog]')) leave();
    };
    window.addEventListener('keydown', key);
    return () => window.removeEventListener('keydown', key);
  });

  const rung = library.rungs.get(drawing.rung);
  return (
    <section aria-label="Alignment from a picture" className="mx-auto grid w-full max-w-6xl gap-4">
      <div className="flex flex-wrap items-baseline justify-between gap-2">
        <h1 className="text-3xl">Alignment</h1>
        <Button look="quiet" hotkey="Esc" onClick={leave}>
          leave the check
        </Button>
      </div>
      <ViewChoice view={view} again={again} />
      {problem && (
        <p role="alert" className="border-l-4 border-ochre bg-paper p-3 font-semibold">
          {problem}
        </p>
      )}
      {picture === null ? (
        <PictureChoice busy={busy} file={file} setPicture={setPicture} take={take} />
      ) : (
        <div className="grid items-start gap-4 lg:grid-cols-[1fr_15rem]">
          <div className="grid gap-3">
            <p>
              Mark the <strong>{names.find((one) => one.key === chosen)?.label}</strong>: press on the picture, then drag or use
              the arrow keys.
            </p>
            <MarkedPicture
              width={size.width}
              height={size.height}
              marks={marks}
              names={names}
              line={MARKS[view].map(({ key }) => key)}
              chosen={chosen}
              onChoose={setChosen}
              onMark={mark}
            >
              {picture.photo ? (
                <img
                  src={`/api/people/${person}/photos/${picture.photo.id}`}
                  alt={view === 'side' ? 'The person from the side' : 'The person from behind'}
                  className="absolute inset-0 size-full"
                  draggable={false}
                />
              ) : (
                rung && <RungFigure rung={rung.slug} plain label={rung.name} className="absolute inset-0 size-full p-[2%]" />
              )}
            </MarkedPicture>
            <Measured complete={complete} found={found} busy={busy} keep={keep} />
          </div>
          <MarkList
            names={names}
            chosen={chosen}
            setChosen={setChosen}
            marks={marks}
            mark={mark}
            size={size}
            centimetres={centimetres}
            length={length}
            setCentimetres={setCentimetres}
            again={again}
            view={view}
          />
        </div>
      )}
    </section>
  );
}

/** The marks still to set and those that sit, and the length that turns degrees into centimetres. */
function MarkList({
  names,
  chosen,
  setChosen,
  marks,
  mark,
  size,
  centimetres,
  length,
  setCentimetres,
  again,
  view,
}: {
  names: { key: string; label: string }[];
  chosen: string;
  setChosen: (value: string) => void;
  marks: Record<string, Mark>;
  mark: (key: string, at: Mark, placed: boolean) => void;
  size: { width: number; height: number };
  centimetres: string;
  length: number;
  setCentimetres: (value: string) => void;
  again: (next: View) => void;
  view: View;
}) {
  return (
    <div className="grid gap-3">
      <ol className="grid gap-1">
        {names.map(({ key, label }) => (
          <li key={key}>
            <button
              type="button"
              aria-pressed={key === chosen}
              onClick={() => {
                setChosen(key);
                if (!marks[key]) mark(key, { x: Math.round(size.width / 2), y: Math.round(size.height / 2) }, false);
                requestAnimationFrame(() =>
                  document.querySelector<SVGGElement>(`g[role=button][aria-label^="${label},"]`)?.focus(),
                );
              }}
              className={cx(
                'flex min-h-8 w-full items-center gap-2 rounded-md border px-2 text-left',
                key === chosen ? 'border-rowan bg-paper font-semibold' : 'border-transparent hover:border-hairline',
              )}
            >
              <span aria-hidden="true" className="w-4">
                {marks[key] ? '✓' : '·'}
              </span>
              {label}
            </button>
          </li>
        ))}
      </ol>
      <TextField
        label="Known length, cm"
        hint="Such as a mat or a stick; without it there are only degrees."
        inputMode="decimal"
        value={centimetres}
        problem={centimetres.trim() === '' || (length >= 5 && length <= 300) ? undefined : 'From 5 to 300 cm.'}
        onChange={(event) => setCentimetres(event.target.value)}
      />
      <Button look="quiet" className="justify-self-start" onClick={() => again(view)}>
        another picture
      </Button>
    </div>
  );
}

/** What the marks come to, and the button that keeps it. */
function Measured({
  complete,
  found,
  busy,
  keep,
}: {
  complete: boolean;
  found: Schemas['AlignmentView'] | null;
  busy: string | null;
  keep: () => Promise<void>;
}) {
  return (
    <div className="flex flex-wrap items-start gap-4">
      <div aria-live="polite" className="min-w-[min(16rem,100%)] flex-1 sm:min-h-16">
        {complete && found && (
          <div className={cx('border-l-4 bg-paper p-3', found.inLine ? 'border-fern' : 'border-ochre')}>
            <Why title="Alignment" reasons={found.reasons}>
              <span className="font-mono text-2xl font-bold">{Math.abs(found.degrees).toFixed(1)}°</span>{' '}
              {found.centimetres !== null && <span className="font-mono">{found.centimetres.toFixed(1)} cm</span>}
              <br />
              {found.reasons[0]?.sentence}
            </Why>
            {found.reasons.slice(1).map((reason) => (
              <p key={reason.sentence}>{reason.sentence}</p>
            ))}
          </div>
        )}
      </div>
      <Button look="next" disabled={!complete || !found || busy !== null} onClick={() => void keep()}>
        {busy ?? 'Keep the result'}
      </Button>
    </div>
  );
}

/** Where the picture comes from: the camera, a file, or a drawing to try it on. */
function PictureChoice({
  busy,
  file,
  setPicture,
  take,
}: {
  busy: string | null;
  file: RefObject<HTMLInputElement | null>;
  setPicture: (value: Picture) => void;
  take: (chosenFile: File) => Promise<void>;
}) {
  return (
    <div className="grid gap-3 rounded-lg border border-rail bg-sheet p-5">
      <p>
        Hold the camera level, square to the body, with the whole body in the picture. Pictures stay in the practice: they are
        made small, everything the camera wrote into them is taken out, and they are kept encrypted.
      </p>
      <div className="flex flex-wrap gap-2">
        <Button look="next" disabled={busy !== null} onClick={() => file.current?.click()}>
          {busy ?? 'Choose or take a picture'}
        </Button>
        <Button onClick={() => setPicture({ photo: null })}>Try it on a drawing</Button>
      </div>
      <input
        ref={file}
        type="file"
        accept="image/jpeg,image/png,image/webp"
        aria-label="Picture"
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          const one = event.target.files?.[0];
          event.target.value = '';
          if (one) void take(one);
        }}
      />
    </div>
  );
}

/** The marks as the core measures them, asked a moment after the last move. */
function useAlignment(complete: boolean, person: string, body: string) {
  const [found, setFound] = useState<Schemas['AlignmentView'] | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  // Measured a moment after the last move, and only the newest marks are believed.
  useEffect(() => {
    if (!complete) return;
    let newest = true;
    const timer = setTimeout(() => {
      void http
        .POST('/api/people/{person}/alignments/preview', {
          params: { path: { person } },
          body: JSON.parse(body) as Schemas['AlignmentRequest'],
        })
        .then(({ data, error }) => {
          if (!newest) return;
          setFound(data ?? null);
          setProblem(error ? sentenceOf(error) : null);
        });
    }, 120);
    return () => {
      newest = false;
      clearTimeout(timer);
    };
  }, [body, complete, person]);
  return { setFound, setProblem, problem, found };
}

/** From which side the person is seen. */
function ViewChoice({ view, again }: { view: View; again: (next: View) => void }) {
  return (
    <div role="group" aria-label="Seen from" className="flex gap-1.5">
      {(['side', 'behind'] as const).map((one) => (
        <button
          key={one}
          type="button"
          aria-pressed={one === view}
          onClick={() => one !== view && again(one)}
          className={cx(
            'min-h-9 rounded-md border px-3',
            one === view ? 'border-ink bg-ink text-ground' : 'border-rung-edge bg-paper hover:border-ink',
          )}
        >
          {one === 'side' ? 'from the side: sag or pike' : 'from behind: level of the pelvis'}
        </button>
      ))}
    </div>
  );
}
