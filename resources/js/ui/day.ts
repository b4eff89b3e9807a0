const as =
  (options: Intl.DateTimeFormatOptions) =>
  (iso: string): string =>
    iso === '' ? '' : new Date(`${iso}T12:00:00Z`).toLocaleDateString('en-GB', options);

/** "Mon 23 Nov" */
export const day = as({ weekday: 'short', day: 'numeric', month: 'short' });

/** "Monday 23 November" */
export const longDay = as({ weekday: 'long', day: 'numeric', month: 'long' });
