import { useId, useState } from 'react';
import type { EngineDocument } from '../api/client';
import { inLabels, labelIn, readBankLabels, withBankLabels } from './labels';

type Bank = EngineDocument['banks'][number];

interface Props {
  engine: EngineDocument;
  error?: string;
  onChange: (labels: EngineDocument['labels']) => void;
}

const NAMES = { ONLY: 'Labels', LEFT: 'Labels, left bank', RIGHT: 'Labels, right bank' } as const;

/**
 * What the shop calls the cylinders, bank by bank in the order in which they stand, so that a label never lands on
 * another bank. The banks are drawn as they are typed: who stands beside whom.
 */
export function BankLabels({ engine, error, onChange }: Props) {
  const [typed, setTyped] = useState<Record<string, string>>({});
  // What is typed stays until the engine says the same: the second bank may be typed before the first one is saved.
  const kept = engine.banks.filter((b) => saysTheSame(engine, b, typed[b.side]));
  if (kept.length) {
    setTyped((old) =>
      Object.fromEntries(Object.entries(old).filter(([side]) => !kept.some((b) => b.side === side))),
    );
  }
  const preview = engine.banks.reduce<EngineDocument>((e, bank) => {
    const text = typed[bank.side];
    const read = text === undefined ? undefined : readBankLabels(bank, text);
    return read && 'value' in read ? { ...e, labels: withBankLabels(e, bank, read.value) } : e;
  }, engine);
  return (
    <div className="col-span-2 flex flex-wrap items-end gap-x-5 gap-y-2">
      {engine.banks.map((bank) => (
        <Field
          key={bank.side + bank.cylinders.join()}
          engine={engine}
          bank={bank}
          typed={typed[bank.side]}
          onType={(text) => setTyped((old) => ({ ...old, [bank.side]: text }))}
          onCommit={() => onChange(preview.labels)}
        />
      ))}
      <Banks engine={preview} />
      {error && <p className="refusal w-full">{error}</p>}
    </div>
  );
}

function saysTheSame(engine: EngineDocument, bank: Bank, text: string | undefined): boolean {
  const read = text === undefined ? undefined : readBankLabels(bank, text);
  return (
    !!read &&
    'value' in read &&
    bank.cylinders.every((c) => read.value[String(c)] === engine.labels?.[String(c)])
  );
}

/** The labels of a bank as they are typed; nothing where its cylinders only have numbers. */
function labelsOf(engine: EngineDocument, bank: Bank): string {
  return bank.cylinders.some((c) => engine.labels?.[String(c)]) ? inLabels(engine, bank.cylinders, ' ') : '';
}

interface FieldProps {
  engine: EngineDocument;
  bank: Bank;
  typed?: string;
  onType: (text: string) => void;
  onCommit: () => void;
}

function Field({ engine, bank, typed, onType, onCommit }: FieldProps) {
  const id = useId();
  const kept = labelsOf(engine, bank);
  const read = typed === undefined ? undefined : readBankLabels(bank, typed);
  const problem = read && 'problem' in read ? read.problem : undefined;
  const commit = () => {
    if (read && 'value' in read) {
      onCommit();
    }
  };
  return (
    <div className="w-56">
      <label htmlFor={id} className="mb-1 block text-soft">
        {NAMES[bank.side]}, from the free end
      </label>
      <input
        id={id}
        className="field font-mono"
        placeholder={bank.cylinders.join(' ')}
        value={typed ?? kept}
        aria-invalid={!!problem}
        onChange={(e) => onType(e.target.value)}
        onBlur={commit}
        onKeyDown={(e) => e.key === 'Enter' && commit()}
      />
      {problem && <p className="refusal">{problem}</p>}
    </div>
  );
}

const STEP = 46;

/** The banks from above, free end at the left; a line joins neighbours under one gasket. */
function Banks({ engine }: { engine: EngineDocument }) {
  const longest = Math.max(...engine.banks.map((b) => b.cylinders.length));
  const height = engine.banks.length * 40;
  const beside = engine.banks
    .flatMap((b) =>
      b.cylinders.slice(1).map((c, i) => `${labelIn(engine, b.cylinders[i]!)} beside ${labelIn(engine, c)}`),
    )
    .join(', ');
  return (
    <svg
      role="img"
      aria-label={`Neighbours: ${beside || 'none'}`}
      width={longest * STEP + 16}
      height={height}
      className="shrink-0"
    >
      {engine.banks.map((bank, b) => {
        const y = b * 40 + 20;
        return (
          <g key={bank.side}>
            <line
              x1={STEP / 2 + 4}
              x2={(bank.cylinders.length - 0.5) * STEP + 4}
              y1={y}
              y2={y}
              stroke="var(--ink)"
              strokeWidth="2"
            />
            {bank.cylinders.map((c, i) => (
              <g key={c}>
                <circle cx={(i + 0.5) * STEP + 4} cy={y} r="17" fill="var(--well)" stroke="var(--ink)" />
                <text
                  x={(i + 0.5) * STEP + 4}
                  y={y + 4.5}
                  textAnchor="middle"
                  fill="var(--ink)"
                  className="font-mono text-[0.8125rem]"
                >
                  {labelIn(engine, c)}
                </text>
              </g>
            ))}
          </g>
        );
      })}
    </svg>
  );
}
