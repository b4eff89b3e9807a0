import createFetchClient from 'openapi-fetch';
import createClient from 'openapi-react-query';
import { ulid } from 'ulid';
import type { components, paths } from './generated';

/** The shapes the server answers with and takes, by name. */
export type Schemas = components['schemas'];

export const http = createFetchClient<paths>({
  baseUrl: typeof location === 'undefined' ? '/' : location.origin,
  credentials: 'same-origin',
  headers: { Accept: 'application/json', 'X-Requested-With': 'XMLHttpRequest' },
});

http.use({
  onRequest({ request }) {
    const token = /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1];
    if (token) request.headers.set('X-XSRF-TOKEN', decodeURIComponent(token));
    return request;
  },
});

/** Queries and mutations typed by the API document. */
export const api = createClient(http);

/** A new identifier, made here so that sending twice saves once. */
export const newId = (): string => ulid().toLowerCase();

/** What the server says when it refuses; made up here when it cannot be reached. */
export type Refusal = Schemas['ErrorView'];

export function refusalOf(error: unknown): Refusal {
  if (typeof error === 'object' && error !== null && 'sentence' in error) return error as Refusal;
  return {
    code: 'offline',
    sentence: 'The server cannot be reached. What you entered is still here; try again when the network is back.',
    fields: {},
    id: '',
    present: null,
  };
}
