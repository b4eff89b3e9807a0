import type { CSSProperties } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '@/api/client';
import type { Library } from '@/frame/useLibrary';
import { cx } from '@/ui/cx';
import { DemandGlyph } from '@/ui/DemandGlyph';
import { STATIONS } from './limits';
import type { Chosen, Squad, SquadView } from './useSquad';
import { plain } from './words';

type Member = Schemas['SquadMemberView'];
type Place = Schemas['SquadPlaceView'];
type Edit = (change: Partial<Squad>) => void;

/** People by stations, each place their own rung; on a narrow screen each person with their stations below. */
export function SquadTable({
  view,
  squad,
  library,
  chosen,
  onChoose,
  onChange,
}: {
  view: SquadView;
  squad: Squad;
  library: Library;
  chosen: Chosen;
  onChoose: (chosen: Chosen) => void;
  onChange: Edit;
}) {
  const last = squad.stations.length - 1;
  return (
    // A station is never narrower than its name.
    <div className="md:overflow-x-auto">
      <table
        style={{ '--table': `${10 + 8 * squad.stations.length}rem` } as CSSProperties}
        className="w-full border-separate border-spacing-0 max-md:block md:min-w-(--table)"
      >
        <caption className="sr-only">People by stations</caption>
        <thead className="max-md:mb-3 max-md:block">
          <tr className="align-top max-md:grid max-md:gap-2">
            <th scope="col" className="w-40 p-2 text-left text-sm font-normal text-ink2 max-md:hidden">
              begins at
            </th>
            {view.stations.map((station, at) => (
              <th key={station.ladder} scope="col" className="p-0.5 text-left font-normal">
                <StationHead
                  at={at}
                  station={station}
                  squad={squad}
                  library={library}
                  isFirst={at === 0}
                  isLast={at === last}
                  onChange={onChange}
                />
              </th>
            ))}
          </tr>
        </thead>
        <tbody className="max-md:grid max-md:gap-3">
          {view.members.map((member, number) => (
            <Row
              key={member.person}
              member={member}
              number={number}
              view={view}
              squad={squad}
              chosen={chosen}
              onChoose={onChoose}
              onChange={onChange}
            />
          ))}
        </tbody>
        <tfoot className="max-md:block">
          <tr className="max-md:block">
            <td colSpan={view.stations.length + 1} className="pt-2 max-md:block">
              <AddStation squad={squad} library={library} onChange={onChange} />
            </td>
          </tr>
        </tfoot>
      </table>
    </div>
  );
}

/** A station: its ladder, what has to lie there, and its place among the others. */
function StationHead({
  at,
  station,
  squad,
  library,
  isFirst,
  isLast,
  onChange,
}: {
  at: number;
  station: Schemas['SquadStationView'];
  squad: Squad;
  library: Library;
  isFirst: boolean;
  isLast: boolean;
  onChange: Edit;
}) {
  const { stations } = squad;
  const swap = (to: number) => onChange({ stations: stations.with(at, stations[to] ?? '').with(to, stations[at] ?? '') });
  const name = `Station ${at + 1}`;
  const key = 'min-h-7 min-w-7 rounded-md text-ink2 hover:bg-paper disabled:opacity-30 max-md:min-h-11 max-md:min-w-11';
  return (
    <div className="grid grid-cols-[1fr_auto] items-center gap-1 rounded-md border border-hairline bg-sheet p-1.5 max-md:grid-cols-[auto_1fr_auto]">
      <div className="flex items-center gap-1.5">
        <span className="font-mono text-2xl leading-none font-bold">{at + 1}</span>
      </div>
      <div className="-mr-1 flex max-md:order-2">
        <button type="button" className={key} disabled={isFirst} aria-label={`${name} earlier`} onClick={() => swap(at - 1)}>
          ←
        </button>
        <button type="button" className={key} disabled={isLast} aria-label={`${name} later`} onClick={() => swap(at + 1)}>
          →
        </button>
        <button
          type="button"
          className={key}
          disabled={stations.length <= STATIONS.least}
          aria-label={`Take ${name} out`}
          onClick={() => onChange({ stations: stations.filter((_, other) => other !== at) })}
        >
          ×
        </button>
      </div>
      <select
        aria-label={`${name}: ladder`}
        value={stations[at] ?? station.ladder}
        onChange={(event) => onChange({ stations: stations.with(at, event.target.value) })}
        className="field col-span-2 min-h-9 w-full px-1! text-sm! font-semibold max-md:order-1 max-md:col-span-1 max-md:min-h-11 max-md:text-base!"
      >
        <Ladders library={library} taken={stations.filter((_, other) => other !== at)} />
      </select>
      <p className="col-span-full min-h-8 text-sm leading-tight text-ink2 max-md:order-3 max-md:min-h-0">
        <DemandGlyph demand={station.demand} /> {station.demandName}:{' '}
        {station.kit.length === 0 ? 'nothing but the floor' : station.kit.join(', ')}
      </p>
    </div>
  );
}

