import { CellNote, RefusedNote } from './CellNote';
import type { Asked } from './useReadingCell';

interface Props {
  asked?: Asked;
  refused?: { text: string; why: string };
}

/** What hangs under a cell that takes readings: a question with its answers, or why a text was not taken. */
export function AskedNote({ asked, refused }: Props) {
  if (asked) {
    return (
      <CellNote>
        <p>{asked.question}</p>
        <div className="mt-2 flex flex-wrap gap-2">
          {asked.ways.map((w) => (
            <button key={w.words} className="button" onClick={w.take}>
              {w.words}
            </button>
          ))}
        </div>
      </CellNote>
    );
  }
  return refused && <RefusedNote {...refused} />;
}
