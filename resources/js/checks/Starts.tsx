import { useState } from 'react';
import { Link } from 'react-router';
import { toast } from '@/ui/notice';
import { http, newId, sentenceOf, type Schemas } from '@/api/client';
import { useShortcuts } from '@/frame/keys';
import { Why } from '@/frame/reason';
import { savedNow } from '@/frame/saving';
import type { Library } from '@/frame/useLibrary';
import { useRefresh } from '@/frame/usePerson';
import { Button } from '@/ui/Button';
import { DemandGlyph } from '@/ui/DemandGlyph';

type Start = Schemas['StartView'];

/** Rungs proposed from the tests, weakest first: placed all at once or one by one. */
export function Starts({
  person,
  checks: { starts, stays, waiting },
  tested,
  library,
}: {
  person: Schemas['PersonView'];
  checks: Pick<Schemas['ChecksView'], 'starts' | 'stays' | 'waiting'>;
  /** Something was tested at all. */
  tested: boolean;
  library: Library;
}) {
  const refresh = useRefresh();
  const [busy, setBusy] = useState(false);
  const open = starts.filter((start) => start.standsOn !== start.rung);

  const place = async (chosen: Start[]) => {
    if (busy || chosen.length === 0) return;
    setBusy(true);
    const placed: string[] = [];
    let refused: string | null = null;
    for (const start of chosen) {
      const id = newId();
      const { error } = await http.POST('/api/people/{person}/placements', {
        params: { path: { person: person.id } },
        body: {
          id,
          rung: start.rung,
          side: start.side,
          range: null,
          // A test says so: there is nothing more to ask about.
          far: true,
          guessed: start.guessed,
          reason: (start.reasons[0]?.sentence ?? 'From the tests.').slice(0, 300),
        },
      });
      if (error) {
        refused = error.sentence;
        break;
      }
      placed.push(id);
    }
    setBusy(false);
    if (placed.length > 0) savedNow();
    await refresh();
    const back = async () => {
      for (const placement of placed.toReversed()) {
        const { error } = await http.DELETE('/api/people/{person}/placements/{placement}', {
          params: { path: { person: person.id, placement } },
        });
        if (error) {
          toast(sentenceOf(error));
          break;
        }
      }
      await refresh();
    };
    toast(refused ?? (placed.length === 1 ? 'Placed.' : `Placed on ${placed.length} rungs.`), {
      ...(placed.length > 0 && { action: { label: 'Take back', onClick: () => void back() } }),
    });
  };
  useShortcuts([{ key: 'p', label: 'place', run: () => void place(open) }]);

  return (
    <div className="grid gap-4">
      <h2 className="text-xl">Where to start</h2>
      {tested && open.length === 0 && (
        <Link to={`/people/${person.id}/board`} className="look look-next">
          On to the board
        </Link>
      )}
      {starts.length === 0 ? (
        tested ? (
          <p>Placed since the last test. A newer test of a ladder proposes anew.</p>
        ) : (
          <p>
            Nothing tested yet. One plank and one side plank are enough for a first proposal on every ladder; a climb test makes
            it exact.
          </p>
        )
      ) : (
        <>
          {open.length > 0 && (
            <Button look="next" hotkey="P" disabled={busy} onClick={() => void place(open)}>
              {busy ? 'Placing …' : open.length === 1 ? 'Place there' : `Place on all ${open.length}`}
            </Button>
          )}
          <p className="text-sm text-ink2">Weakest first. Press a name for the reasons.</p>
          <ul className="grid gap-2">
            {starts.map((start) => {
              const rung = library.rungs.get(start.rung);
              const ladder = library.ladders.get(start.ladder);
              const support = start.support && library.rungs.get(start.support);
              const stands = start.standsOn === start.rung;
              const now = start.standsOn && !stands ? library.rungs.get(start.standsOn) : undefined;
              return (
                <li
                  key={`${start.ladder} ${start.side}`}
                  className="grid grid-cols-[1fr_auto] gap-x-2 border-t border-hairline pt-2"
                >
                  <div className="min-w-0">
                    <p className="flex items-center gap-1.5 text-sm text-ink2">
                      <DemandGlyph demand={ladder?.demand ?? ''} />
                      {ladder?.name.replace(/ ladder$/, '')}
                      {start.side !== 'both' && `, ${start.side}`}
                    </p>
                    <Why title={rung?.name ?? ''} reasons={start.reasons} className="leading-snug">
                      <span className="font-mono font-bold">{rung?.heightText}</span> {rung?.name}
                    </Why>
                    <p className="text-sm">
                      <Why title="First dose" reasons={start.whyDose}>
                        begins with {start.dose}
                      </Why>
                    </p>
                    {support && (
                      <p className="text-sm text-ink2">
                        with support: {support.heightText} {support.shortName}
                      </p>
                    )}
                    {now && (
                      <p className="text-sm text-ochre">
                        stands on {now.heightText} {now.shortName}
                      </p>
                    )}
                  </div>
                  {stands ? (
                    <span className="text-sm text-fern">placed</span>
                  ) : (
                    <Button
                      look="quiet"
                      disabled={busy}
                      aria-label={`place: ${rung?.name ?? 'this rung'}`}
                      onClick={() => void place([start])}
                    >
                      place
                    </Button>
                  )}
                </li>
              );
            })}
          </ul>
        </>
      )}
      <Unmoved title="What stays" reasons={stays} />
      <Unmoved title="What waits" reasons={waiting} />
    </div>
  );
}

/** What the tests move nobody on: named, so that nobody looks for it. */
function Unmoved({ title, reasons }: { title: string; reasons: Schemas['ReasonView'][] }) {
  if (reasons.length === 0) return null;
  return (
    <section aria-label={title} className="mt-4 grid gap-1 border-t border-hairline pt-3 text-sm text-ink2">
      {reasons.map((reason) => (
        <Why key={reason.sentence} title={title} reasons={reason}>
          {reason.sentence}
        </Why>
      ))}
    </section>
  );
}
