import { type ReactNode, useState } from 'react';

interface Props<T> {
  all: T[];
  /** So many stand there at first: a long list holds up the page, and nobody reads it. */
  first: number;
  children: (some: T[]) => ReactNode;
}

/** A list that begins short and is shown whole by a tap. */
export function Longer<T>({ all, first, children }: Props<T>) {
  const [whole, setWhole] = useState(false);
  return (
    <>
      {children(whole ? all : all.slice(0, first))}
      {!whole && all.length > first && (
        <button className="button mt-2" onClick={() => setWhole(true)}>
          All {all.length}
        </button>
      )}
    </>
  );
}
