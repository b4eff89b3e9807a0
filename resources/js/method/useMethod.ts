import { api, http, type Schemas } from '@/api/client';

export type Level = Schemas['MethodView']['level'];
export const LEVELS: Level[] = ['practice', 'trainer', 'person', 'program'];

/** The method of one level, and the way to change it; a person is needed for the two nearest. */
export function useMethod(level: Level, person: string) {
  const of = { params: { path: { person } } };
  const practice = api.useQuery('get', '/api/method', {}, { enabled: level === 'practice' });
  const trainer = api.useQuery('get', '/api/method/mine', {}, { enabled: level === 'trainer' });
  const own = api.useQuery('get', '/api/people/{person}/method/own', of, { enabled: level === 'person' && person !== '' });
  const program = api.useQuery('get', '/api/people/{person}/method/program', of, {
    enabled: level === 'program' && person !== '',
  });
  const change = (body: Schemas['MethodRequest']) => {
    switch (level) {
      case 'practice':
        return http.PUT('/api/method', { body });
      case 'trainer':
        return http.PUT('/api/method/mine', { body });
      case 'person':
        return http.PUT('/api/people/{person}/method/own', { ...of, body });
      case 'program':
        return http.PUT('/api/people/{person}/method/program', { ...of, body });
    }
  };
  return { method: { practice, trainer, person: own, program }[level], change };
}
