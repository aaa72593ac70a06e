/**
 * Listens to events of the server while somebody looks at this window: a browser has few connections, so a window that nobody
 * looks at does not listen, and begins again as it is looked at. After the network was lost the browser connects again by
 * itself.
 *
 * @param onLost told when nothing comes any more; the browser tries again
 * @returns what ends it
 */
export function listenTo(url: string, onData: (data: string) => void, onLost?: () => void): () => void {
  let events: EventSource | undefined;
  const listen = () => {
    if (document.hidden) {
      events?.close();
      events = undefined;
    } else if (!events || events.readyState === EventSource.CLOSED) {
      events = new EventSource(url);
      events.onmessage = (e) => onData(e.data as string);
      events.onerror = () => onLost?.();
    }
  };
  listen();
  document.addEventListener('visibilitychange', listen);
  return () => {
    document.removeEventListener('visibilitychange', listen);
    events?.close();
  };
}
