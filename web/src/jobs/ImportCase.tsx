import { useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { answer, api } from '../api/client';
import { FileButton } from '../ui/FileButton';
import { ImportState } from '../ui/ImportState';
import { useImport } from '../ui/useImport';

/** A report carries the case file that it was made from. */
function isPdf(file: File): boolean {
  return file.type === 'application/pdf' || file.name.toLowerCase().endsWith('.pdf');
}

/** Loads a case file, or the one in a report; a wrong one gets a list of what is wrong and where, and changes nothing. */
export function ImportCase() {
  const navigate = useNavigate();
  const client = useQueryClient();
  const load = useImport(
    (file, progress) =>
      answer(
        api.POST('/api/case-files', {
          params: { query: { progress } },
          body: file as never,
          bodySerializer: (body: unknown) => body as File,
          headers: { 'content-type': isPdf(file) ? 'application/pdf' : 'application/json' },
        }),
      ),
    (loaded) => {
      void client.invalidateQueries({ queryKey: ['jobs'] });
      void navigate(`/jobs/${loaded.jobIds.at(-1)}`);
    },
  );
  return (
    <>
      <FileButton label="Case file" accept=".json,application/json,.pdf,application/pdf" onFile={load.load}>
        Load case file
      </FileButton>
      <ImportState {...load} />
    </>
  );
}
