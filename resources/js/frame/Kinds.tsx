import type { Schemas } from '@/api/client';
import { Why } from './reason';

/** The kinds of work beside what the aim asks for, and why one of them cannot be planned. */
export function Kinds({ mix }: { mix: Schemas['KindMixView'] }) {
  return (
    <div className="grid gap-1 text-sm text-ink2">
      <p>
        <Why title="Kinds of work" reasons={mix.reason}>
          Kinds of work, by sets
        </Why>
      </p>
      <dl className="grid grid-cols-[1fr_auto] gap-x-3">
        {mix.kinds.map(({ label, share, target }) => (
          <div key={label} className="contents">
            <dt>{label}</dt>
            <dd className="text-right font-mono text-ink">
              {share} % <span className="text-ink3">of {target}</span>
            </dd>
          </div>
        ))}
      </dl>
      {mix.whyNot.map((reason, index) => (
        <Why key={index} title="Kinds of work" reasons={reason} className="text-ochre">
          ◇ {reason.sentence}
        </Why>
      ))}
    </div>
  );
}
