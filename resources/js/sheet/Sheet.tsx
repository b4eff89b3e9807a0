import { useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { api, http, sentenceOf, type Schemas } from '@/api/client';
import { Closed } from '@/frame/Closed';
import { useShortcuts } from '@/frame/keys';
import { LeftOut } from '@/frame/LeftOut';
import { NoSession } from '@/frame/NoSession';
import { onward } from '@/frame/onward';
import { OwnPage } from '@/frame/OwnPage';
import { codePath, QrCode } from '@/frame/QrCode';
import { usePerson } from '@/frame/usePerson';
import { useSession } from '@/frame/useSession';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { Loading } from '@/ui/Loading';
import { OneOf } from '@/ui/OneOf';
import { Exercises, type Layout } from './Exercises';

const layouts: Record<Layout, string> = { whole: 'Whole', page: 'One page', cards: 'Cards' };
const isLayout = (text: string | null): text is Layout => text !== null && text in layouts;

/** What the person gets: doses in plain words, cues, the easier version, cautions; made for paper. */
export function Sheet() {
  const person = usePerson();
  if (!person.standing.open) return <Closed person={person} />;
  return <OpenSheet person={person.id} />;
}

function OpenSheet({ person }: { person: string }) {
  const { list, session } = useSession(person);
  const sheet = api.useQuery(
    'get',
    '/api/people/{person}/sessions/{session}/sheet',
    { params: { path: { person, session: session ?? '' } } },
    { enabled: session !== null },
  );
  const me = api.useQuery('get', '/api/me');
  const [search] = useSearchParams();
  const asked = search.get('layout');
  const layout = isLayout(asked) ? asked : 'whole';
  const [address, setAddress] = useState<string | null>(null);
  if (list.data && session === null) return <NoSession person={person} />;
  if (!sheet.data)
    return (
      <Loading
        what="Writing the sheet"
        error={sheet.error ?? list.error}
        again={() => void sheet.refetch()}
        onward={onward(person, session, sheet.error)}
      />
    );
  const data = sheet.data;

  return (
    <main className="relative min-w-0 flex-1 overflow-y-auto p-6 max-sm:p-3 print:overflow-visible print:p-0">
      <Tools person={person} session={session ?? ''} layout={layout} address={address} onAddress={setAddress} />
      <article
        className={cx(
          layout === 'page' && 'print:[zoom:0.82]',
          'max-w-3xl rounded-lg border border-hairline bg-paper p-8 max-sm:p-4 print:max-w-none print:border-0 print:bg-white print:p-0 print:text-black',
        )}
      >
        <Head data={data} practice={me.data?.practice ?? ''} address={address} />
        {data.picksText && <p className="mt-3 text-lg font-semibold">{data.picksText}</p>}
        {data.circuits.map((circuit) => (
          <p key={circuit} className="mt-3 font-semibold">
            {circuit}
          </p>
        ))}
        <div className="mt-3 print:hidden">
          <LeftOut leftOut={data.leftOut} />
        </div>
        <Exercises sheet={data} layout={layout} />
        <footer className="mt-4 grid [break-inside:avoid] gap-1.5">
          {data.cautions.map((caution) => (
            <p key={caution} className="border-l-4 border-ochre pl-3">
              {caution}
            </p>
          ))}
          <p>{data.stop}</p>
        </footer>
      </article>
    </main>
  );
}

function Head({ data, practice, address }: { data: Schemas['SheetView']; practice: string; address: string | null }) {
  return (
    <header className="flex flex-wrap items-end justify-between gap-x-6 gap-y-1 border-b-2 border-ink pb-3">
      <div>
        <h1 className="text-3xl">{data.title}</h1>
        <p className="text-lg">{data.person}</p>
      </div>
      <p className="ml-auto text-right text-ink2">
        {practice}
        <br />
        {data.date} · <span className="font-mono">{data.totalText}</span> · {data.daysText}
      </p>
      {address && (
        <div className="flex w-full items-center gap-4">
          <QrCode text={address} />
          <p className="text-sm">
            On your phone:
            <br />
            <span className="font-mono break-all">{address}</span>
          </p>
        </div>
      )}
    </header>
  );
}

/** How it lies on paper, whether a link is printed along, and where it goes from here. */
function Tools({
  person,
  session,
  layout,
  address,
  onAddress,
}: {
  person: string;
  session: string;
  layout: Layout;
  address: string | null;
  onAddress: (address: string | null) => void;
}) {
  const [, setSearch] = useSearchParams();
  const navigate = useNavigate();
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const choose = (next: Layout) =>
    setSearch(
      (before) => {
        before.set('layout', next);
        return before;
      },
      { replace: true },
    );
  const withLink = async () => {
    setBusy(true);
    const { data, error } = await http.POST('/api/people/{person}/home-links', { params: { path: { person } } });
    setBusy(false);
    setProblem(error ? sentenceOf(error) : null);
    if (data) onAddress(data.address);
  };
  const pdf = async () => {
    setBusy(true);
    const { data, error } = await http.POST('/api/people/{person}/sessions/{session}/sheet/pdf', {
      params: { path: { person, session } },
      body: { layout, address, code: address === null ? null : codePath(address) },
      parseAs: 'blob',
    });
    setBusy(false);
    setProblem(error ? sentenceOf(error) : null);
    if (!(data instanceof Blob)) return;
    const link = document.createElement('a');
    link.href = URL.createObjectURL(data);
    link.download = `sheet-${layout}.pdf`;
    link.click();
    URL.revokeObjectURL(link.href);
  };
  useShortcuts([
    { key: 'p', label: 'print', run: () => window.print() },
    { key: 'd', label: 'save as PDF', run: () => void pdf() },
    ...(Object.keys(layouts) as Layout[]).map((one, index) => ({
      key: String(index + 1),
      label: layouts[one].toLowerCase(),
      run: () => choose(one),
    })),
  ]);
  return (
    <div className="mb-4 grid gap-3 print:hidden">
      <div className="flex flex-wrap gap-3">
        <OneOf legend="On paper" options={layouts} value={layout} onChange={choose} />
        <Button hotkey="P" onClick={() => window.print()}>
          Print
        </Button>
        <Button hotkey="D" disabled={busy} onClick={() => void pdf()}>
          PDF
        </Button>
        {address === null ? (
          <Button disabled={busy} onClick={() => void withLink()}>
            Put a link on it
          </Button>
        ) : (
          <Button look="quiet" onClick={() => onAddress(null)}>
            without the link
          </Button>
        )}
        <OwnPage />
        <Button look="next" onClick={() => void navigate(`/people/${person}/coach?s=${session}`)}>
          Coach it
        </Button>
      </div>
      {problem && (
        <p role="alert" className="font-semibold text-rowan">
          {problem}
        </p>
      )}
    </div>
  );
}
