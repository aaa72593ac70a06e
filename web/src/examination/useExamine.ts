import { answer, api, type Examination, Refusal } from '../api/client';
import { useChange } from '../job/useSheet';

/** A change of something: only what changes, null where a field is taken back. */
export type Patch<T> = {
  [K in keyof T]?: (NonNullable<T[K]> extends object ? Patch<NonNullable<T[K]>> : T[K]) | null;
};

export interface Examine<T> {
  /** Saves a change; what is undefined in it is taken back. */
  set: (patch: Patch<T>) => void;
  /** What to say at a field, named from the part down, such as `plugs.3.gapMm`. */
  errorAt: (field: string) => string | undefined;
  /** A refusal that belongs to no field on the screen. */
  error?: string;
}

/** Looks at one part of the examination: each change is merged in by the server, so windows do not overwrite each other. */
export function useExamine<K extends keyof Examination>(jobId: number, part: K): Examine<Examination[K]> {
  const save = useChange(jobId, (patch: unknown) =>
    answer(
      api.PATCH('/api/jobs/{id}/examination/{part}', {
        params: { path: { id: jobId, part } },
        // JSON has no undefined: a field taken back travels as null.
        body: JSON.parse(JSON.stringify(patch, (_, v: unknown) => (v === undefined ? null : v))) as never,
      }),
    ),
  );
  const refusal = save.error instanceof Refusal ? save.error : undefined;
  return {
    set: (patch) => save.mutate(patch),
    errorAt: (field) => refusal?.at(field),
    error: save.error && !refusal?.errors.length ? save.error.message : undefined,
  };
}
