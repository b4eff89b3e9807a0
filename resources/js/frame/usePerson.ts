import { useQueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';
import { useOutletContext } from 'react-router';
import type { Schemas } from '@/api/client';

/** The person at hand, read by the frame. */
export const usePerson = (): Schemas['PersonView'] => useOutletContext<Schemas['PersonView']>();

/** Reads everything about people again after something was saved; the library stays as it was read. */
export function useRefresh(): () => Promise<void> {
  const client = useQueryClient();
  return useCallback(() => client.invalidateQueries({ predicate: ({ queryKey }) => queryKey[1] !== '/api/library' }), [client]);
}
