import { http, isSignedIn, type Refusal } from '@/api/client';

/** The fewest characters of a password; the server has the last word. */
export const LEAST = 10;

/** Asks something of the server; a page that was open overnight gets a token that holds first. */
export async function withHoldingToken(ask: () => Promise<Refusal | null>): Promise<Refusal | null> {
  const refusal = await ask();
  if (refusal?.code !== 'page-too-old') return refusal;
  await isSignedIn();
  return ask();
}

/** @param code of the second step, where it was asked for */
export const signIn = (email: string, password: string, code: string | null): Promise<Refusal | null> =>
  withHoldingToken(async () => (await http.POST('/api/sign-in', { body: { email, password, code } })).error ?? null);

/** Where to go after signing in: an address of this application, else the bench. */
export const afterwards = (search: URLSearchParams): string => {
  const to = search.get('to') ?? '/';
  return /^\/(?![/\\])/.test(to) && !to.startsWith('/sign-in') ? to : '/';
};
