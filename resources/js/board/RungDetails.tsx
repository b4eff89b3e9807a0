import { useState, type ReactNode } from 'react';
import { toast } from '@/ui/notice';
import { api, http, sentenceOf, type Schemas } from '@/api/client';
import { FaultPicture } from '@/figure/FaultPicture';
import { RungFigure, useFaults } from '@/figure/RungFigure';
import { AllowRung } from '@/frame/AllowRung';
import { Why } from '@/frame/reason';
import { useRefresh } from '@/frame/usePerson';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { longDay } from '@/ui/day';
import { HowHard } from './HowHard';
import { LeavingMark } from './LeavingMark';
import { SetUpNote } from './SetUpNote';
import { workingRung, type BoardLadder, type BoardRung } from '@/frame/boardModel';

export const standOf = (ladder: BoardLadder, rung: BoardRung) =>
  ladder.stands.find((other) => other.rung === rung.slug) ?? ladder.stands[0];

/** All that is told of a rung. */
export function RungDetails({
  person,
  ladder,
  rung,
  setUp,
  onGo,
}: {
  person: string;
  ladder: BoardLadder;
  rung: BoardRung;
  setUp: Schemas['SetUpView'] | undefined;
  onGo: (slug: string) => void;
}) {
  const [moving, setMoving] = useState(false);
  const stand = standOf(ladder, rung);
  const standsHere = stand?.rung === rung.slug;
  const working = workingRung(ladder);
  const compared = working && working.slug !== rung.slug ? working : null;

  return (
    <>
      <div className="grid gap-2">
        {compared ? (
          <div className="grid grid-cols-2 gap-2">
            <Picture rung={compared} says="stands on" />
            <Picture
              rung={rung}
              says={rung.height > compared.height ? 'higher' : rung.height < compared.height ? 'lower' : 'as high'}
              lit
            />
          </div>
        ) : (
          <div className="rounded-md border border-hairline bg-paper p-2">
            <RungFigure rung={rung.slug} tempo={rung.tempo} moving={moving} label={rung.name} turnable className="h-36 w-full" />
          </div>
        )}
        {!compared && rung.dynamic && (
          <Button look="quiet" aria-pressed={moving} onClick={() => setMoving(!moving)}>
            {moving ? 'hold the picture still' : 'show it moving'}
          </Button>
        )}
      </div>

      <ClosedBecause person={person} rung={rung} onGo={onGo} />
      {ladder.advised
        .filter((one) => one.rungs.includes(rung.slug))
        .map((one) => (
          <div key={one.before} className="grid justify-items-start gap-1 border-l-4 border-slate bg-paper p-3">
            <Why title="Before it" reasons={one.reason}>
              {one.reason.sentence}
            </Why>
            <Button look="quiet" className="-ml-1.5 min-h-6 py-0 text-sm" onClick={() => onGo(one.before)}>
              go to it
            </Button>
          </div>
        ))}
      <Allowed person={person} rung={rung} allowed={ladder.allowed.find((one) => one.rung === rung.slug)} />

      {rung.leverText && (
        <p>
          <strong>What makes it harder.</strong> {rung.lever}: {rung.leverText.charAt(0).toLowerCase() + rung.leverText.slice(1)}
        </p>
      )}
      <HowHard person={person} rung={rung.slug} beside={compared?.slug} />
      <Loads rung={rung} compared={compared} />
      <GateList person={person} standsHere={standsHere} stand={stand} />

      <ul className="grid gap-1">
        {rung.cues.map((cue) => (
          <li key={cue} className="flex gap-2">
            <span aria-hidden="true" className="text-rail">
              –
            </span>
            {cue}
          </li>
        ))}
      </ul>
      <SetUpNote key={rung.slug} person={person} rung={rung.slug} kept={setUp} />
      <Coaching rung={rung} />
      <p className="text-sm">
        <strong>Easier now:</strong> {rung.fallback}
        {rung.fallbackRung && (
          <>
            {' '}
            <Button look="quiet" onClick={() => onGo(rung.fallbackRung ?? '')}>
              go there
            </Button>
          </>
        )}
      </p>
      <p className="text-sm text-ink2">
        Default dose <span className="font-mono text-ink">{rung.dose}</span> · {rung.position} ·{' '}
        {rung.dynamic ? 'dynamic' : 'static'} · {rung.sidedness === 'both' ? 'both sides at once' : rung.sidedness}
        {rung.kit.length > 0 && ` · ${rung.kit.join(', ')}`}
        {rung.branch && ' · beside the ladder: climbing passes it by'}
      </p>
      {ladder.signposts.map((post) => (
        <p key={post.slug} className="text-sm text-ink2">
          At {post.heightText} this ladder goes on with{' '}
          <button type="button" className="underline underline-offset-4" onClick={() => onGo(post.slug)}>
            “{post.name}”
          </button>
          .
        </p>
      ))}
    </>
  );
}

