import { useQuery } from '@tanstack/react-query';
import { ToggleGroup } from 'radix-ui';
import { useState } from 'react';
import { answer, api, type EngineDocument } from '../api/client';
import { Choice } from '../ui/Choice';
import { QuantityField } from '../ui/QuantityField';
import { TextField } from '../ui/TextField';
import { Toggles } from '../ui/Toggles';
import { parseNumber } from '../units/units';
import { BankLabels } from './BankLabels';
import { inLabels, type Read, readFiringOrder, renumbered } from './labels';
import { labels } from '../words/labels';

type Layout = EngineDocument['layout'];
type Bank = EngineDocument['banks'][number];
type End = 'FREE' | 'FLYWHEEL';

interface Props {
  engine: EngineDocument;
  errorAt: (field: string) => string | undefined;
  onChange: (change: Partial<EngineDocument>) => void;
}

const SIDES = { ONLY: '', LEFT: 'left ', RIGHT: 'right ' } as const;

export function banksInWords(banks: Bank[], labels?: EngineDocument['labels']): string {
  return banks.map((b) => SIDES[b.side] + inLabels({ labels }, b.cylinders, ' ')).join(', ');
}

function endOfOne(engine: EngineDocument): End {
  const bank = engine.banks.find((b) => b.cylinders.includes(1));
  return bank && bank.cylinders.length > 1 && bank.cylinders.at(-1)! === 1 ? 'FLYWHEEL' : 'FREE';
}

