import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, api, type Schemas } from '../api/client';

export type Letterhead = Schemas['Letterhead'];

/** How this shop signs its reports, and on which paper. */
export function useLetterhead() {
  const client = useQueryClient();
  const letterhead = useQuery({
    queryKey: ['letterhead'],
    queryFn: () => answer(api.GET('/api/shop/letterhead')),
  });
  const save = useMutation({
    mutationFn: (change: Partial<Letterhead>) =>
      answer(api.PUT('/api/shop/letterhead', { body: { ...letterhead.data, ...change } })),
    onSuccess: (next) => client.setQueryData(['letterhead'], next),
  });
  return { letterhead: letterhead.data, save };
}
