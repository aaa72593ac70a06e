import { ChevronDown, ChevronUp } from 'lucide-react';
import { type ReactNode, useEffect, useState } from 'react';
import type { Sheet } from '../api/client';
import { CylinderHeads } from '../section/CylinderHeads';
import { FULL, LEAST } from '../section/heights';
import { type Column, columnsOf, measure, type Measure } from '../section/layout';
import { rem } from '../section/scale';
import { Section } from '../section/Section';
import { useSize } from '../section/useSize';

interface Props {
  sheet: Sheet;
  current: number;
  /** The rows, the one that is typed into among them. */
  table: (columns: Column[], measure: Measure) => ReactNode;
  /** What belongs to typing: always in view, under the rows. */
  bar?: ReactNode;
  /** What the bench below needs, in units of the layout, before the section may take more. */
  least: number;
  children: ReactNode;
}

/** Of the rows at least so much stays, the one that is typed into within it. */
const LEAST_ROWS = 96;
const SECTION = 'silent-otter.section';

/**
 * A bench with cells to type into. The numbers of the cylinders, the row that is typed into and its buttons are always in
 * view; the section above gives way, then the other rows scroll.
 */
export function Pad({ sheet, current, table, bar, least, children }: Props) {
  const [whole, size] = useSize();
  const [heads, headSize] = useSize();
  const [rows, rowSize] = useSize();
  const [foot, footSize] = useSize();
  // Kept open or folded where somebody said so; otherwise it takes what is left.
  const [wanted, setWanted] = useState(() => localStorage.getItem(SECTION));
  const columns = columnsOf(sheet.engine.engine);
  const m = measure(size.width, columns);
  const taken = headSize.height + footSize.height + least;
  const free = Math.floor(size.height - taken - rowSize.height);
  const height =
    wanted === 'folded' || (free < LEAST && wanted !== 'open') ? 0 : Math.max(LEAST, Math.min(free, FULL));
  useEffect(() => {
    // Sideways on a long engine, and among many rows.
    document.querySelector('[data-readings]')?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  }, [current, rowSize.height, height]);
  const fold = () => {
    const next = height > 0 ? 'folded' : 'open';
    localStorage.setItem(SECTION, next);
    setWanted(next);
  };
  const most = Math.max(LEAST_ROWS, size.height - taken - height);
  return (
    <div ref={whole} className="flex min-h-0 min-w-0 flex-1 flex-col" data-pad>
      {size.width > 0 && (
        <div
          className="flex shrink-0 flex-col overflow-x-auto overflow-y-hidden border-b border-ink"
          role="table"
          aria-label="Readings"
        >
          <div ref={heads} className="w-max min-w-full">
            <CylinderHeads sheet={sheet} columns={columns} measure={m} current={current}>
              <button
                className="flex h-full min-h-[2.75rem] w-full items-center gap-1 px-3 text-soft hover:text-act"
                aria-expanded={height > 0}
                onClick={fold}
              >
                Section{' '}
                {height > 0 ? <ChevronUp aria-hidden size={16} /> : <ChevronDown aria-hidden size={16} />}
              </button>
            </CylinderHeads>
          </div>
          {height > 0 && <Section sheet={sheet} columns={columns} measure={m} height={height} />}
          <div
            className="w-max min-w-full overflow-x-hidden overflow-y-auto border-t border-ink"
            style={{ maxHeight: rem(most) }}
          >
            <div ref={rows}>{table(columns, m)}</div>
          </div>
        </div>
      )}
      <div ref={foot} className="shrink-0">
        {bar}
      </div>
      {children}
    </div>
  );
}
