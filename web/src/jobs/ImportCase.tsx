import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useRef } from 'react';
import { useNavigate } from 'react-router';
import { answer, api, Refusal, sentence } from '../api/client';

/** Loads a case file; a wrong one gets a list of what is wrong and where, and changes nothing. */
export function ImportCase() {
  const input = useRef<HTMLInputElement>(null);
  const navigate = useNavigate();
  const client = useQueryClient();
  const load = useMutation({
    mutationFn: async (file: File) => {
      const text = await file.text();
      return answer(
        api.POST('/api/case-files', {
          body: text as never,
          bodySerializer: (body: unknown) => body as string,
        }),
      );
    },
    onSuccess: async (loaded) => {
      await client.invalidateQueries({ queryKey: ['jobs'] });
      void navigate(`/jobs/${loaded.jobIds.at(-1)}`);
    },
  });
  return (
    <>
      <button className="button" onClick={() => input.current?.click()}>
        Load case file
      </button>
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        className="hidden"
        aria-label="Case file"
        onChange={(e) => {
          const file = e.target.files?.[0];
          if (file) {
            load.mutate(file);
          }
          e.target.value = '';
        }}
      />
      {load.error && (
        <div role="alert" className="w-full border border-leak p-3">
          <p className="refusal">This file was not loaded; nothing was changed.</p>
          <ul className="mt-1 max-h-60 overflow-y-auto">
            {load.error instanceof Refusal && load.error.errors.length > 0 ? (
              load.error.errors.map((e) => (
                <li key={e.field + e.message}>
                  <span className="mr-2 font-mono text-[14px]">{e.field}</span>
                  {sentence(e)}
                </li>
              ))
            ) : (
              <li>{load.error.message}</li>
            )}
          </ul>
        </div>
      )}
    </>
  );
}
