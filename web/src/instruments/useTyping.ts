import { useEffect, useRef } from 'react';

interface Typing {
  /** What the gauge would type now; growing numbers tell one cranking from the next. */
  offer: { number: number; text: string } | undefined;
  cell: { text: string; setText: (text: string) => void };
  /** What was entered last, whoever typed it. */
  sent: { text: string } | undefined;
  /** Called once for what the gauge typed and somebody took. */
  onTaken: (text: string) => void;
}

/**
 * Types into a cell what a gauge offers, unless somebody types there. What was taken, or cleared away, is not typed again.
 *
 * @returns whether what is offered stands in the cell
 */
export function useTyping({ offer, cell, sent, onTaken }: Typing): boolean {
  const typed = useRef('');
  const done = useRef(0);
  const known = useRef(sent);
  const { text, setText } = cell;
  const number = offer?.number ?? 0;
  const offered = offer?.text ?? '';
  useEffect(() => {
    if (typed.current !== '' && text === '') {
      if (sent !== known.current && sent?.text === typed.current) {
        onTaken(typed.current);
      }
      done.current = number;
      typed.current = '';
    }
    known.current = sent;
    const free = text === '' || text === typed.current;
    if (offered !== '' && number !== done.current && free && text !== offered) {
      typed.current = offered;
      setText(offered);
    }
  }, [offered, number, text, setText, sent, onTaken]);
  return offered !== '' && text === offered;
}
