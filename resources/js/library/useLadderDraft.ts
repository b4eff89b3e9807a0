import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useMemo, useState } from 'react';
import { toast } from '@/ui/notice';
import { http, type Schemas } from '@/api/client';
import { useHistory } from '@/editor/history';
import { savedNow } from '@/frame/saving';
import type { Source } from './source';

type Writing = { source: Source; version: number };

/** A ladder being written: checked as it changes, kept as the practice's own version or let go again. */
export function useLadderDraft(kept: Schemas['LadderSourceView'], onSaved: (slug: string) => void) {
  const client = useQueryClient();
  const steps = useHistory<Writing | null>(null);
  const [rung, setRung] = useState<string | null>(null);
  const [check, setCheck] = useState<Schemas['LadderCheckView'] | null>(null);
  const [problems, setProblems] = useState<string[]>([]);
  // Some fields keep what is typed in them; after an undo they are set up anew.
  const [undone, setUndone] = useState(0);
  const source = steps.now?.source ?? (kept.document as Source);
  const version = steps.now?.version ?? kept.version;
  const changed = steps.now !== null;
  const asked = useMemo(() => JSON.stringify(source), [source]);

  // Checked a moment after the last key, and only the newest writing is believed.
  useEffect(() => {
    let newest = true;
    const timer = setTimeout(() => {
      void http
        .POST('/api/ladders/check', { body: { document: JSON.parse(asked) as Record<string, never>, rung } })
        .then(({ data }) => newest && data && setCheck((before) => ({ ...data, ladder: data.ladder ?? before?.ladder ?? null })));
    }, 250);
    return () => {
      newest = false;
      clearTimeout(timer);
    };
  }, [asked, rung]);

  const change = (next: Source, at = version) => {
    steps.set({ source: next, version: at });
    setProblems([]);
  };
  const undo = () => {
    setUndone(undone + 1);
    steps.undo();
  };
  const fresh = async () => {
    steps.start(null);
    await client.invalidateQueries();
  };
  const save = async () => {
    const { error } = await http.PUT('/api/ladders/{ladder}', {
      params: { path: { ladder: source.slug } },
      body: { version, document: source as unknown as Record<string, never> },
    });
    if (error) return setProblems(error.fields.document ?? [error.sentence]);
    savedNow();
    toast('The ladder is kept as your own version.');
    await fresh();
    onSaved(source.slug);
  };
  const letGo = async () => {
    const { error } = await http.DELETE('/api/ladders/{ladder}', { params: { path: { ladder: kept.slug } } });
    if (error) return setProblems(error.fields.document ?? [error.sentence]);
    const mine = source;
    const takeBack = async () => {
      const { error } = await http.PUT('/api/ladders/{ladder}', {
        params: { path: { ladder: mine.slug } },
        body: { version: 0, document: mine as unknown as Record<string, never> },
      });
      if (error) return toast(error.sentence);
      await client.invalidateQueries();
      onSaved(mine.slug);
    };
    const shipped = kept.shipped;
    toast(shipped ? 'The shipped ladder is back.' : 'The ladder is taken out.', {
      action: { label: 'Take back', onClick: () => void takeBack() },
    });
    if (!shipped) onSaved('');
    await fresh();
  };
  const read = async (text: string) => {
    const { data, error } = await http.POST('/api/ladders/read', { body: { text } });
    if (!data) return setProblems(error.fields.text ?? [error.sentence]);
    if (data.problems.length > 0 || !data.document) return setProblems(data.problems);
    const document = data.document as Source;
    setRung(null);
    if (document.slug === source.slug) return change(document);
    const known = await http.GET('/api/ladders/{ladder}', { params: { path: { ladder: document.slug } } });
    change(document, known.data?.version ?? 0);
  };

  return {
    source,
    changed,
    rung,
    setRung,
    check,
    setCheck,
    said: problems.length > 0 ? problems : changed ? (check?.problems ?? []) : [],
    setProblems,
    undone,
    canUndo: steps.canUndo,
    change,
    undo,
    fresh,
    save,
    letGo,
    read,
  };
}
