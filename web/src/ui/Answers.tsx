interface Props<K extends string> {
  label: string;
  items: readonly (readonly [K, string])[];
  answers: Record<string, boolean>;
  onAnswer: (item: K, answer: boolean | undefined) => void;
}

const NEXT = new Map<boolean | undefined, boolean | undefined>([
  [undefined, true],
  [true, false],
  [false, undefined],
]);

/** Several questions at once. A tap says yes, a second one no, a third takes it back to "not asked". */
export function Answers<K extends string>({ label, items, answers, onAnswer }: Props<K>) {
  return (
    <div role="group" aria-label={label}>
      <div className="heading mb-1">
        {label} <span className="font-normal tracking-normal normal-case">· tap: yes, again: no</span>
      </div>
      <div className="flex flex-wrap gap-1.5">
        {items.map(([item, words]) => {
          const answer = answers[item];
          return (
            <button
              key={item}
              type="button"
              aria-pressed={answer === true}
              aria-label={`${words}: ${answer === undefined ? 'not asked' : answer ? 'yes' : 'no'}`}
              className={`min-h-[2.75rem] border px-3 ${
                answer === true
                  ? 'border-ink bg-ink text-paper'
                  : answer === false
                    ? 'border-metal bg-paper text-soft line-through'
                    : 'border-metal bg-well'
              }`}
              onClick={() => onAnswer(item, NEXT.get(answer))}
            >
              {words}
            </button>
          );
        })}
      </div>
    </div>
  );
}
