import { keepPreviousData } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '@/api/client';
import { useSettled } from '@/frame/useSettled';
import { cx } from '@/ui/cx';

export interface Picked {
  id: string;
  name: string;
}

/** Typing is waited for so long before the list is asked for anew. */
const PAUSE_MS = 150;

/** People of the practice, to be pressed into a squad and out of it. */
export function PickPeople({ picked, most, onChange }: { picked: Picked[]; most: number; onChange: (picked: Picked[]) => void }) {
  const [text, setText] = useState('');
  const q = useSettled(text.trim(), PAUSE_MS);
  const people = api.useQuery(
    'get',
    '/api/people',
    { params: { query: { ...(q && { q }) } } },
    { placeholderData: keepPreviousData },
  );
  const isIn = (id: string) => picked.some((one) => one.id === id);
  const lines = people.data?.people ?? [];
  return (
    <div className="grid gap-3">
      {picked.length > 0 && (
        <ol aria-label="In line" className="flex flex-wrap gap-1.5">
          {picked.map(({ id, name }, at) => (
            <li key={id}>
              <button
                type="button"
                aria-label={`Take ${name} out`}
                onClick={() => onChange(picked.filter((one) => one.id !== id))}
                className="min-h-9 rounded-md border border-ink bg-ink px-2.5 text-ground"
              >
                <span className="font-mono">{at + 1}</span> {name} <span aria-hidden="true">×</span>
              </button>
            </li>
          ))}
        </ol>
      )}
      <input
        type="search"
        aria-label="Find by name, work, hobby or aim"
        placeholder="Name, work, hobby or aim"
        value={text}
        onChange={(event) => setText(event.target.value)}
        className="field"
      />
      <ul aria-label="People" className="grid max-h-[42vh] gap-1 overflow-y-auto">
        {lines.map((line) => (
          <li key={line.id}>
            <button
              type="button"
              aria-pressed={isIn(line.id)}
              disabled={!isIn(line.id) && picked.length >= most}
              onClick={() =>
                onChange(
                  isIn(line.id) ? picked.filter(({ id }) => id !== line.id) : [...picked, { id: line.id, name: line.name }],
                )
              }
              className={cx(
                'flex min-h-11 w-full flex-wrap items-center gap-x-3 rounded-md border px-3 text-left',
                isIn(line.id) ? 'border-ink bg-paper font-semibold' : 'border-hairline bg-sheet hover:border-ink',
              )}
            >
              <span>{line.name}</span>
              <span className="text-sm text-ink2">{line.about}</span>
              {isIn(line.id) && <span className="ml-auto font-mono text-sm">in</span>}
            </button>
          </li>
        ))}
      </ul>
      {people.data && lines.length === 0 && (
        <p>{text === '' ? 'Nobody is taken in yet: add people first.' : `Nobody found by “${text}”.`}</p>
      )}
      {people.data?.next && <p className="text-sm text-ink3">More people than are shown: type a part of the name.</p>}
      {picked.length >= most && <p className="text-sm text-ink2">At most {most} people train in one squad.</p>}
    </div>
  );
}
