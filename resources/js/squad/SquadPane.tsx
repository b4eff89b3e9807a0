import { Link } from 'react-router';
import type { Schemas } from '@/api/client';
import { RungFigure } from '@/figure/RungFigure';
import { Pane } from '@/frame/Pane';
import { ReasonList } from '@/frame/reason';
import { Button } from '@/ui/Button';
import type { Chosen, Squad, SquadView } from './useSquad';

/** What the trainer should know: of the place that is chosen, else of the squad as a whole. */
export function SquadPane({
  view,
  chosen,
  waits,
  onTake,
}: {
  view: SquadView;
  chosen: Chosen;
  waits: boolean;
  onTake: (proposal: Partial<Squad>) => void;
}) {
  const member = chosen === null ? undefined : view.members[chosen.member];
  const place = chosen === null ? undefined : member?.places[chosen.station];
  const cautions = view.members.filter((one) => one.cautions.length > 0 && one.start !== null);
  return (
    <Pane label="Squad" walked>
      <div className="grid gap-5">
        {member && place && chosen ? (
          <AtPlace member={member} place={place} station={chosen.station} view={view} />
        ) : (
          <p className="text-ink2">Press a place of the table to see what is done there, and why.</p>
        )}
        {view.proposal && (
          <section className="grid gap-2 border-t border-hairline pt-4">
            <h2 className="text-lg">As proposed today</h2>
            <p>{view.proposal.text}</p>
            <div>
              <Button
                disabled={waits}
                onClick={() => {
                  const { stations, work, change, rounds, roundRest } = view.proposal ?? view;
                  onTake({ stations: stations as string[], work, change, rounds, roundRest });
                }}
              >
                Take it
              </Button>
            </div>
          </section>
        )}
        {view.meets.some(({ without }) => without.length > 0) && (
          <section className="grid gap-2 border-t border-hairline pt-4">
            <h2 className="text-lg">When it meets</h2>
            {view.meets.map(({ text, without }) =>
              without.length > 0 ? (
                <p key={text}>
                  {text}: not in the week of {without.join(', ')}.
                </p>
              ) : null,
            )}
          </section>
        )}
        {view.notes.length > 0 && (
          <section className="grid gap-2 border-t border-hairline pt-4">
            <h2 className="text-lg">Of the stations</h2>
            <ReasonList reasons={view.notes} />
          </section>
        )}
        {cautions.map((one) => (
          <section key={one.person} className="grid gap-2 border-t border-hairline pt-4">
            <h2 className="text-lg">
              <Link to={`/people/${one.person}/board`} className="hover:underline">
                {one.name}
              </Link>
            </h2>
            <ReasonList reasons={one.cautions} />
          </section>
        ))}
      </div>
    </Pane>
  );
}

function AtPlace({
  member,
  place,
  station,
  view,
}: {
  member: Schemas['SquadMemberView'];
  place: Schemas['SquadPlaceView'];
  station: number;
  view: SquadView;
}) {
  return (
    <section className="grid gap-3">
      <div>
        <p className="text-sm text-ink2">
          {member.name} · station {station + 1}
        </p>
        <h2 className="text-xl">{place.rung === null ? 'Rests here' : place.name}</h2>
      </div>
      {place.rung !== null && (
        <>
          <RungFigure rung={place.rung} label={place.name} className="h-32 w-full rounded-md bg-paper" />
          <p>
            <span className="font-semibold">{place.words}</span>
            {place.work < view.work && <>, then rest until the change</>}.
          </p>
          {place.setUp && <p className="font-semibold">{place.setUp}</p>}
          <p className="text-ink2">{place.cues.join(' ')}</p>
          <p className="text-ink2">Easier: {place.easier}</p>
        </>
      )}
      <ReasonList reasons={place.notes} />
      <p>
        <Link to={`/people/${member.person}/board`} className="underline underline-offset-4">
          {member.name.split(' ')[0]}’s board
        </Link>
      </p>
    </section>
  );
}
