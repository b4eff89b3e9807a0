import { Why } from '@/frame/reason';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { day } from '@/ui/day';
import type { Schemas } from '@/api/client';

type Rung = Schemas['RungView'];
type Side = 'both' | 'left' | 'right';

/** The rung in focus against the one the person stands on: why it is harder, cues, gate, loads, and the placing. */
export function RungPane({
  demand,
  ladder,
  rung,
  onPlace,
  onGo,
}: {
  demand: string;
  ladder: Schemas['LadderView'];
  rung: Rung;
  onPlace: (side: Side) => void;
  onGo: (slug: string) => void;
}) {
  const stand = ladder.stands.find((other) => other.rung === rung.slug) ?? ladder.stands[0];
  const standsHere = ladder.stands.some((other) => other.rung === rung.slug);
  const working = ladder.rungs.find((other) => other.slug === stand?.rung);
  const open = { both: rung.openLeft && rung.openRight, left: rung.openLeft, right: rung.openRight };
  const anyOpen = open.left || open.right;
  const loads = Object.entries(rung.loads as Record<string, number>);

  return (
    <div className="flex flex-col gap-4 max-lg:pb-36 lg:min-h-full">
      <div>
        <p className="text-sm text-ink2">
          {demand} · {ladder.name.toLowerCase()}
        </p>
        <h2 className="mt-1 text-xl">
          {rung.name} <span className="font-mono text-base font-normal">{rung.heightText}</span>
        </h2>
        <p className="text-sm text-ink2">
          {rung.position} · {rung.dynamic ? 'dynamic' : 'static'} ·{' '}
          {rung.sidedness === 'both' ? 'both sides at once' : rung.sidedness}
          {rung.kit.length > 0 && ` · ${rung.kit.join(', ')}`}
        </p>
      </div>

      {rung.ruledOut.length > 0 && (
        <div className="grid gap-2 border-l-4 border-ochre bg-paper p-3">
          {rung.ruledOut.map((reason, index) => (
            <Why key={index} title="Ruled out" reasons={reason} className="font-semibold">
              {reason.sentence}
            </Why>
          ))}
          {rung.substitute ? (
            <>
              <Why title="Instead" reasons={rung.substitute.reason}>
                {rung.substitute.reason.sentence}
              </Why>
              <div>
                <Button onClick={() => onGo(rung.substitute?.slug ?? '')}>Go to “{rung.substitute.name}”</Button>
              </div>
            </>
          ) : (
            !anyOpen && <p>No open rung fits in its place: the demand stays open.</p>
          )}
        </div>
      )}

      {rung.leverText && (
        <p>
          <strong>What makes it harder.</strong> {rung.lever}: {rung.leverText.charAt(0).toLowerCase() + rung.leverText.slice(1)}
        </p>
      )}
      {working && working.slug !== rung.slug && (
        <p className="text-sm text-ink2">
          {rung.height === working.height ? 'As high as' : rung.height > working.height ? 'Above' : 'Below'} the working rung “
          {working.shortName}” ({working.heightText}).
        </p>
      )}
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
      {rung.faults.map((fault) => (
        <p key={fault.seen} className="text-sm">
          <strong>Fault:</strong> {fault.seen} <strong>Fix:</strong> {fault.fix}
        </p>
      ))}
      <p className="text-sm">
        <strong>Easier now:</strong> {rung.fallback}
      </p>
      <p className="text-sm text-ink2">
        Default dose <span className="font-mono text-ink">{rung.dose}</span>
        {loads.length > 0 && (
          <>
            <br />
            Loads:{' '}
            {loads.map(([tag, value], index) => (
              <span key={tag}>
                {index > 0 && ' · '}
                {tag.replace('-', ' ')} <strong className="font-mono">{value}</strong>
              </span>
            ))}
          </>
        )}
      </p>

      {standsHere && stand && (
        <div className="border-t border-hairline pt-3">
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

      <div className="sticky -bottom-5 -mx-5 mt-auto -mb-5 grid gap-2 border-t border-hairline bg-sheet px-5 pt-3 pb-4 max-lg:fixed max-lg:inset-x-0 max-lg:bottom-0 max-lg:z-20 max-lg:m-0">
        {stand?.stopped && (
          <p className="font-semibold">
            This ladder was stopped{stand.reason && `: ${stand.reason}`}. Placing reopens it and asks for a reason.
          </p>
        )}
        {standsHere && ladder.stands.length === 1 && !stand?.stopped ? (
          <p className="text-ink2">Stands here since {day(stand?.placedOn ?? '')}.</p>
        ) : (
          <Button look="next" hotkey="Enter" disabled={!open.both} onClick={() => onPlace('both')}>
            Place on “{rung.shortName}”
          </Button>
        )}
        {rung.sidedness !== 'both' && (
          <div className="grid grid-cols-2 gap-2">
            <Button hotkey="L" className="justify-between" disabled={!open.left} onClick={() => onPlace('left')}>
              Left
            </Button>
            <Button hotkey="R" className="justify-between" disabled={!open.right} onClick={() => onPlace('right')}>
              Right
            </Button>
          </div>
        )}
      </div>
    </div>
  );
}
