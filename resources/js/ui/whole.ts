import type { FocusEvent } from 'react';

/** In a list that scrolls sideways: what takes the keyboard is shown whole, where the browser would leave half of it out. */
export const showWhole = ({ target }: FocusEvent): void => target.scrollIntoView({ block: 'nearest', inline: 'nearest' });
