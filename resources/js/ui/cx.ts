/** Joins class names, leaving out what is not there. */
export const cx = (...names: (string | false | null | undefined)[]): string => names.filter(Boolean).join(' ');
