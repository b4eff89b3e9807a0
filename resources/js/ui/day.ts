const as =
  (options: Intl.DateTimeFormatOptions) =>
  (iso: string): string =>
    iso === '' ? '' : new Date(`${iso}T12:00:00Z`).toLocaleDateString('en-GB', options);

/** "Mon 23 Nov" */
export const day = as({ weekday: 'short', day: 'numeric', month: 'short' });

/** "Monday 23 November" */
export const longDay = as({ weekday: 'long', day: 'numeric', month: 'long' });

/** A length, never to be taken for a time of day: "12:40" becomes "12 min 40 s". */
export const asLength = (clock: string): string => {
  const [seconds = 0, minutes = 0, hours = 0] = clock.split(':').map(Number).reverse();
  return [hours && `${hours} h`, minutes && `${minutes} min`, seconds && `${seconds} s`].filter(Boolean).join(' ') || '0 s';
};
