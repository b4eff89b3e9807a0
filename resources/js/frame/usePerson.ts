import { useQueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';
import { useOutletContext } from 'react-router';
import { api, type Schemas } from '@/api/client';

/** The person at hand, read by the frame. */
export const usePerson = (): Schemas['PersonView'] => useOutletContext<Schemas['PersonView']>();

/**
 * Takes a person as a write was answered with: they are shown so at once, and kept so on this device where the network goes
 * before they are read again.
 */
export function useTakePerson(): (person: Schemas['PersonView']) => void {
  const client = useQueryClient();
  return useCallback(
    (person) => {
      const ask = { params: { path: { person: person.id } } };
      client.setQueryData(api.queryOptions('get', '/api/people/{person}', ask).queryKey, person);
    },
    [client],
  );
}

/** Reads everything about people again after something was saved; the library stays as it was read. */
export function useRefresh(): () => Promise<void> {
  const client = useQueryClient();
  return useCallback(() => client.invalidateQueries({ predicate: ({ queryKey }) => queryKey[1] !== '/api/library' }), [client]);
}
