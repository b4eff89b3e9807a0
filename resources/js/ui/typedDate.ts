const DAY = 86_400_000;
const WEEKDAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];
const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

const iso = (date: Date): string => date.toISOString().slice(0, 10);
const at = (text: string): Date => new Date(`${text}T12:00:00Z`);

export const plusDays = (date: string, days: number): string => iso(new Date(at(date).getTime() + days * DAY));

/** 1 Monday to 7 Sunday. */
const weekday = (date: string): number => at(date).getUTCDay() || 7;

/** The day of a month, or null where there is none such as 31 February. */
function dayOf(year: number, month: number, day: number): string | null {
  const date = new Date(Date.UTC(year, month - 1, day, 12));
  return date.getUTCMonth() === month - 1 && date.getUTCDate() === day && year >= 1900 && year <= 2100 ? iso(date) : null;
}

/** "Fri 27 Nov 2026": the day before the month, as everywhere here. */
export const writtenDate = (date: string): string => {
  if (date === '') return '';
  const day = at(date);
  const name = WEEKDAYS[weekday(date) - 1] ?? '';
  const month = MONTHS[day.getUTCMonth()] ?? '';
  const capital = (word: string) => word.charAt(0).toUpperCase() + word.slice(1);
  return `${capital(name)} ${day.getUTCDate()} ${capital(month)} ${day.getUTCFullYear()}`;
};

/**
 * A date as it is typed: `27 11`, `27.11.`, `27/11/26`, `27 nov`, `2026-11-27`, `+3`, `-2`, `fri`, `today`. The day stands
 * before the month. Without a year it is the nearest one that lies ahead, or behind where dates of the past are asked for.
 * Null where it is none.
 */
export function typedDate(text: string, today: string, past = false): string | null {
  const typed = text.trim().toLowerCase();
  if (typed === 'today') return today;
  if (/^[+-]\d{1,4}$/.test(typed)) return plusDays(today, Number(typed));
  const named = WEEKDAYS.findIndex(
    (name) => typed.length >= 2 && /^[a-z]+$/.test(typed) && `${name}day`.startsWith(typed.slice(0, 3)) && isWeekday(typed, name),
  );
  if (named >= 0) {
    const ahead = (named + 1 - weekday(today) + 7) % 7;
    return plusDays(today, past ? ahead - (ahead === 0 ? 0 : 7) : ahead);
  }
  const long = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(typed);
  if (long) return dayOf(Number(long[1]), Number(long[2]), Number(long[3]));
  // A weekday in front, as it is written when it is left, says nothing more.
  const parts = typed
    .replace(/^[a-z]{2,9}[ ,.]+(?=\d)/, '')
    .split(/[\s./-]+/)
    .filter((part) => part !== '');
  const [day = '', month = '', year] = parts;
  if (parts.length < 2 || parts.length > 3 || !/^\d{1,2}$/.test(day)) return null;
  const monthNumber = /^\d{1,2}$/.test(month) ? Number(month) : MONTHS.indexOf(month.slice(0, 3)) + 1;
  if (monthNumber < 1) return null;
  if (year !== undefined)
    return /^\d{2}$|^\d{4}$/.test(year)
      ? dayOf(year.length === 2 ? 2000 + Number(year) : Number(year), monthNumber, Number(day))
      : null;
  const thisYear = Number(today.slice(0, 4));
  const here = dayOf(thisYear, monthNumber, Number(day));
  if (here !== null && (past ? here <= today : here >= today)) return here;
  return dayOf(thisYear + (past ? -1 : 1), monthNumber, Number(day)) ?? here;
}

const LONG = { mon: 'monday', tue: 'tuesday', wed: 'wednesday', thu: 'thursday', fri: 'friday', sat: 'saturday', sun: 'sunday' };

const isWeekday = (typed: string, name: string): boolean => (LONG[name as keyof typeof LONG] ?? '').startsWith(typed);

/** A clock time as it is typed, `7:30`, `1730` or `18`, as `HH:MM`; undefined where it is none. */
export function typedTime(text: string): string | undefined {
  const [, hours, minutes = '00'] = /^(\d{1,2})(?:[:.]?([0-5]\d))?$/.exec(text.trim()) ?? [];
  return hours === undefined || Number(hours) > 23 ? undefined : `${hours.padStart(2, '0')}:${minutes}`;
}
