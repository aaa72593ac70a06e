import { useState } from 'react';
import { type Question, Refusal } from '../api/client';
import { answerWasLost, inFewWords, readingCell, useTypedCell } from './useTypedCell';

/** What is asked about a reading, and the ways in which it can be meant. */
export interface Asked {
  question: string;
  ways: { words: string; take: () => void }[];
}

interface Bench<S> {
  /** Sends one; each has a key of its own, so that sending it again adds nothing. */
  send: (sent: S) => Promise<unknown>;
  /** Goes back to where a reading was typed, since it was not taken. */
  goBackTo: (sent: S) => void;
  /** Whether a minus belongs to its numbers. */
  signed?: boolean;
  /** The ways in which a reading that the server asks about can be meant. */
  ways: (sent: S, question: Question, submit: (again: S) => void) => Asked['ways'];
}

/**
 * The cell that takes readings: typed ahead of the answers, each given back where it was refused. Nothing typed is lost: one
 * whose answer was lost is sent again under its own key when the same is entered once more.
 */
export function useReadingCell<S extends { text: string }>(bench: Bench<S>) {
  const typed = useTypedCell(bench.signed);
  const [lost, setLost] = useState<S>();
  const [asked, setAsked] = useState<Asked>();
  const [waiting, setWaiting] = useState<S[]>([]);
  const [sent, setSent] = useState<S>();

  const giveBack = (sent: S, error: Error) => {
    bench.goBackTo(sent);
    if (error instanceof Refusal && error.question) {
      typed.clear();
      const ways = bench.ways(sent, error.question, submit).map((w) => ({
        ...w,
        take: () => {
          setAsked(undefined);
          w.take();
        },
      }));
      setAsked({ question: error.message, ways });
    } else {
      setLost(answerWasLost(error) ? sent : undefined);
      typed.refuse(sent.text, inFewWords(error));
    }
    readingCell()?.focus();
  };

  const submit = (sent: S) => {
    setSent(sent);
    setWaiting((all) => [...all, sent]);
    // A promise each: callbacks given to mutate() are only called for the newest of several under way.
    bench
      .send(sent)
      .catch((error: Error) => giveBack(sent, error))
      .finally(() => setWaiting((all) => all.filter((s) => s !== sent)));
  };

  return {
    ...typed,
    asked,
    waiting,
    /** What was entered last, taken or not. */
    sent,
    submit,
    /** Sends what was lost again, if it is this; tells whether it was. */
    resend: (isSame: (sent: S) => boolean): boolean => {
      if (!lost || lost.text !== typed.text || !isSame(lost)) {
        return false;
      }
      setLost(undefined);
      submit(lost);
      return true;
    },
    type: (text: string) => {
      typed.type(text);
      setAsked(undefined);
    },
    clear: () => {
      typed.clear();
      setAsked(undefined);
    },
  };
}
