/** Nothing is known of a demand but a guess. */
export const Guessed = () => (
  <span title="only guessed: not tested and not trained yet">
    {' '}
    ?<span className="sr-only"> guessed</span>
  </span>
);
