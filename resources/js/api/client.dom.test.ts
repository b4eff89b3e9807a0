import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

// The client takes hold of `fetch` when it is read.
beforeEach(() => void vi.resetModules());
afterEach(() => {
  vi.unstubAllGlobals();
  vi.resetModules();
});

const refused = (status: number, code: string) =>
  Response.json({ code, sentence: code, fields: {}, id: '', present: null }, { status });
const path = { person: 'p', training: 't' };
const body = { session: 's', device: 'd', on: '2026-11-28', byHand: false, startedAt: 0, sentAt: 0, events: [] };

const sending = '/api/people/p/trainings/t';

/** Sends to a server that answers each address in turn; what was asked of it is told, and nobody is asked to sign in. */
async function sent(answers: Record<string, Response[]>) {
  const asked: string[] = [];
  vi.stubGlobal('fetch', (request: Request | string) => {
    const { pathname } = new URL(typeof request === 'string' ? request : request.url);
    asked.push(pathname);
    return Promise.resolve(answers[pathname]?.shift() ?? refused(500, 'nothing more was to be asked'));
  });
  const { http, onSignedOut } = await import('./client');
  onSignedOut(() => Promise.reject(new Error('nobody is asked while somebody trains')));
  return { ...(await http.POST('/api/people/{person}/trainings/{training}', { params: { path }, body })), asked };
}

describe('what a device sends by itself, with a page older than the sign-in', () => {
  it('is refused because nobody is signed in, not because of the page: signing in is what helps', async () => {
    const { error, asked } = await sent({
      [sending]: [refused(419, 'page-too-old'), refused(401, 'signed-out')],
      '/api/me': [refused(401, 'signed-out')],
    });

    expect(error?.code).toBe('signed-out');
    expect(asked).toEqual([sending, '/api/me', sending]);
  });

  it('is taken where somebody is', async () => {
    const { data } = await sent({
      [sending]: [refused(419, 'page-too-old'), Response.json({ taken: [] })],
      '/api/me': [Response.json({ id: 'u' })],
    });

    expect(data?.taken).toEqual([]);
  });
});
