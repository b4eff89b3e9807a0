import { useEffect, useState } from 'react';
import { http, type Schemas, sentenceOf } from '@/api/client';
import { RungFigure } from '@/figure/RungFigure';
import type { Library } from '@/frame/useLibrary';
import { undoToast } from '@/frame/undoToast';
import { useRefresh } from '@/frame/usePerson';
import { Button } from '@/ui/Button';
import { toast } from '@/ui/notice';
import { begunAlignment, keepAlignment, marked, type Alignment } from './alignment';
import { MarkList, Measured, PictureChoice, ViewChoice } from './AlignmentParts';
import { MarkedPicture } from './MarkedPicture';
import { LENGTH_MARKS, MARKS, sendPicture, type Mark, type SentPicture, type View } from './picture';

/** Drawings to try the check on: a rung of the library and the size it is drawn in. */
const DRAWINGS: Record<View, { rung: string; width: number; height: number }> = {
  side: { rung: 'front-plank/forearms-toes', width: 1000, height: 420 },
  behind: { rung: 'carry/standing-hold', width: 700, height: 700 },
};

/** A picture of a check that was left stays for as long as it can be taken back. */
const LET_GO_AFTER_MS = 10_000;

/** Sag, pike or tilt from marks on a picture: measured while the marks are moved, kept when they sit right. */
export function AlignmentCheck({
  person,
  start,
  library,
  onLeave,
}: {
  person: string;
  start: Alignment;
  library: Library;
  /** With the check itself where its leaving is taken back. */
  onLeave: (again: Alignment | null) => void;
}) {
  const [alignment, setAlignment] = useState(start);
  const [busy, setBusy] = useState<string | null>(null);
  const refresh = useRefresh();
  const { id, view, picture, marks, chosen, centimetres } = alignment;
  const set = (change: Partial<Alignment>) => setAlignment((was) => ({ ...was, ...change }));
  const drawing = DRAWINGS[view];
  const size = picture?.photo ?? drawing;
  const names = [...MARKS[view], ...LENGTH_MARKS];
  const complete = picture !== null && MARKS[view].every(({ key }) => marks[key]);
  const length = Number(centimetres.replace(',', '.'));
  const body = sentOf(alignment, length);
  useEffect(() => void keepAlignment(person, picture === null ? null : alignment), [person, picture, alignment]);

  const { setFound, setProblem, problem, found } = useAlignment(complete, person, body);

  /** A picture that was not kept with a result is not kept at all. */
  const drop = () => {
    if (picture?.photo)
      void http.DELETE('/api/people/{person}/photos/{photo}', { params: { path: { person, photo: picture.photo.id } } });
  };
  const close = (again: Alignment | null) => {
    keepAlignment(person, again);
    onLeave(again);
  };
  const leave = () => {
    close(null);
    // Without a mark nothing is lost.
    if (picture === null || Object.keys(marks).length === 0) return drop();
    const letGo = setTimeout(drop, LET_GO_AFTER_MS);
    const takeBack = () => {
      clearTimeout(letGo);
      close(alignment);
    };
    toast('The check was left, and its picture is not kept.', {
      duration: LET_GO_AFTER_MS,
      action: { label: 'Take back', onClick: takeBack },
    });
  };
  const again = (next: View) => {
    drop();
    setAlignment({ ...begunAlignment(next), id });
    setFound(null);
    setProblem(null);
  };
  const take = async (chosenFile: File) => {
    setBusy('Sending the picture …');
    setProblem(null);
    const sent = await sendPicture(person, chosenFile);
    setBusy(null);
    if (typeof sent === 'string') setProblem(sent);
    else set({ picture: { photo: sent } });
  };
  const mark = (key: string, at: Mark, placed: boolean) => setAlignment((was) => marked(was, key, at, placed));
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
    close(null);
  };

  useEffect(() => {
    const key = (event: KeyboardEvent) => {
      if (event.key === 'Escape' && !document.querySelector('[role=dialog]')) leave();
    };
    window.addEventListener('keydown', key);
    return () => window.removeEventListener('keydown', key);
  });

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
        <PictureChoice busy={busy} onDrawing={() => set({ picture: { photo: null } })} take={take} />
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
              onChoose={(key) => set({ chosen: key })}
              onMark={mark}
            >
              <Shown
                person={person}
                view={view}
                photo={picture.photo}
                rung={library.rungs.get(drawing.rung)}
                onGone={() => {
                  set({ picture: null });
                  setProblem('This picture is no longer there. The marks are kept: choose it again.');
                }}
              />
            </MarkedPicture>
            <Measured complete={complete} found={found} busy={busy} keep={keep} />
          </div>
          <MarkList
            names={names}
            chosen={chosen}
            setChosen={(key) => set({ chosen: key })}
            marks={marks}
            mark={mark}
            size={size}
            centimetres={centimetres}
            length={length}
            setCentimetres={(value) => set({ centimetres: value })}
            again={again}
            view={view}
          />
        </div>
      )}
    </section>
  );
}

/** What is measured and kept of a check: a length counts where both its ends are marked. */
function sentOf({ id, view, picture, marks, centimetres }: Alignment, length: number): string {
  const lengthKnown = centimetres.trim() !== '' && marks.from !== undefined && marks.to !== undefined;
  return JSON.stringify({
    id,
    view,
    photo: picture?.photo?.id ?? null,
    marks: Object.fromEntries(MARKS[view].map(({ key }) => [key, marks[key]])),
    scaleFrom: lengthKnown ? marks.from : null,
    scaleTo: lengthKnown ? marks.to : null,
    centimetres: lengthKnown ? length : null,
    note: '',
  });
}

/** The picture that is marked, or a drawing to try it on. */
function Shown({
  person,
  view,
  photo,
  rung,
  onGone,
}: {
  person: string;
  view: View;
  photo: SentPicture | null;
  rung: { slug: string; name: string } | undefined;
  onGone: () => void;
}) {
  if (photo)
    return (
      <img
        src={`/api/people/${person}/photos/${photo.id}`}
        alt={view === 'side' ? 'The person from the side' : 'The person from behind'}
        className="absolute inset-0 size-full"
        draggable={false}
        onError={onGone}
      />
    );
  return rung && <RungFigure rung={rung.slug} plain label={rung.name} className="absolute inset-0 size-full p-[2%]" />;
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
