import { fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { bodyOf, emptyPerson, fieldsOf } from './fields';
import { Places } from './Places';
import { TargetBars } from './Shares';
import { TrainingWeek } from './TrainingWeek';

describe('the intake as it is sent', () => {
  it('says nothing where nothing was told', () => {
    expect(bodyOf({ ...emptyPerson, name: 'Brida Holm' })).toMatchObject({
      birthYear: null,
      stature: null,
      mass: null,
      sex: null,
      hand: null,
      injuredSide: null,
      consentedOn: null,
      shares: null,
    });
    expect(bodyOf({ ...emptyPerson, birthYear: '1988' }).birthYear).toBe(1988);
  });

  it('asks what a limit is of which only a note was told, and leaves out one that says nothing', () => {
    const limit = { state: '' as const, side: 'both' as const, note: '', since: '', cleared: false };
    const { limits } = bodyOf({ ...emptyPerson, limits: [limit, { ...limit, note: 'hurts since the fall' }] });
    expect(limits).toMatchObject([{ state: '', note: 'hurts since the fall' }]);
  });

  it('keeps own shares, and leaves those of the aim to the aim', () => {
    const person = { ownShares: false, shares: { 'anti-extension': 20 }, limits: [], birthYear: null } as unknown as Parameters<
      typeof fieldsOf
    >[0];
    expect(fieldsOf(person).shares).toBeNull();
    expect(fieldsOf({ ...person, ownShares: true }).shares).toEqual({ 'anti-extension': 20 });
  });
});

describe('target shares', () => {
  const aims = [{ aim: 'strength' as const, shares: { 'anti-extension': 25, 'anti-rotation': 20 } }];

  it('are those of the aim until one is moved', () => {
    const onChange = vi.fn();
    render(<TargetBars aim="strength" own={null} onChange={onChange} aims={aims} />);
    fireEvent.change(screen.getByLabelText(/rotation/), { target: { value: '30' } });
    expect(onChange).toHaveBeenCalledWith({ 'anti-extension': 25, 'anti-rotation': 30 });
    expect(screen.queryByText('back to those of the aim')).toBeNull();
  });

  it('go back to those of the aim', () => {
    const onChange = vi.fn();
    render(<TargetBars aim="strength" own={{ 'anti-rotation': 40 }} onChange={onChange} aims={aims} />);
    fireEvent.click(screen.getByText('back to those of the aim'));
    expect(onChange).toHaveBeenCalledWith(null);
  });
});

describe('places and their kit', () => {
  const kit = [
    { value: 'mat', label: 'mat' },
    { value: 'band', label: 'band and anchor' },
  ];
  const places = [
    { name: 'room', kit: ['mat'], weights: '' },
    { name: 'home', kit: [], weights: '' },
    { name: 'lake', kit: [], weights: '' },
  ];

  it('keeps planning for the same place when another is taken out', () => {
    const onChange = vi.fn();
    render(<Places places={places} place={2} kit={kit} problem={() => undefined} onChange={onChange} />);
    fireEvent.click(screen.getAllByText('take this place out')[0] as HTMLElement);
    expect(onChange).toHaveBeenCalledWith([places[1], places[2]], 1);
  });

  it('plans for a neighbour when its own place is taken out', () => {
    const onChange = vi.fn();
    render(<Places places={places} place={2} kit={kit} problem={() => undefined} onChange={onChange} />);
    fireEvent.click(screen.getAllByText('take this place out')[2] as HTMLElement);
    expect(onChange).toHaveBeenCalledWith([places[0], places[1]], 1);
  });

  it('changes the kit of one place only', () => {
    const onChange = vi.fn();
    render(<Places places={places} place={0} kit={kit} problem={() => undefined} onChange={onChange} />);
    fireEvent.click(screen.getAllByText('band and anchor')[1] as HTMLElement);
    expect(onChange).toHaveBeenCalledWith([places[0], { name: 'home', kit: ['band'], weights: '' }, places[2]], 0);
  });

  it('knows the weights of each place', () => {
    const onChange = vi.fn();
    render(<Places places={places} place={0} kit={kit} problem={() => undefined} onChange={onChange} />);
    fireEvent.change(screen.getAllByLabelText('Weights there, kg')[0] as HTMLElement, { target: { value: '4, 8' } });
    expect(onChange).toHaveBeenCalledWith([{ ...places[0], weights: '4, 8' }, places[1], places[2]], 0);
  });
});

describe('the rest of the week', () => {
  const kinds = [{ value: 'lifting', label: 'lifting' }];

  it('takes light or heavy for a part of a day, and lets go of it again', () => {
    const onChange = vi.fn();
    const { rerender } = render(<TrainingWeek week={[]} kinds={kinds} onChange={onChange} />);
    fireEvent.change(screen.getByLabelText('Tuesday evening'), { target: { value: 'lifting true' } });
    const heavy = { what: 'lifting' as const, heavy: true, day: 2, part: 'evening' as const, every: 1, from: null, time: null };
    expect(onChange).toHaveBeenLastCalledWith([heavy]);
    rerender(<TrainingWeek week={[heavy]} kinds={kinds} onChange={onChange} />);
    fireEvent.change(screen.getByLabelText('Tuesday evening'), { target: { value: '' } });
    expect(onChange).toHaveBeenLastCalledWith([]);
  });
});
