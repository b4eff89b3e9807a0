import { http, isSignedIn, type Refusal } from '@/api/client';

/** Signs in; a page that was open overnight gets a token that holds first. */
export async function signIn(email: string, password: string): Promise<Refusal | null> {
  const ask = async () => (await http.POST('/api/sign-in', { body: { email, password } })).error ?? null;
  const refusal = await ask();
  if (refusal?.code !== 'page-too-old') return refusal;
  await isSignedIn();
  return ask();
}

/** Where to go after signing in: an address of this application, else the bench. */
export const afterwards = (search: URLSearchParams): string => {
  const to = search.get('to') ?? '/';
  return /^\/(?![/\\])/.test(to) && !to.startsWith('/sign-in') ? to : '/';
};
