import createFetchClient from 'openapi-fetch';
import createClient from 'openapi-react-query';
import { ulid } from 'ulid';
import type { components, paths } from './generated';
import { isLeaving } from './leaving';

/** The shapes the server answers with and takes, by name. */
export type Schemas = components['schemas'];

/** What the server says when it refuses. */
export type Refusal = Schemas['ErrorView'];

const unreachable: Refusal = {
  code: 'offline',
  sentence: 'The server cannot be reached. What you entered is still here; try again when the network is back.',
  fields: {},
  id: '',
  present: null,
};

export const http = createFetchClient<paths>({
  baseUrl: typeof location === 'undefined' ? '/' : location.origin,
  credentials: 'same-origin',
  headers: { Accept: 'application/json', 'X-Requested-With': 'XMLHttpRequest' },
  // What is written while the page goes is sent by the browser all the same.
  fetch: (request: Request) =>
    fetch(isLeaving() && request.method !== 'GET' ? new Request(request, { keepalive: true }) : request),
});

const withToken = (request: Request): Request => {
  // Only what writes needs it, and reading it waits for another process.
  if (request.method === 'GET') return request;
  const token = /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1];
  if (token) request.headers.set('X-XSRF-TOKEN', decodeURIComponent(token));
  return request;
};

/** How somebody signs in again over the page they are at; set by the frame. Answers whether they did. */
let signInAgain: (() => Promise<boolean>) | null = null;
export const onSignedOut = (ask: typeof signInAgain): void => {
  signInAgain = ask;
};

/** What is let go of once the practice has ended somebody's access; set by the page. */
let letGo: ((who: string) => Promise<void>) | null = null;
export const onAccessEnded = (run: typeof letGo): void => {
  letGo = run;
};

/** Asks over the page to sign in again; answers whether somebody did. */
export const askToSignIn = (): Promise<boolean> => signInAgain?.() ?? Promise.resolve(false);

/** Asks who is signed in, which also brings a token that holds; says whether somebody is. */
export const isSignedIn = async (): Promise<boolean> =>
  (await fetch(`${location.origin}/api/me`, { headers: { Accept: 'application/json' } })).ok;

/** What is only computed is asked anew with the next change, and called off by it: nothing of it needs keeping. */
const CALLED_OFF = /\/(preview|fit|sums|orders|text|next|check|read|proposal)$/;

/** What devices tell is sent by itself, also while somebody trains: it asks nobody to sign in, and is sent again later. */
const BY_ITSELF = /\/trainings\/[^/]+$/;

/** What a device keeps of answers, for where the server cannot be reached. */
export interface Memory {
  /** is handed each answer that was read, and takes its body at once or not at all */
  remember: (path: string, body: () => Promise<string>) => void;
  /** what was answered before; null where nothing is kept */
  recall: (path: string) => Promise<string | null>;
}
/** On an answer that comes from the device: it is not kept anew. */
const RECALLED = 'x-kept-here';

let memory: Memory | null = null;
export const setMemory = (next: Memory): void => {
  memory = next;
};

async function recalled(request: Request): Promise<Response | null> {
  const { pathname, search } = new URL(request.url);
  const body = request.method === 'GET' ? await memory?.recall(pathname + search) : null;
  return body == null ? null : new Response(body, { headers: { 'Content-Type': 'application/json', [RECALLED]: '1' } });
}

const copies = new WeakMap<Request, Request>();

http.use({
  onRequest({ request }) {
    withToken(request);
    if (!CALLED_OFF.test(request.url)) copies.set(request, request.clone());
    return request;
  },
  // What was asked while nobody was signed in any more waits until somebody is, and is asked again: nothing is lost.
  async onResponse({ request, response }) {
    if (response.headers.has(RECALLED)) return response;
    if (request.method === 'GET' && response.ok) {
      const { pathname, search } = new URL(request.url);
      memory?.remember(pathname + search, () => response.clone().text());
    }
    // A server that is down behind another one.
    if (response.status >= 502) return (await recalled(request)) ?? response;
    if (response.status === 401) {
      const refusal = (await response.clone().json()) as Refusal;
      if (refusal.code === 'access-ended') {
        await letGo?.(presentOf<{ id: string }>(refusal).id);
        return response;
      }
      // A person's own page that does not open any more.
      if (refusal.code === 'home-closed') await letGo?.('home');
    }
    const copy = copies.get(request);
    const isOver = response.status === 401 || response.status === 419;
    if (!isOver || !copy || !signInAgain || request.url.endsWith('/api/sign-in')) return response;
    if (BY_ITSELF.test(request.url)) {
      if (response.status !== 419) return response;
      // With the token this brings it is taken, or refused for what hinders it: that nobody is signed in.
      await isSignedIn();
      return fetch(withToken(copy));
    }
    const isIn = response.status === 419 && (await isSignedIn());
    return isIn || (await signInAgain()) ? fetch(withToken(copy)) : response;
  },
  // Nothing throws: a server that cannot be reached answers like one that refuses.
  onError: async ({ request }) => (await recalled(request)) ?? Response.json(unreachable, { status: 503 }),
});

/** Queries and mutations typed by the API document. */
export const api = createClient(http);

/** A new identifier, made here so that sending twice saves once. */
export const newId = (): string => ulid().toLowerCase();

/** What a refusal comes to, in one sentence: what is wrong with the first field, else as a whole. */
export const sentenceOf = (refusal: Refusal): string => Object.values(refusal.fields)[0]?.[0] ?? refusal.sentence;

/** What is saved now, after a conflict. */
export const presentOf = <Row>(refusal: Refusal): Row => refusal.present as unknown as Row;
