/** One formatter for all days of a form: making one takes longer than a row of a table. */
const as = (options: Intl.DateTimeFormatOptions) => {
  let format: Intl.DateTimeFormat | undefined;
  return (iso: string): string =>
    iso === '' ? '' : (format ??= new Intl.DateTimeFormat('en-GB', options)).format(new Date(`${iso}T12:00:00Z`));
};

/** "23 Nov" */
export const shortDay = as({ day: 'numeric', month: 'short' });

/** "Mon 23 Nov" */
export const day = as({ weekday: 'short', day: 'numeric', month: 'short' });

/** "Monday 23 November" */
export const longDay = as({ weekday: 'long', day: 'numeric', month: 'long' });

/** Days of the week, Monday first. */
export const weekdays = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];

/** "Monday" for 1 */
const weekday = (day: number): string => weekdays[day - 1] ?? '';

/** "Mon" for 1 */
export const shortWeekday = (day: number): string => weekday(day).slice(0, 3);

/** "Tuesday evening", "Tuesday at 17:30" */
export const weekTime = ({ day, part, time }: { day: number; part: string; time?: string | null }): string =>
  `${weekday(day)} ${time ? `at ${time}` : part}`;

/** The date of a moment where this device is, as 2026-11-23. */
export const localDate = (moment: Date): string => moment.toLocaleDateString('sv-SE');

export const today = (): string => localDate(new Date());

/** "14:05", where this device is. */
export const clockTime = (at: Date | string | number): string =>
  new Date(at).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });

/** A length on the axis of a clock: 760 s becomes "12:40". */
export const clock = (seconds: number): string => `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;

/** A length, never to be taken for a time of day: "12:40" becomes "12 min 40 s". */
export const asLength = (clock: string): string => {
  const [seconds = 0, minutes = 0, hours = 0] = clock.split(':').map(Number).reverse();
  return [hours && `${hours} h`, minutes && `${minutes} min`, seconds && `${seconds} s`].filter(Boolean).join(' ') || '0 s';
};
