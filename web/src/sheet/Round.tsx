import { Link } from 'react-router';
import type { Sheet } from '../api/client';
import { OrientationMap } from '../engine/OrientationMap';
import { SoakReminder } from '../signs/SoakTimer';
import { columnsOf } from '../section/layout';
import { useTheme } from '../theme/useTheme';
import { stationInWords } from './stationInWords';
import { address, nameOf, type Station } from './stations';

/** The round: each station with its result as a small strip, a bar for each cylinder. */
export function Round({ sheet, station, onKeys }: { sheet: Sheet; station: Station; onKeys: () => void }) {
  const [dark, toggleDark] = useTheme();
  return (
    <nav
      className="no-print flex w-[204px] shrink-0 flex-col overflow-y-auto border-r border-ink max-[1099px]:w-full max-[1099px]:flex-row max-[1099px]:items-center max-[1099px]:border-r-0 max-[1099px]:border-b"
      aria-label="The round"
    >
      <h2 className="heading px-4 pt-3 pb-1 max-[1099px]:sr-only">The round</h2>
      <SoakReminder sheet={sheet} />
      <ol className="max-[1099px]:flex max-[1099px]:flex-1 max-[1099px]:self-stretch">
        {sheet.stations.map((s) => (
          <li key={s} className="max-[1099px]:flex-1">
            <Link
              to={address(sheet.job.id, s)}
              aria-current={s === station ? 'step' : undefined}
              className="group relative block h-full min-h-[50px] border-b border-hair px-4 py-1.5 aria-[current=step]:bg-well"
            >
              <span className="absolute inset-y-0 left-0 hidden w-1.5 bg-act group-aria-[current=step]:block" />
              <span className="flex items-center justify-between gap-2">
                <span className="text-[18px] leading-tight font-medium">{nameOf(s)}</span>
                {s === 'COMPRESSION' && <Strip sheet={sheet} />}
                {(s === 'PLUGS' || s === 'INSIDE') && <LookStrip sheet={sheet} looks={looksAt(sheet, s)} />}
              </span>
              <span className="line-clamp-2 leading-tight text-soft">{stationInWords(sheet, s)}</span>
            </Link>
          </li>
        ))}
      </ol>
      <div className="mt-auto px-4 pt-3 max-[1099px]:mt-0 max-[1099px]:p-1">
        <OrientationMap engine={sheet.engine.engine} cylinders={sheet.cylinders} />
      </div>
      <div className="grid grid-cols-2 gap-x-2 px-4 py-2 text-[15px]">
        <Link className="min-h-[36px] py-2 underline underline-offset-4 hover:text-act" to="/">
          All jobs
        </Link>
        <Link className="min-h-[36px] py-2 underline underline-offset-4 hover:text-act" to="/calculator">
          Calculator
        </Link>
        <button
          className="min-h-[36px] text-left underline underline-offset-4 hover:text-act"
          onClick={onKeys}
        >
          Keys ?
        </button>
        <button
          className="min-h-[36px] text-left underline underline-offset-4 hover:text-act"
          onClick={toggleDark}
        >
          {dark ? 'Light' : 'Dark'}
        </button>
      </div>
    </nav>
  );
}

function looksAt(sheet: Sheet, station: 'PLUGS' | 'INSIDE'): Map<number, string> {
  const looks = station === 'PLUGS' ? sheet.seen.plugs : sheet.seen.inside;
  return new Map(looks.map((l) => [l.cylinder, l.look]));
}

const UNREMARKABLE = new Set(['tan', 'dry', 'pale']);

/** A mark for each cylinder: a stroke where nothing is odd, a block where something is. */
function LookStrip({ sheet, looks }: { sheet: Sheet; looks: Map<number, string> }) {
  const columns = columnsOf(sheet.engine.engine);
  if (looks.size === 0) {
    return null;
  }
  const step = Math.min(10, 80 / columns.length);
  return (
    <svg width={step * columns.length} height="16" aria-hidden className="shrink-0">
      {columns.map((c, i) => {
        const look = looks.get(c.cylinder);
        const odd = look && !UNREMARKABLE.has(look);
        return (
          <rect
            key={c.cylinder}
            x={i * step}
            y={odd ? 1 : 12}
            width={step - 2.5}
            height={odd ? 14 : 3}
            fill={!look ? 'var(--hair)' : look === 'oily' || look === 'oil wet' ? 'var(--oil)' : 'var(--ink)'}
          />
        );
      })}
    </svg>
  );
}

function Strip({ sheet }: { sheet: Sheet }) {
  const results = new Map(sheet.compression.cylinders.map((c) => [c.cylinder, c]));
  const highest = Math.max(1, ...sheet.compression.cylinders.map((c) => c.valueKPa ?? 0));
  const columns = columnsOf(sheet.engine.engine);
  const step = Math.min(10, 80 / columns.length);
  return (
    <svg width={step * columns.length} height="26" aria-hidden className="shrink-0">
      {columns.map((c, i) => {
        const r = results.get(c.cylinder);
        const h = r?.valueKPa != null ? Math.max(2, (r.valueKPa / highest) * 24) : 2;
        return (
          <rect
            key={c.cylinder}
            x={i * step}
            y={26 - h}
            width={step - 2.5}
            height={h}
            fill={r?.standing === 'LOW' ? 'var(--leak)' : r?.valueKPa != null ? 'var(--ink)' : 'var(--hair)'}
          />
        );
      })}
    </svg>
  );
}
