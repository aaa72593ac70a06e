import { useQueryClient } from '@tanstack/react-query';
import { useRef } from 'react';
import { useNavigate } from 'react-router';
import { answer, api } from '../api/client';
import { ImportState } from '../ui/ImportState';
import { useImport } from '../ui/useImport';

/** Loads a case file; a wrong one gets a list of what is wrong and where, and changes nothing. */
export function ImportCase() {
  const input = useRef<HTMLInputElement>(null);
  const navigate = useNavigate();
  const client = useQueryClient();
  const load = useImport(
    (file, progress) =>
      answer(
        api.POST('/api/case-files', {
          params: { query: { progress } },
          body: file as never,
          bodySerializer: (body: unknown) => body as File,
          headers: { 'content-type': 'application/json' },
        }),
      ),
    (loaded) => {
      void client.invalidateQueries({ queryKey: ['jobs'] });
      void navigate(`/jobs/${loaded.jobIds.at(-1)}`);
    },
  );
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
            load.load(file);
          }
          e.target.value = '';
        }}
      />
      <ImportState {...load} />
    </>
  );
}
