import { lazy, type ComponentType } from 'react';

/** Comes right after the first picture, before it is needed; where the network went meanwhile the page goes on without it. */
export const later = <Props>(load: () => Promise<ComponentType<Props>>) =>
  lazy<ComponentType<Props>>(async () => ({ default: await load().catch((): ComponentType<Props> => () => null) }));
