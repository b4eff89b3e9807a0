import { cleanup, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { describe, expect, it, vi } from 'vitest';
import type { Schemas } from '@/api/client';
import { PendingCard, type Decide } from './PendingCard';

const because = (sentence: string): Schemas['ReasonView'] => ({
  rule: 'dose.next',
  source: 'Common practice.',
  sentence,
  inputs: [],
  wouldChange: null,
});

const pending: Schemas['PendingView'] = {
  log: 'l1',
  ladder: 'press-out',
  ladderName: 'Press-out ladder',
  side: 'both',
  rung: 'press-out/standing',
  rungName: 'Press-out, standing',
  rungHeight: '4.0',
  dose: '2 × 10 each side',
  doneOn: '2026-06-08',
  proposed: 'climb',
  to: 'press-out/split-stance',
  toName: 'Press-out, split stance',
  toHeight: '4.2',
  news: null,
  reasons: [
    {
      rule: 'gate.sessions',
      source: 'Common practice.',
      sentence: 'The gate is open.',
      inputs: [],
      wouldChange: null,
    },
  ],
  gate: { open: true, progressPercent: 100, cleanSessions: 2, sessionsNeeded: 2, conditions: [] },
  evidence: [
    {
      set: 1,
      done: '12 / 12',
      faults: [],
      felt: '',
      pain: null,
      painSide: null,
      painPlace: '',
      painKept: false,
      effort: 8,
      painActs: false,
      tooHard: true,
    },
  ],
  besides: [],
  morningPain: null,
  up: 'press-out/split-stance',
  down: 'press-out/standing-short',
  otherWay: null,
  outcomes: [
    { choice: 'climb', rungName: 'Press-out, split stance', dose: '2 × 5 each side', reason: because('half its leaving mark') },
    { choice: 'stay', rungName: null, dose: '2 × 12 each side', reason: because('the same dose again') },
    { choice: 'step-down', rungName: 'Press-out, short', dose: '2 × 8 each side', reason: because('clean here before') },
  ],
};

function open(change: Partial<typeof pending> = {}) {
  const onDecide = vi.fn<Decide>(() => Promise.resolve(true));
  render(<PendingCard person="p" pending={{ ...pending, ...change }} first onDecide={onDecide} />);
  return onDecide;
}

describe('a decision that waits', () => {
  it('says what the next session has, also of a choice that is weighed', () => {
    open();
    expect(screen.getByText('next time', { exact: false })).toHaveTextContent('next time 2 × 5 each side');
    fireEvent.click(screen.getByRole('button', { name: 'Step down' }));
    expect(screen.getAllByText('next time', { exact: false })[1]).toHaveTextContent(
      'next time “Press-out, short”, 2 × 8 each side',
    );
    fireEvent.click(screen.getByRole('button', { name: 'Stop this ladder' }));
    expect(screen.getAllByText('next time', { exact: false })).toHaveLength(1);
  });

  it('offers the choice nearest to the proposal first, and after pain a climb last', () => {
    const others = (proposed: (typeof pending)['proposed']) => {
      open({ proposed });
      const choices = within(screen.getByRole('group', { name: 'Decide otherwise' })).getAllByRole('button');
      cleanup();
      return choices.map(({ textContent }) => textContent);
    };
    expect(others('stop-ladder')).toEqual(['Stop and refer', 'Step down', 'Stay', 'Climb']);
    expect(others('step-down')).toEqual(['Stop this ladder', 'Stay', 'Stop and refer', 'Climb']);
    expect(others('stay')).toEqual(['Climb', 'Step down', 'Stop this ladder', 'Stop and refer']);
  });

  it('takes no keyboard by itself, and is confirmed in one press', async () => {
    const onDecide = open();
    expect(document.body).toHaveFocus();
    fireEvent.click(screen.getByRole('button', { name: /Confirm: climb/ }));
    await waitFor(() => expect(onDecide).toHaveBeenCalledWith(expect.objectContaining({ log: 'l1' }), 'climb', ''));
  });

  it('leads to the rung of another ladder where nothing lower of its own is open', () => {
    const sentence = 'Press-out, seated, of another ladder trains the same demand: this ladder can wait.';
    const otherWay = { rung: 'press-out/seated', rungName: 'Press-out, seated', reason: because(sentence) };
    render(
      <MemoryRouter>
        <PendingCard
          person="p"
          pending={{ ...pending, proposed: 'step-down', to: null, otherWay }}
          first
          onDecide={vi.fn<Decide>()}
        />
      </MemoryRouter>,
    );
    expect(screen.getByText(sentence)).toBeInTheDocument();
    expect(screen.getByRole('link', { name: 'See it on the board' })).toHaveAttribute(
      'href',
      '/people/p/board?rung=press-out%2Fseated',
    );
  });

  it('is confirmed by Enter while it is in focus, and not by a key that is held down', async () => {
    const onDecide = open();
    const card = screen.getByRole('listitem', { name: /^Climb, / });
    fireEvent.keyDown(card, { key: 'Enter', repeat: true });
    expect(onDecide).not.toHaveBeenCalled();
    fireEvent.keyDown(card, { key: 'Enter' });
    await waitFor(() => expect(onDecide).toHaveBeenCalledOnce());
  });

  it('asks why before it decides otherwise', async () => {
    const onDecide = open();
    fireEvent.click(screen.getByRole('button', { name: 'Stay' }));
    const instead = screen.getByRole('button', { name: 'Stay instead' });
    expect(instead).toBeDisabled();
    fireEvent.change(screen.getByLabelText(/Why/), { target: { value: ' tired today ' } });
    fireEvent.click(instead);
    await waitFor(() => expect(onDecide).toHaveBeenCalledWith(expect.anything(), 'stay', 'tired today'));
  });

  it('says where it was felt beside the form', () => {
    open({ evidence: [{ ...pending.evidence[0]!, felt: 'felt in the low back' }] });
    expect(screen.getByText('felt in the low back')).toBeInTheDocument();
  });

  it('tells what is missing as not told, never as zero', () => {
    open();
    expect(screen.getByText('not told')).toBeInTheDocument();
    expect(screen.getByText('12 / 12')).toBeInTheDocument();
  });

  it('offers no climb where there is no open rung above', () => {
    open({ proposed: 'stay', up: null });
    expect(screen.queryByRole('button', { name: 'Climb' })).not.toBeInTheDocument();
  });
});
