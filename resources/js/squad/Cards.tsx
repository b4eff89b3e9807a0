import type { Schemas } from '@/api/client';
import { RungFigure } from '@/figure/RungFigure';
import { DemandGlyph } from '@/ui/DemandGlyph';
import { plain } from './words';
import type { SquadView } from './useSquad';

/** A card for each station, to be printed and put down there: who does what. */
export function Cards({ view }: { view: SquadView }) {
  return (
    <div className="hidden print:block">
      {view.stations.map((station, at) => (
        <Card key={station.ladder} station={station} at={at} view={view} />
      ))}
    </div>
  );
}

function Card({ station, at, view }: { station: Schemas['SquadStationView']; at: number; view: SquadView }) {
  const there = view.members.flatMap(({ name, start, places }) => {
    const place = places[at];
    return start === null || !place ? [] : [{ name, place }];
  });
  return (
    <section className="break-inside-avoid break-after-page p-2 last:break-after-auto">
      <header className="mb-3 flex items-center gap-4 border-b-2 border-ink pb-2">
        <span className="font-mono text-7xl leading-none font-bold">{at + 1}</span>
        <div className="flex-1">
          <h2 className="text-3xl">
            <DemandGlyph demand={station.demand} /> {plain(station.name)}
          </h2>
          <p>
            {view.name} · {view.work} s, then {view.change} s to change, {view.rounds} ×. On to {station.next + 1}.
          </p>
          {station.kit.length > 0 && <p className="font-semibold">Lies here: {station.kit.join(', ')}</p>}
        </div>
      </header>
      <ul className="grid gap-2">
        {there.map(({ name, place }) => (
          <li
            key={name}
            className="grid break-inside-avoid grid-cols-[9rem_1fr_7rem] items-center gap-3 border-b border-hairline pb-2"
          >
            <span className="text-xl font-semibold">{name}</span>
            {place.rung === null ? (
              <span>rests here</span>
            ) : (
              <div>
                <p className="text-lg font-semibold">
                  {place.name}
                  <span className="font-normal"> · {place.words}</span>
                </p>
                {place.setUp && <p className="font-semibold">{place.setUp}</p>}
                <p className="text-sm">
                  {place.cues[0]} Easier: {place.easier}
                </p>
              </div>
            )}
            {place.rung !== null && <RungFigure rung={place.rung} label="" className="h-16 w-full" />}
          </li>
        ))}
      </ul>
    </section>
  );
}
