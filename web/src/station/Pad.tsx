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
  /** Whether rows rather than the section give way where not all fit; they scroll, with the one typed into in view. */
  rowsYield?: boolean;
  children: ReactNode;
}

/** Of the rows at least so much stays, the one that is typed into within it. */
const LEAST_ROWS = 96;
/** The section where there is no room for it, and what the bench keeps then. */
const SMALL = 180;
const LEAST_BENCH = 112;
const SECTION = 'silent-otter.section';

/**
 * A bench with cells to type into. The numbers of the cylinders, the row that is typed into and its buttons are always in
 * view; the section above gives way, then the other rows scroll.
 */
export function Pad({ sheet, current, table, bar, least, rowsYield = false, children }: Props) {
  const [whole, size] = useSize();
  const [heads, headSize] = useSize();
  const [rows, rowSize] = useSize();
  const [foot, footSize] = useSize();
  // Kept open or folded where somebody said so; otherwise it takes what is left.
  const [wanted, setWanted] = useState(() => localStorage.getItem(SECTION));
  const columns = columnsOf(sheet.engine.engine);
  const m = measure(size.width, columns);
  const room = size.height - headSize.height - footSize.height;
  const free = Math.floor(room - least - rowSize.height);
  const shown = free >= LEAST ? Math.min(free, FULL) : rowsYield || wanted === 'open' ? SMALL : 0;
  const height = wanted === 'folded' ? 0 : shown;
  useEffect(() => {
    // Sideways on a long engine, and among many rows.
    document.querySelector('[data-readings]')?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  }, [current, rowSize.height, height]);
  const fold = () => {
    const next = height > 0 ? 'folded' : 'open';
    localStorage.setItem(SECTION, next);
    setWanted(next);
  };
  // A small section is paid for by the bench before the rows pay.
  const most = Math.max(LEAST_ROWS, room - height - (free < LEAST ? Math.min(least, LEAST_BENCH) : least));
  return (
    <div ref={whole} className="flex min-h-0 min-w-0 flex-1 flex-col low:min-h-[24rem]" data-pad>
      {size.width > 0 && (
        <div
          className="shrink-0 overflow-auto border-b border-ink"
          style={{
            maxHeight: rem(headSize.height + height + most),
            scrollPaddingTop: rem(headSize.height + height),
            scrollPaddingLeft: rem(m.label),
          }}
          role="table"
          aria-label="Readings"
        >
          <div className="sticky top-0 z-[3] w-max min-w-full border-b border-ink bg-paper">
            <div ref={heads}>
              <CylinderHeads
                sheet={sheet}
                columns={columns}
                measure={m}
                current={current}
                strip={height === 0}
              >
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
          </div>
          <div ref={rows} className="w-max min-w-full">
            {table(columns, m)}
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
