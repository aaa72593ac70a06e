import { Choice } from '../ui/Choice';
import { YesNo } from '../ui/YesNo';
import { labels } from '../words/labels';

/** A question about one field of what is looked at; its answers are those of the field. */
export interface Question<T> {
  field: keyof T & string;
  label: string;
  /** The answers of a choice, each with its words. */
  answers?: readonly (readonly [string, string])[];
  /** Words of yes and no, where the field is one of these. */
  yesNo?: { yes: string; no: string };
  /** Asked only where this holds. */
  when?: (told: T) => boolean;
}

/** The questions of one table, each answer checked against its field. */
export function questionsOf<T>() {
  return {
    choice: <K extends keyof T & string>(
      field: K,
      label: string,
      type: string,
      when?: (told: T) => boolean,
    ): Question<T> => ({ field, label, answers: labels(type), when }),
    /** A choice whose words are of this question alone. */
    inOtherWords: <K extends keyof T & string>(
      field: K,
      label: string,
      words: Record<NonNullable<T[K]> & string, string>,
    ): Question<T> => ({ field, label, answers: Object.entries(words) }),
    yesNo: <K extends keyof T & string>(
      field: NonNullable<T[K]> extends boolean ? K : never,
      label: string,
      words: { yes: string; no: string } = { yes: 'yes', no: 'no' },
      when?: (told: T) => boolean,
    ): Question<T> => ({ field, label, yesNo: words, when }),
    /** Marks what was seen as spoiled, and by what; it is kept and weighs little. */
    contaminated: <K extends keyof T & string>(field: K): Question<T> => ({
      field,
      label: 'Spoiled by',
      answers: labels('Contamination'),
    }),
  };
}

interface Props<T> {
  table: Question<T>[];
  told: T;
  /** Only what changes; undefined takes an answer back. */
  set: (patch: Partial<T>) => void;
}

/** A table of questions, as taps. */
export function Questions<T>({ table, told, set }: Props<T>) {
  return table
    .filter((q) => !q.when || q.when(told))
    .map(({ field, label, answers, yesNo }) => {
      const answer = (value: unknown) => set({ [field]: value } as Partial<T>);
      return answers ? (
        <Choice
          key={field}
          label={label}
          value={told[field] as string | undefined}
          options={answers}
          onChange={answer}
        />
      ) : (
        <YesNo
          key={field}
          label={label}
          {...yesNo}
          value={told[field] as boolean | undefined}
          onChange={answer}
        />
      );
    });
}
