import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';

interface Version {
  title: string;
  lines: string[];
}

/** The same session changed in two places: both versions side by side, and nothing overwritten. */
export function ConflictDialog({
  mine,
  theirs,
  onMine,
  onTheirs,
}: {
  mine: Version;
  theirs: Version | null;
  onMine: () => void;
  onTheirs: () => void;
}) {
  return (
    <Dialog open={theirs !== null} onClose={() => undefined} title="Changed somewhere else in the meantime">
      <p>Nothing was overwritten. Look at both and decide:</p>
      <div className="grid grid-cols-2 gap-4">
        {[
          { head: 'Yours', version: mine, other: theirs },
          { head: 'Saved meanwhile', version: theirs, other: mine },
        ].map(({ head, version, other }) => (
          <div key={head}>
            <h3>{head}</h3>
            <p className="font-semibold">{version?.title}</p>
            <ul className="text-sm">
              {version?.lines.map((line, index) => (
                <li key={index} className={other?.lines.includes(line) ? undefined : 'font-semibold text-rowan'}>
                  {line}
                </li>
              ))}
            </ul>
          </div>
        ))}
      </div>
      <div className="flex gap-3">
        <Button onClick={onMine}>Save mine over it</Button>
        <Button onClick={onTheirs}>Take theirs</Button>
      </div>
    </Dialog>
  );
}