function Ladders({ library, taken }: { library: Library; taken: string[] }) {
  return [...library.ladders.values()]
    .filter(({ slug }) => !taken.includes(slug))
    .map(({ slug, name }) => (
      <option key={slug} value={slug}>
        {plain(name)}
      </option>
    ));
}

function AddStation({ squad, library, onChange }: { squad: Squad; library: Library; onChange: Edit }) {
  if (squad.stations.length >= STATIONS.most) return null;
  return (
    <select
      aria-label="One more station"
      value=""
      onChange={(event) => onChange({ stations: [...squad.stations, event.target.value] })}
      className="field min-h-9 w-56! max-md:min-h-11"
    >
      <option value="">One more station …</option>
      <Ladders library={library} taken={squad.stations} />
    </select>
  );
}

function Row({
  member,
  number,
  view,
  squad,
  chosen,
  onChoose,
  onChange,
}: {
  member: Member;
  number: number;
  view: SquadView;
  squad: Squad;
  chosen: Chosen;
  onChoose: (chosen: Chosen) => void;
  onChange: Edit;
}) {
  const isHere = squad.members.find(({ person }) => person === member.person)?.here ?? member.here;
  const toggle = () =>
    onChange({
      members: squad.members.map((one) => (one.person === member.person ? { ...one, here: !isHere } : one)),
    });
  const cell = 'border-t border-hairline p-1 align-top max-md:block max-md:border-0';
  return (
    <tr className="max-md:block max-md:rounded-lg max-md:border max-md:border-hairline max-md:bg-sheet max-md:p-2">
      <th scope="row" aria-label={member.name} className={cx(cell, 'text-left font-normal')}>
        <div className="flex items-start gap-2">
          <span
            title={member.start === null ? undefined : `begins at station ${member.start + 1}`}
            className={cx(
              'grid size-8 shrink-0 place-content-center rounded-md font-mono font-bold',
              member.start === null ? 'border border-hairline text-ink3' : 'bg-ink text-ground',
            )}
          >
            {member.start === null ? '–' : member.start + 1}
          </span>
          <div className="min-w-0 flex-1">
            <Link to={`/people/${member.person}/board`} className="block leading-tight font-semibold hover:underline">
              {member.name}
            </Link>
            <label className="flex min-h-7 items-center gap-1.5 text-sm text-ink2 max-md:min-h-11">
              <input type="checkbox" className="size-4 accent-rowan" checked={isHere} onChange={toggle} /> here today
            </label>
          </div>
        </div>
      </th>
      {member.closed !== null ? (
        <td colSpan={view.stations.length} className={cell}>
          <p className="border-l-4 border-rowan bg-sheet px-3 py-2">{member.closed}</p>
        </td>
      ) : (
        member.places.map((place, station) => (
          <td key={station} className={cell}>
            <PlaceCell
              place={place}
              station={station}
              isHere={isHere}
              isChosen={chosen?.member === number && chosen.station === station}
              work={view.work}
              onChoose={() => onChoose({ member: number, station })}
            />
          </td>
        ))
      )}
    </tr>
  );
}

function PlaceCell({
  place,
  station,
  isHere,
  isChosen,
  work,
  onChoose,
}: {
  place: Place;
  station: number;
  isHere: boolean;
  isChosen: boolean;
  work: number;
  onChoose: () => void;
}) {
  const isStandIn = place.rung === null || place.notes.some(({ rule }) => rule !== 'squad.clock');
  return (
    <button
      type="button"
      aria-pressed={isChosen}
      onClick={onChoose}
      className={cx(
        'grid min-h-14 w-full content-start gap-0.5 rounded-md border px-1.5 py-1 text-left',
        isChosen ? 'border-ink bg-paper' : 'border-transparent hover:border-rung-edge',
        !isHere && 'opacity-45',
      )}
    >
      <span className="flex gap-2 leading-tight">
        <span className="font-mono text-ink3 md:hidden">{station + 1}</span>
        <span className={cx(place.rung === null && 'text-ink2')}>{place.rung === null ? 'rests here' : place.name}</span>
      </span>
      <span className="text-sm text-ink2">
        {[
          place.height,
          place.rung !== null && place.work < work && `${place.work} of ${work} s`,
          place.sides.some((side) => side === 'left' || side === 'right') && `${place.sides[0] ?? ''} only`,
        ]
          .filter(Boolean)
          .join(' · ')}
        {isStandIn && <span className="font-semibold text-ochre"> ◇ why</span>}
      </span>
    </button>
  );
}
