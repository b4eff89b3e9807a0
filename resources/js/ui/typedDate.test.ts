import { describe, expect, it } from 'vitest';
import { typedDate, typedTime, writtenDate } from './typedDate';

// A Friday.
const today = '2026-11-27';
const typed = (text: string, past = false) => typedDate(text, today, past);

describe('a date as it is typed', () => {
  it('has the day before the month, however it is written', () => {
    for (const text of [
      '3 12',
      '3.12.',
      '3/12',
      '03-12',
      '3 dec',
      '3 december',
      '3.12.26',
      '3/12/2026',
      '2026-12-03',
      'Thu 3 Dec 2026',
    ])
      expect(typed(text), text).toBe('2026-12-03');
  });

  it('is the nearest one ahead without a year, or the nearest behind where the past is asked for', () => {
    expect([typed('27 11'), typed('26 11'), typed('1 1')]).toEqual(['2026-11-27', '2027-11-26', '2027-01-01']);
    expect([typed('27 11', true), typed('28 11', true), typed('1 1', true)]).toEqual(['2026-11-27', '2025-11-28', '2026-01-01']);
  });

  it('counts from today, and knows the days of the week', () => {
    expect([typed('+3'), typed('-2'), typed('today')]).toEqual(['2026-11-30', '2026-11-25', today]);
    expect([typed('fri'), typed('sat'), typed('thursday'), typed('mo')]).toEqual([
      today,
      '2026-11-28',
      '2026-12-03',
      '2026-11-30',
    ]);
    expect([typed('fri', true), typed('sat', true), typed('thu', true)]).toEqual([today, '2026-11-21', '2026-11-26']);
  });

  it('is none where there is no such day', () => {
    for (const text of ['', '31 2', '11/27/2026', '5', 'soon', '2026-13-01', '1 1 3000', '27 11 2026 1'])
      expect(typed(text), text).toBeNull();
    expect(typed('29 2')).toBeNull();
  });

  it('is written in full and read again', () => {
    expect(writtenDate('2026-03-09')).toBe('Mon 9 Mar 2026');
    expect(typed(writtenDate('2026-03-09'))).toBe('2026-03-09');
    expect(writtenDate('')).toBe('');
  });
});

describe('a clock time as it is typed', () => {
  it.each([
    ['7:30', '07:30'],
    ['1730', '17:30'],
    ['18', '18:00'],
    ['6.15', '06:15'],
    ['24:00', undefined],
    ['17:60', undefined],
    ['soon', undefined],
  ])('%s', (typed, time) => {
    expect(typedTime(typed)).toBe(time);
  });
});