function Picture({ rung, says, lit = false }: { rung: BoardRung; says: string; lit?: boolean }) {
  return (
    <figure className={cx('rounded-md border bg-paper p-1.5', lit ? 'border-fern' : 'border-hairline')}>
      <RungFigure rung={rung.slug} label={rung.name} className="h-24 w-full" />
      <figcaption className="text-sm leading-tight">
        <span className="text-ink2">
          {says} <span className="font-mono">{rung.heightText}</span>
        </span>
        <strong className="block">{rung.shortName}</strong>
      </figcaption>
    </figure>
  );
}

/** What a rung loads, beside what the working rung loads. */
function Loads({ rung, compared }: { rung: BoardRung; compared: BoardRung | null }) {
  const here = rung.loads as Record<string, number>;
  const there = (compared?.loads ?? {}) as Record<string, number>;
  const tags = [...new Set([...Object.keys(there), ...Object.keys(here)])];
  if (tags.length === 0) return <p className="text-sm text-ink2">Loads nothing beyond the trunk itself.</p>;
  return (
    <p className="text-sm text-ink2">
      Loads:{' '}
      {tags.map((tag, index) => {
        const [from, to] = [there[tag] ?? 0, here[tag] ?? 0];
        const changed = compared !== null && from !== to;
        return (
          <span key={tag}>
            {index > 0 && ' · '}
            {tag.replace('-', ' ')}{' '}
            <strong className={cx('font-mono', changed && to > from ? 'text-ochre' : 'text-ink')}>
              {changed ? `${from} → ${to}` : to}
            </strong>
          </span>
        );
      })}
    </p>
  );
}

function Fact({ name, children }: { name: string; children: ReactNode }) {
  return (
    <div>
      <dt className="inline font-bold">{name}: </dt>
      <dd className="inline">{children}</dd>
    </div>
  );
}

/** How the rung is checked, what goes wrong, and the way out. */
function Coaching({ rung }: { rung: BoardRung }) {
  const [isOpen, setOpen] = useState(false);
  return (
    <details className="group" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="min-h-7 cursor-pointer font-semibold">Check, faults, feel and the way out</summary>
      <dl className="mt-1 grid gap-1.5 text-sm">
        <Fact name="Check by">{rung.check}</Fact>
        {rung.faults.map((fault) => (
          <Fact key={fault.seen} name="Fault">
            {fault.seen} <strong>Fix:</strong> {fault.fix}
          </Fact>
        ))}
        {isOpen && <FaultPictures rung={rung.slug} />}
        <Fact name="Felt">{rung.felt}</Fact>
        <Fact name="Not felt">{rung.notFelt}</Fact>
        <Fact name="Way out">{rung.wayOut}</Fact>
        <Fact name="Relief">{rung.relief}</Fact>
      </dl>
    </details>
  );
}

function FaultPictures({ rung }: { rung: string }) {
  const faults = useFaults(rung);
  return (
    faults.length > 0 && (
      <div className="grid grid-cols-2 gap-2 bg-paper">
        {faults.map((fault) => (
          <FaultPicture key={fault.kind} fault={fault} />
        ))}
      </div>
    )
  );
}

