import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import type { Sheet } from '../api/client';
import { OrientationMap } from '../engine/OrientationMap';
import { usePlan } from '../job/usePlan';
import { isAnswer, useAnswerHidden } from '../practice/HiddenAnswer';
import { SoakReminder } from '../signs/SoakTimer';
import type { StationName } from '../station/station';
import { Elsewhere } from './Elsewhere';
import { address, screenOf } from './stations';

interface Props {
  sheet: Sheet;
  station: StationName;
  onKeys: () => void;
}

/** The round: each station with its result as a small strip, a bar for each cylinder. On a tablet one line. */
export function Round({ sheet, station, onKeys }: Props) {
  const { hidden } = useAnswerHidden(sheet.job.id);
  const plan = usePlan(sheet)?.plan.steps ?? [];
  const steps = hidden ? [] : plan;
  const here = useRef<HTMLLIElement>(null);
  useEffect(() => {
    // What it gives back is no way to clean up: nothing is returned.
    here.current?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  }, [station]);
  return (
    <nav
      className="no-print flex w-[12.75rem] shrink-0 flex-col border-r border-ink narrow:w-full narrow:overflow-visible narrow:border-r-0 narrow:border-b"
      aria-label="The round"
    >
      <h2 className="heading px-4 pt-3 pb-1 narrow:sr-only">The round</h2>
      <SoakReminder sheet={sheet} />
      <div className="min-h-0 flex-1 overflow-y-auto narrow:overflow-visible">
        <ol className="narrow:flex narrow:overflow-x-auto">
          {sheet.round.map(({ station: s, minutes, needs, spoils }) => {
            const { name, short = name, Strip, words } = screenOf(s);
            return (
              <li
                key={s}
                ref={s === station ? here : undefined}
                className="narrow:min-w-[3.5rem] narrow:flex-1 narrow:border-l narrow:border-hair narrow:first:border-l-0"
              >
                <Link
                  to={address(sheet.job.id, s)}
                  aria-current={s === station ? 'step' : undefined}
                  title={
                    minutes
                      ? [`about ${minutes} min`, ...needs, ...spoils.map((w) => `you will ${w}`)].join(', ')
                      : undefined
                  }
                  className="group relative block h-full min-h-[2.75rem] border-b border-hair px-4 py-1 aria-[current=step]:bg-well narrow:flex narrow:h-[3.75rem] narrow:flex-col narrow:items-center narrow:justify-between narrow:border-b-0 narrow:px-0.5"
                >
                  <span className="absolute inset-y-0 left-0 hidden w-1.5 bg-act group-aria-[current=step]:block narrow:inset-x-0 narrow:bottom-auto narrow:h-1.5 narrow:w-full" />
                  <span className="flex items-center justify-between gap-2 narrow:h-full narrow:w-full narrow:flex-col narrow:gap-0.5">
                    <span className="text-[1.125rem] leading-tight font-medium narrow:sr-only">{name}</span>
                    <span
                      className="hidden pt-1 text-[0.9375rem] leading-tight font-medium narrow:block"
                      aria-hidden
                    >
                      {short}
                    </span>
                    <Planned places={steps.flatMap((p, i) => (p.station === s ? i + 1 : []))} />
                    {Strip && <Strip sheet={sheet} />}
                  </span>
                  <span className="line-clamp-1 leading-tight text-soft narrow:sr-only">
                    {hidden && isAnswer(s) ? '' : words(sheet)}
                  </span>
                </Link>
              </li>
            );
          })}
        </ol>
        <div className="px-4 pt-3 narrow:hidden">
          <OrientationMap engine={sheet.engine.engine} cylinders={sheet.cylinders} />
        </div>
      </div>
      <div className="grid shrink-0 grid-cols-2 gap-x-2 border-t border-hair px-4 text-[0.9375rem] narrow:hidden">
        <Elsewhere onKeys={onKeys} />
      </div>
    </nav>
  );
}

/** Where a station comes in the plan: once for each step that is done there. On a tablet a line, there is no room for more. */
function Planned({ places }: { places: number[] }) {
  return places.length === 0 ? null : (
    <span
      className="ml-auto border border-act px-1 font-mono text-[0.9375rem] leading-tight text-act narrow:absolute narrow:inset-x-1 narrow:bottom-0 narrow:h-1 narrow:border-0 narrow:bg-act narrow:p-0"
      data-planned-step={places.join()}
    >
      <span className="sr-only">planned step </span>
      <span className="narrow:sr-only">{places.join(' ')}</span>
    </span>
  );
}
