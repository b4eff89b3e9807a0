/** Two rails and three even rungs. */
export function Logo() {
  return (
    <svg viewBox="0 0 24 28" className="h-7 w-6" aria-hidden="true">
      <path d="M6 2v24M18 2v24" className="stroke-ink" strokeWidth="2.6" strokeLinecap="round" />
      <path d="M6 7h12M6 14h12M6 21h12" className="stroke-rowan" strokeWidth="2.6" />
    </svg>
  );
}