/** What has to be seen before the next rung. */
function GateList({
  person,
  standsHere,
  stand,
}: {
  person: string;
  standsHere: boolean;
  stand: BoardLadder['stands'][number] | undefined;
}) {
  return (
    <>
      {standsHere && stand && (
        <div className="border-t border-hairline pt-3">
          {stand.mark.words !== '' && <LeavingMark key={stand.rung} person={person} rung={stand.rung} mark={stand.mark} />}
          <p className="mb-1.5">
            <strong>Gate</strong>{' '}
            <span className="font-mono text-fern">
              {stand.gate.cleanSessions} of {stand.gate.sessionsNeeded}
            </span>{' '}
            clean sessions
          </p>
          <ul className="grid gap-1">
            {stand.gate.conditions.map((condition, index) => (
              <li key={index} className="flex gap-2">
                <span
                  aria-hidden="true"
                  className={cx(
                    'font-bold',
                    condition.met === true ? 'text-fern' : condition.met === false ? 'text-ochre' : 'text-ink3',
                  )}
                >
                  {condition.met === true ? '✓' : condition.met === false ? '◔' : '–'}
                </span>
                <Why title="Gate" reasons={condition.reason}>
                  {condition.reason.sentence}
                </Why>
              </li>
            ))}
          </ul>
        </div>
      )}
    </>
  );
}

/** What the trainer allowed in spite of a limit or missing kit, and the way back. */
function Allowed({ person, rung, allowed }: { person: string; rung: BoardRung; allowed: Schemas['AllowanceView'] | undefined }) {
  const refresh = useRefresh();
  if (!allowed) return null;
  const takeBack = async () => {
    const { error } = await http.DELETE('/api/people/{person}/allowances/{allowance}', {
      params: { path: { person, allowance: allowed.id } },
    });
    if (error) toast(sentenceOf(error));
    await refresh();
  };
  return (
    <div className="grid gap-1 border-l-4 border-ochre bg-paper p-3">
      <p>
        <strong>Allowed</strong> on {longDay(allowed.allowedOn)}, in spite of what rules it out: “{allowed.reason}”.
      </p>
      <Button look="quiet" className="min-h-6 justify-self-start py-0 text-sm" onClick={() => void takeBack()}>
        take it back: rule “{rung.shortName}” out again
      </Button>
    </div>
  );
}

/** Why a rung is closed, and what fits in its place. */
function ClosedBecause({ person, rung, onGo }: { person: string; rung: BoardRung; onGo: (slug: string) => void }) {
  return (
    <>
      {rung.reasons.length > 0 && (
        <div data-closed tabIndex={-1} className="grid gap-2 border-l-4 border-ochre bg-paper p-3">
          {rung.reasons.map((reason, index) => (
            <Why key={index} title={rung.putAway ? 'Put away' : 'Ruled out'} reasons={reason} className="font-semibold">
              {reason.sentence}
            </Why>
          ))}
          {rung.mayBeAllowed && <AllowRung key={rung.slug} person={person} rung={rung} reasons={rung.reasons} />}
          {!rung.putAway && <Instead person={person} rung={rung.slug} onGo={onGo} />}
        </div>
      )}
    </>
  );
}

/** What fits in the place of a rung; asked for when somebody looks at it. */
function Instead({ person, rung, onGo }: { person: string; rung: string; onGo: (slug: string) => void }) {
  const [ladder = '', name = ''] = rung.split('/');
  const { data } = api.useQuery('get', '/api/people/{person}/instead/{ladder}/{rung}', {
    params: { path: { person, ladder, rung: name } },
  });
  if (!data) return null;
  if (data.substitutes.length === 0) return <p>No open rung fits in its place: the demand stays open.</p>;
  return (
    <>
      <p className="text-sm text-ink2">Nearest that fit:</p>
      {data.substitutes.map((one) => (
        <div key={one.slug} className="grid gap-0.5 border-t border-hairline pt-1.5">
          <button
            type="button"
            className="min-h-6 text-left font-semibold underline underline-offset-4"
            onClick={() => onGo(one.slug)}
          >
            {one.name}
          </button>
          <Why title="Instead" reasons={one.reason} className="text-sm text-ink2">
            {one.lost}
          </Why>
        </div>
      ))}
    </>
  );
}
