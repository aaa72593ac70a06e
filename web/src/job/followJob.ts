/** So long after a change of its own a window waits for its own answer before it takes it for another window's. */
const SETTLES_MS = 250;

/**
 * Tells of each revision of a job that the server announces, first of the one it has now. A window that nobody looks at
 * does not listen, since a browser has few connections; it catches up as it is looked at again. After the network was
 * lost the browser connects again by itself.
 *
 * @param onRevision tells whether it has dealt with it; otherwise it is told again a little later
 * @returns what ends it
 */
export function followJob(id: number, onRevision: (revision: number) => boolean): () => void {
  let events: EventSource | undefined;
  let later: ReturnType<typeof setTimeout> | undefined;
  const tell = (revision: number) => {
    clearTimeout(later);
    later = setTimeout(() => {
      if (!onRevision(revision)) {
        tell(revision);
      }
    }, SETTLES_MS);
  };
  const listen = () => {
    if (document.hidden) {
      events?.close();
      events = undefined;
    } else if (!events || events.readyState === EventSource.CLOSED) {
      events = new EventSource(`/api/jobs/${id}/events`);
      events.onmessage = (e) => {
        tell(Number(e.data));
      };
    }
  };
  listen();
  document.addEventListener('visibilitychange', listen);
  return () => {
    clearTimeout(later);
    document.removeEventListener('visibilitychange', listen);
    events?.close();
  };
}
