import type { Schemas } from '@/api/client';
import type { AtHand } from './atHand';
import { LeaveLoaded } from './LeaveLoaded';
import { PainBefore } from '@/frame/PainBefore';

/** Before the first set: pain that is there already, and what it leaves out. */
export function AtTheStart({
  person,
  sheet,
  training: { opened, told, say, change },
}: {
  person: string;
  sheet: Schemas['CueSheetView'];
  training: Pick<AtHand, 'opened' | 'told' | 'say' | 'change'>;
}) {
  return (
    <>
      <PainBefore places={sheet.painPlaces} told={told.before} onTell={(before) => void say({ kind: 'before', before })} />
      <LeaveLoaded
        person={person}
        sheet={sheet}
        before={told.before}
        left={opened.training.left ?? []}
        onLeave={(left) => void change({ left }, { isDone: false })}
      />
    </>
  );
}
