import type { Schemas } from '@/api/client';
import type { BoardRung } from '@/frame/boardModel';
import { Pane } from '@/frame/Pane';
import { Loading } from '@/ui/Loading';
import { PathPane } from './PathPane';
import { RungPane } from './RungPane';
import type { OnBoard, Side, usePlacing } from './usePlacing';
import type { useReplay } from './useReplay';

/** Beside the rails: the rung in focus, or the path while it is looked at. */
export function BoardPane({
  replay,
  placing,
  told,
  person,
  board,
  place,
  go,
}: {
  replay: ReturnType<typeof useReplay>;
  placing: ReturnType<typeof usePlacing>;
  /** The rung it tells of: for a moment still the one before, so what is pressed here is about this one. */
  told: { rung: BoardRung; active: OnBoard } | null;
  person: Schemas['PersonView'];
  board: Schemas['BoardView'];
  place: (rung: string, side: Side, range: string | null) => void;
  go: (slug: string) => void;
}) {
  // By itself: what is told of a rung stays as it is drawn while the keys go on.
  const ofRung = told && (
    <RungPane
      person={person.id}
      setUp={board.setUps.find((one) => one.rung === told.rung.slug)}
      demand={told.active.demand.shortName}
      ladder={told.active.ladder}
      rung={told.rung}
      onPlace={(side, range) => place(told.rung.slug, side, range)}
      onGo={go}
    />
  );

  return (
    <Pane walked label={replay.on ? 'Path' : 'The rung in focus'}>
      {replay.on ? (
        replay.moves ? (
          <PathPane
            moves={replay.moves}
            at={replay.at}
            playing={replay.playing}
            more={replay.more}
            reading={replay.reading}
            onGo={replay.go}
            onPlay={replay.play}
            onClose={replay.close}
          />
        ) : (
          <Loading what="Reading the path" error={replay.error} again={replay.again} />
        )
      ) : (
        <>
          {placing.problem && (
            <p role="alert" className="mb-3 font-semibold text-rowan">
              {placing.problem}
            </p>
          )}
          {ofRung}
        </>
      )}
    </Pane>
  );
}
