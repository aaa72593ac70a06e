import { type FieldError, sentence } from '../api/client';

interface Props {
  under?: { done: number; total: number };
  giveUp: () => void;
  problems: FieldError[];
}

/** How far a file that is sent in has come; or what is wrong with it and where. */
export function ImportState({ under, giveUp, problems }: Props) {
  if (under) {
    return (
      <div role="status" className="flex w-full items-center gap-3 border border-ink p-3">
        <progress
          className="h-4 flex-1"
          value={under.total ? under.done : undefined}
          max={under.total || 1}
        />
        <span className="font-mono">
          {under.total ? `${under.done} of ${under.total} readings` : 'reading the file …'}
        </span>
        <button className="button" onClick={giveUp}>
          Give up
        </button>
      </div>
    );
  }
  if (problems.length === 0) {
    return null;
  }
  return (
    <div role="alert" className="w-full border border-leak p-3">
      <p className="refusal">This file was not loaded; nothing was changed.</p>
      <ul className="mt-1 max-h-60 overflow-y-auto">
        {problems.map((e) => (
          <li key={e.field + e.message}>
            <span className="mr-2 font-mono text-[0.875rem]">{e.field}</span>
            {sentence(e)}
          </li>
        ))}
      </ul>
    </div>
  );
}
