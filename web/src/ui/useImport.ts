import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api, Refusal } from '../api/client';
import { newKey } from '../api/newKey';

const LOOK_EVERY_MS = 500;

/** A file that is sent in as it is, so that its encoding can be checked: how far it is, and a way to give it up. */
export function useImport<T>(
  send: (file: File, progress: string) => Promise<T>,
  onLoaded: (loaded: T) => void,
) {
  const [key, setKey] = useState<string>();
  const load = useMutation({
    mutationFn: (file: File) => {
      const made = newKey();
      setKey(made);
      return send(file, made);
    },
    onSuccess: onLoaded,
    onSettled: () => setKey(undefined),
  });
  const progress = useQuery({
    queryKey: ['progress', key],
    enabled: key !== undefined,
    retry: false,
    refetchInterval: LOOK_EVERY_MS,
    queryFn: () => answer(api.GET('/api/progress/{key}', { params: { path: { key: key! } } })),
  });
  return {
    load: (file: File) => load.mutate(file),
    under: load.isPending ? (progress.data ?? { done: 0, total: 0 }) : undefined,
    giveUp: () => {
      if (key) {
        void api.DELETE('/api/progress/{key}', { params: { path: { key } } });
      }
    },
    problems: load.error
      ? load.error instanceof Refusal && load.error.errors.length > 0
        ? load.error.errors
        : [{ field: '', message: load.error.message }]
      : [],
  };
}
