/** Stands beside a time of day, and only there: 17:30 without it is a length. */
export function ClockMark() {
  return (
    <svg viewBox="0 0 12 12" className="mr-0.5 inline-block size-3 align-[-1px]" role="img" aria-label="at">
      <circle cx="6" cy="6" r="5" className="fill-none stroke-current" strokeWidth="1.3" />
      <path d="M6 3.2V6l2 1.4" className="fill-none stroke-current" strokeWidth="1.3" strokeLinecap="round" />
    </svg>
  );
}
