import { listenTo } from '../api/events';

/** So long after a change of its own a window waits for its own answer before it takes it for another window's. */
const SETTLES_MS = 250;

/**
 * Tells of each revision of a job that the server announces, first of the one it has now; a window that nobody looked at
 * catches up as it is looked at again.
 *
 * @param onRevision tells whether it has dealt with it; otherwise it is told again a little later
 * @returns what ends it
 */
export function followJob(id: number, onRevision: (revision: number) => boolean): () => void {
  let later: ReturnType<typeof setTimeout> | undefined;
  const tell = (revision: number) => {
    clearTimeout(later);
    later = setTimeout(() => {
      if (!onRevision(revision)) {
        tell(revision);
      }
    }, SETTLES_MS);
  };
  const end = listenTo(`/api/jobs/${id}/events`, (data) => tell(Number(data)));
  return () => {
    clearTimeout(later);
    end();
  };
}
