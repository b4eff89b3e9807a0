import type { ReactNode } from 'react';
import type { Schemas } from '@/api/client';
import { Kinds } from '@/frame/Kinds';
import { Why, WhyAsked } from '@/frame/reason';
import { clock } from '@/ui/day';
import { useSum } from './sums';

/** Where the work falls: shares against the aim, and the mix of sides, front and back, still and moving. */
export function BalancePane({ preview, aim }: { preview: Schemas['PreviewView']; aim: string }) {
  return (
    <section className="grid gap-2">
      <p className="text-sm text-ink2">Where the work falls</p>
      <h2 className="text-xl">
        <Why title="Shares of work" reasons={preview.sharesReason}>
          {(preview.agreement / 10).toFixed(0)} % in line with the aim
        </Why>
      </h2>
      <p className="text-sm text-ink2">{aim}</p>
      <dl className="grid gap-1.5">
        {preview.shares.map((share) => (
          <div key={share.demand} className="grid grid-cols-[6.8rem_1fr_2.8rem] items-center gap-2 text-sm">
            <dt className="first-letter:uppercase">{share.shortName}</dt>
            <dd className="relative h-3 rounded-sm bg-rung">
              <span
                className="absolute inset-y-0 left-0 rounded-sm bg-ink"
                style={{ width: `${Math.min(100, share.share / 5)}%` }}
              />
              <span
                title={`aim ${(share.target / 10).toFixed(0)} %`}
                className="absolute -inset-y-0.5 w-0.5 bg-rowan"
                style={{ left: `${Math.min(100, share.target / 5)}%` }}
              />
            </dd>
            <dd className="text-right">
              <Share demand={share.demand} name={share.shortName}>
                {(share.share / 10).toFixed(0)} %
              </Share>
            </dd>
          </div>
        ))}
      </dl>
      <p className="text-sm text-ink3">Red mark: the share the aim asks for. Bars end at 50 %.</p>
      <p className="text-sm text-ink2">
        {preview.mix
          .filter((mix) => mix.percent !== null)
          .map((mix) => (
            <span
              key={mix.first}
              title={`${mix.first} ${clock(mix.firstSeconds)}, ${mix.second} ${clock(mix.secondSeconds)} of work`}
              className="mr-3 inline-block"
            >
              {mix.first} : {mix.second}{' '}
              <span className="font-mono text-ink">
                {mix.percent} : {100 - (mix.percent ?? 0)}
              </span>
            </span>
          ))}
      </p>
      <Qualities qualities={preview.qualities} />
      {preview.kinds && <Kinds mix={preview.kinds} />}
    </section>
  );
}

/** What the doses train, from the doses. */
function Qualities({ qualities }: { qualities: Schemas['PreviewView']['qualities'] }) {
  if (qualities.length === 0) return null;
  return (
    <p className="text-sm text-ink2">
      It trains{' '}
      {qualities.map(({ quality, meaning, percent }, index) => (
        <span key={quality} title={meaning}>
          {index > 0 && ' · '}
          {quality} <span className="font-mono text-ink">{percent} %</span>
        </span>
      ))}{' '}
      of the work
    </p>
  );
}

function Share({ demand, name, children }: { demand: string; name: string; children: ReactNode }) {
  return (
    <WhyAsked title={`Share of ${name}`} ask={useSum(demand)} className="font-mono font-bold">
      {children}
    </WhyAsked>
  );
}
