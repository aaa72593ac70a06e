import { RefusedNote } from './NotedCell';
import type { Asked } from './useReadingCell';

/** What hangs under a cell that takes readings: a question with its answers, or why a text was not taken. */
export function askedNote(asked?: Asked, refused?: { text: string; why: string }) {
  if (asked) {
    return (
      <>
        <p>{asked.question}</p>
        <div className="mt-2 flex flex-wrap gap-2">
          {asked.ways.map((w) => (
            <button key={w.words} className="button" onClick={w.take}>
              {w.words}
            </button>
          ))}
        </div>
      </>
    );
  }
  return refused && <RefusedNote {...refused} />;
}
