import { Link } from 'react-router';
import type { Sheet } from '../api/client';
import { OrientationMap } from '../engine/OrientationMap';
import { SoakReminder } from '../signs/SoakTimer';
import { useTheme } from '../theme/useTheme';
import { address, screenOf } from './stations';
import type { StationName } from '../station/station';

/** The round: each station with its result as a small strip, a bar for each cylinder. */
export function Round({
  sheet,
  station,
  onKeys,
}: {
  sheet: Sheet;
  station: StationName;
  onKeys: () => void;
}) {
  const [dark, toggleDark] = useTheme();
  return (
    <nav
      className="no-print flex w-[204px] shrink-0 flex-col overflow-y-auto border-r border-ink max-[1099px]:w-full max-[1099px]:flex-row max-[1099px]:items-center max-[1099px]:border-r-0 max-[1099px]:border-b"
      aria-label="The round"
    >
      <h2 className="heading px-4 pt-3 pb-1 max-[1099px]:sr-only">The round</h2>
      <SoakReminder sheet={sheet} />
      <ol className="max-[1099px]:flex max-[1099px]:flex-1 max-[1099px]:self-stretch">
        {sheet.round.map(({ station: s, minutes, needs, spoils }) => {
          const { name, Strip, words } = screenOf(s);
          return (
            <li key={s} className="max-[1099px]:flex-1">
              <Link
                to={address(sheet.job.id, s)}
                aria-current={s === station ? 'step' : undefined}
                title={
                  minutes
                    ? [`about ${minutes} min`, ...needs, ...spoils.map((w) => `you will ${w}`)].join(', ')
                    : undefined
                }
                className="group relative block h-full min-h-[50px] border-b border-hair px-4 py-1.5 aria-[current=step]:bg-well"
              >
                <span className="absolute inset-y-0 left-0 hidden w-1.5 bg-act group-aria-[current=step]:block" />
                <span className="flex items-center justify-between gap-2">
                  <span className="text-[18px] leading-tight font-medium">{name}</span>
                  {Strip && <Strip sheet={sheet} />}
                </span>
                <span className="line-clamp-2 leading-tight text-soft">{words(sheet)}</span>
              </Link>
            </li>
          );
        })}
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