/** Which cylinder stands where: count, layout, the end of cylinder 1, numbering, firing order. The usual ones are offered. */
export function ArrangementFields({ engine, errorAt, onChange }: Props) {
  const count = engine.banks.reduce((n, b) => n + b.cylinders.length, 0);
  const [wanted, setWanted] = useState<{ layout: Layout; cylinders: number; end: End }>();
  const { layout, cylinders, end } = wanted ?? {
    layout: engine.layout,
    cylinders: count,
    end: endOfOne(engine),
  };
  const usual = useQuery({
    queryKey: ['usual', layout, cylinders, end],
    queryFn: () =>
      answer(
        api.GET('/api/engines/usual', { params: { query: { layout, cylinders, endOfCylinderOne: end } } }),
      ),
    staleTime: Infinity,
  });
  const choose = async (next: { layout: Layout; cylinders: number; end: End }) => {
    setWanted(next);
    const offered = await answer(
      api.GET('/api/engines/usual', {
        params: {
          query: { layout: next.layout, cylinders: next.cylinders, endOfCylinderOne: next.end },
        },
      }),
    );
    const banks = offered.banks[0];
    if (banks) {
      const same = next.layout === engine.layout && next.cylinders === count;
      onChange({
        layout: next.layout,
        ...(same
          ? renumbered(engine, banks)
          : { banks, firingOrder: undefined, intervalsDeg: undefined, labels: undefined }),
      });
      setWanted(undefined);
    }
  };
  const order = inLabels(engine, engine.firingOrder ?? [], '-');
  const [orderProblem, setOrderProblem] = useState<string>();
  const [intervalProblem, setIntervalProblem] = useState<string>();
  return (
    <section className="space-y-3">
      <div className="grid grid-cols-3 items-start gap-x-5 gap-y-3">
        <Choice
          label="Layout"
          value={layout}
          options={labels('Layout')}
          onChange={(l) => l && void choose({ layout: l, cylinders, end })}
        />
        <QuantityField
          label="Cylinders"
          unit="1 to 16"
          value={cylinders}
          error={errorAt('cylinders') ?? (usual.error ? 'Allowed: 1 to 16.' : undefined)}
          onCommit={(n) => n && void choose({ layout, cylinders: n, end }).catch(() => undefined)}
        />
        <Choice
          label="Cylinder 1 stands at the"
          value={end}
          options={labels('EngineEnd')}
          onChange={(e) => e && void choose({ layout, cylinders, end: e })}
        />
      </div>
      {wanted && usual.data && usual.data.banks.length === 0 && (
        <p className="refusal">
          {cylinders} cylinders cannot be shared evenly over two banks. Choose an even number, or in line.
        </p>
      )}
      {(usual.data?.banks.length ?? 0) > 1 && (
        <Options
          label="Numbered from the free end (left and right seen from the flywheel end)"
          options={usual.data!.banks.map((b) => banksInWords(b))}
          chosen={banksInWords(engine.banks)}
          onChoose={(i) => onChange(renumbered(engine, usual.data!.banks[i]!))}
        />
      )}
      <div className="grid grid-cols-3 gap-x-5 gap-y-3">
        <div>
          <TextField
            label="Firing order"
            hint="such as 1-3-4-2, in your labels"
            value={order}
            error={orderProblem ?? errorAt('firingOrder')}
            onCommit={(text) => {
              const read = readFiringOrder(engine, text);
              setOrderProblem('problem' in read ? read.problem : undefined);
              if ('value' in read) {
                onChange({ firingOrder: read.value, intervalsDeg: undefined });
              }
            }}
          />
          {!order && (usual.data?.firingOrders.length ?? 0) > 0 && (
            <p className="mt-1 flex flex-wrap gap-x-3 text-soft">
              usual:
              {usual.data!.firingOrders.map((o) => (
                <button
                  key={o.join('-')}
                  type="button"
                  className="min-h-[2.75rem] font-mono text-[0.875rem] underline underline-offset-2 hover:text-act"
                  onClick={() => {
                    setOrderProblem(undefined);
                    onChange({ firingOrder: o });
                  }}
                >
                  {inLabels(engine, o, '-')}
                </button>
              ))}
            </p>
          )}
        </div>
        <TextField
          label="Intervals, if uneven (°)"
          hint="such as 90 150 90 150 …"
          value={engine.intervalsDeg?.join(' ')}
          error={intervalProblem ?? errorAt('intervalsDeg')}
          onCommit={(text) => {
            const read = degrees(text);
            setIntervalProblem('problem' in read ? read.problem : undefined);
            if ('value' in read) {
              onChange({ intervalsDeg: read.value });
            }
          }}
        />
        {engine.layout === 'V' && (
          <QuantityField
            label="Angle between the banks"
            unit="°"
            value={engine.veeDeg}
            error={errorAt('veeDeg')}
            onCommit={(veeDeg) => onChange({ veeDeg })}
          />
        )}
        <QuantityField
          label="Engine leans from upright"
          unit="°"
          value={engine.leanDeg}
          error={errorAt('leanDeg')}
          onCommit={(leanDeg) => onChange({ leanDeg })}
        />
      </div>
      <BankLabels engine={engine} error={errorAt('labels')} onChange={(labels) => onChange({ labels })} />
    </section>
  );
}

/** Degrees between any signs; undefined when nothing is typed. */
function degrees(text: string): Read<number[] | undefined> {
  const parts = text
    .trim()
    .split(/[\s;–]+/)
    .filter(Boolean);
  const values = parts.map(parseNumber);
  const wrong = parts.find((_, i) => values[i] === undefined);
  return wrong
    ? { problem: `“${wrong}” is no number of degrees.` }
    : { value: parts.length ? (values as number[]) : undefined };
}

interface OptionsProps {
  label: string;
  options: string[];
  chosen: string;
  onChoose: (index: number) => void;
}

function Options({ label, options, chosen, onChoose }: OptionsProps) {
  return (
    <div>
      <div className="heading mb-1" aria-hidden>
        {label}
      </div>
      <Toggles
        label={label}
        value={chosen}
        onChange={(o) => o && onChoose(options.indexOf(o))}
        className="flex flex-wrap gap-2"
      >
        {options.map((o) => (
          <ToggleGroup.Item
            key={o}
            value={o}
            className="min-h-[2.75rem] border border-metal bg-well px-3 font-mono text-[0.875rem] aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper"
          >
            {o}
          </ToggleGroup.Item>
        ))}
      </Toggles>
    </div>
  );
}
