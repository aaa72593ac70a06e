import { useMutation } from '@tanstack/react-query';
import { ToggleGroup } from 'radix-ui';
import { answer, api, type EngineDocument } from '../api/client';
import { QuantityField } from '../ui/QuantityField';
import { Toggles } from '../ui/Toggles';
import { label } from '../words/labels';

type Layout = EngineDocument['layout'];
type Arrangement = Pick<EngineDocument, 'layout' | 'banks'>;

/** What stands in a yard; any other count is typed. */
const USUAL: [Layout, number[]][] = [
  ['INLINE', [1, 2, 3, 4, 5, 6, 8]],
  ['V', [2, 4, 6, 8, 10, 12, 16]],
  ['FLAT', [2, 4, 6]],
];

interface Props {
  engine: Arrangement;
  error?: string;
  onChange: (arrangement: Arrangement) => void;
}

/** Cylinders and layout by tapping a small drawing of the engine from above. */
export function LayoutTiles({ engine, error, onChange }: Props) {
  const count = engine.banks.reduce((n, b) => n + b.cylinders.length, 0);
  const choose = useMutation({
    mutationFn: async ({ layout, cylinders }: { layout: Layout; cylinders: number }) => {
      const { banks } = await answer(
        api.GET('/api/engines/usual', {
          params: { query: { layout, cylinders, endOfCylinderOne: 'FREE' } },
        }),
      );
      if (!banks[0]) {
        throw new Error(`${cylinders} cylinders cannot be shared evenly over two banks.`);
      }
      return { layout, banks: banks[0] };
    },
    onSuccess: onChange,
  });
  return (
    <div>
      {USUAL.map(([layout, counts]) => (
        <Toggles
          key={layout}
          label={label('Layout', layout)}
          value={engine.layout === layout ? String(count) : undefined}
          onChange={(n) => n && choose.mutate({ layout, cylinders: Number(n) })}
          className="mb-2 flex items-center"
        >
          <span className="w-16 shrink-0 text-soft">{label('Layout', layout)}</span>
          {counts.map((n) => (
            <ToggleGroup.Item
              key={n}
              value={String(n)}
              aria-label={`${n} ${label('Layout', layout)}`}
              className="-ml-px flex min-h-[3.75rem] min-w-[3.75rem] flex-col items-center justify-center gap-1 border border-metal bg-well text-ink aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper"
            >
              <FromAbove layout={layout} count={n} />
              <span className="font-mono text-[1.0625rem] leading-none">{n}</span>
            </ToggleGroup.Item>
          ))}
        </Toggles>
      ))}
      <div className="flex items-end gap-4">
        <div className="w-44">
          <QuantityField
            label={`Another count, ${label('Layout', engine.layout)}`}
            unit="1 to 16"
            value={count}
            error={error}
            onCommit={(n) => n && choose.mutate({ layout: engine.layout, cylinders: n })}
          />
        </div>
        {choose.error && <p className="refusal pb-2">{choose.error.message}</p>}
      </div>
    </div>
  );
}

/** Bores as dots: one row, two rows, or two rows that lie apart. */
function FromAbove({ layout, count }: { layout: Layout; count: number }) {
  const rows = layout === 'INLINE' ? 1 : 2;
  const each = Math.ceil(count / rows);
  const step = Math.min(9, 44 / each);
  const apart = layout === 'FLAT' ? 17 : 10;
  const r = Math.min(3.6, step * 0.4);
  return (
    <svg viewBox="-24 -14 48 28" style={{ width: '3rem', height: '1.75rem' }} aria-hidden>
      {layout === 'FLAT' && (
        <line
          x1={-(each * step) / 2}
          x2={(each * step) / 2}
          y1="0"
          y2="0"
          stroke="currentColor"
          strokeWidth="1.5"
        />
      )}
      {Array.from({ length: rows }, (_, row) =>
        Array.from({ length: each }, (_, i) => (
          <circle
            key={`${row} ${i}`}
            cx={(i - (each - 1) / 2) * step + (rows > 1 ? (row - 0.5) * step * 0.4 : 0)}
            cy={rows > 1 ? (row - 0.5) * apart : 0}
            r={r}
            fill="none"
            stroke="currentColor"
            strokeWidth="1.6"
          />
        )),
      )}
    </svg>
  );
}
