import { useState } from 'react';
import { Refusal } from '../api/client';

interface Refused {
  /** What was typed, to be read beside the cell. */
  text: string;
  why: string;
}

/**
 * The text of a cell that takes readings. A refused text stays in the cell and beside it; the first key after a refusal
 * begins a new one instead of being added to it.
 *
 * @param signed whether a minus belongs to its numbers
 */
export function useTypedCell(signed = false) {
  const [text, setText] = useState('');
  const [refused, setRefused] = useState<Refused>();
  const type = (next: string) => {
    const cleaned = next.replace(signed ? /[^0-9.,\s−-]/g : /[^0-9.,\s]/g, '');
    const added = cleaned.length > text.length && cleaned.startsWith(text);
    setText(refused && added ? cleaned.slice(text.length) : cleaned);
    setRefused(undefined);
  };
  return {
    text,
    refused,
    type,
    press: (key: string) => type(key === '⌫' ? text.slice(0, -1) : text + key),
    clear: () => {
      setText('');
      setRefused(undefined);
    },
    /** Gives a text back with the reason why it was not taken. */
    refuse: (given: string, why: string) => {
      setText(given);
      setRefused({ text: given, why });
    },
  };
}

/** The first cell that takes readings; there is one on each bench. */
export function readingCell(): HTMLInputElement | null {
  return document.querySelector<HTMLInputElement>('input[data-readings]');
}

/** Whether the answer was lost, so that nobody knows whether the reading is there: it is sent again under its own key. */
export function answerWasLost(error: Error): boolean {
  return !(error instanceof Refusal) || error.status === 0 || error.status >= 500;
}

export function inFewWords(error: Error): string {
  if (error instanceof Refusal && error.errors.length > 0) {
    return error.errors
      .map((e) => (e.allowed ? `Allowed: ${e.allowed}. ${e.message}.` : e.message))
      .map((s) => s.charAt(0).toUpperCase() + s.slice(1))
      .join(' ');
  }
  return error.message;
}
