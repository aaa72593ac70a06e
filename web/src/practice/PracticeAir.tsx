import { useEffect, useRef, useState } from 'react';
import type { Schemas, Sheet } from '../api/client';
import { answer, api } from '../api/client';
import { useChange } from '../job/useSheet';
import { useTyping } from '../instruments/useTyping';
import { readingCell } from '../ui/useTypedCell';
import { Tick } from '../ui/Tick';
import { useUnits } from '../units/UnitsContext';
import { capital, label } from '../words/labels';
import { graphOf, meter, play } from './leakSound';
import type { PracticeState, Practising } from './usePractice';

const SETTLES_MS = 1800;
const LISTENS_MS = 2500;
const none = () => undefined;

/** What the hands at the leak-down bench hold. */
interface Hand {
  cylinder: number;
  text: string;
  setText: (text: string) => void;
  sent: { text: string } | undefined;
  setSupply: (supply: string) => void;
  setTesterId: (id: number) => void;
  zeroed: boolean;
  setZeroed: (zeroed: boolean) => void;
  twoGauges: boolean;
}

interface Props {
  sheet: Sheet;
  hand: Hand;
  practice: Practising;
  name: string;
  /** The tester is chosen: what comes next is listening. */
  onTester: () => void;
}

/** Puts air into the practice engine: the tester types once it has settled, and at each place the leak is heard. */
export function PracticeAir({ sheet, hand, practice, name, onTester }: Props) {
  const units = useUnits();
  const [felt, setFelt] = useState(false);
  const { state } = practice;
  const shown = state?.shown ?? [];
  const number = shown.findLastIndex((s) => s.deed.kind === 'AIR');
  const air = number >= 0 ? shown[number]! : undefined;
  const here = air?.deed.cylinder === hand.cylinder;
  const [opened] = useState(number);
  const [settled, setSettled] = useState(opened);
  useEffect(() => {
    if (settled === number) {
      return;
    }
    const timer = setTimeout(() => setSettled(number), SETTLES_MS);
    return () => clearTimeout(timer);
  }, [number, settled]);
  const still = here && settled === number && air ? air : undefined;
  const offer =
    still && number > opened && hand.twoGauges
      ? { number: number + 1, text: units.format('pressure', still.gauges[1]!) }
      : undefined;
  const stands = useTyping({ offer, cell: hand, sent: hand.sent, onTaken: none });
  const { setSupply, zeroed } = hand;
  const supply = stands && still ? units.format('pressure', still.gauges[0]!) : '';
  useEffect(() => {
    if (supply) {
      setSupply(supply);
    }
    // Once for each reading; what somebody types over it stays.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [supply, number]);
  if (!state || state.stated) {
    return null;
  }
  const filling = here && settled !== number;
  return (
    <div className="no-print shrink-0 border-t border-hair px-3 py-1" data-practice-air>
      <div className="flex flex-wrap items-center gap-4">
        <span className="min-w-[9rem] font-mono text-[1.625rem]">
          {still ? still.gauges.map((g) => units.format('pressure', g)).join(' / ') : '–'}
        </span>
        <Tick label="felt the air push as it rose" value={felt} onChange={setFelt} />
        <Tick label="zeroed" value={zeroed} onChange={hand.setZeroed} />
        <span className="flex-1 leading-tight text-soft" role="status">
          {!hand.twoGauges ? (
            <Tester
              sheet={sheet}
              state={state}
              choose={(id) => {
                hand.setTesterId(id);
                onTester();
              }}
            />
          ) : filling ? (
            'Filling …'
          ) : still ? (
            stands ? (
              'Settled. Enter takes it, then listen.'
            ) : (
              'Listen, and write down what you hear.'
            )
          ) : (
            'Zero it with the outlet shut, then open the air.'
          )}
        </span>
        <button
          className="button button-main"
          disabled={practice.pending || filling}
          onClick={() =>
            void practice
              .does({ kind: 'AIR', cylinder: hand.cylinder, stroke: felt, zeroed })
              .catch(none)
              .finally(() => readingCell()?.focus())
          }
        >
          Open the air on {name}
        </button>
      </div>
      {still && <Listening sounds={still.sounds} key={number} />}
    </div>
  );
}

/** The tester that lies on this bench, as it is stamped; whether the stamp is right is another question. */
function Tester({
  sheet,
  state,
  choose,
}: {
  sheet: Sheet;
  state: PracticeState;
  choose: (testerId: number) => void;
}) {
  const take = useChange(sheet.job.id, (tester: NonNullable<PracticeState['tester']>) =>
    answer(
      api.POST('/api/jobs/{id}/leakdown/testers', {
        params: { path: { id: sheet.job.id } },
        body: {
          name: `Bench tester ${tester.orificeMm} mm`,
          kind: 'TWO_GAUGES',
          calibrated: false,
          supplyKPa: tester.supplyKPa,
          orificeMm: tester.orificeMm,
        },
      }),
    ),
  );
  const known = sheet.leakdown.testers.find(
    (t) => t.tester.name === `Bench tester ${state.tester?.orificeMm} mm`,
  );
  return (
    <button
      className="button"
      disabled={!state.tester || take.isPending}
      onClick={() =>
        known
          ? choose(known.id)
          : take.mutate(state.tester!, {
              onSuccess: (next) => choose(next.leakdown.testers.at(-1)!.id),
            })
      }
    >
      Take the tester from the bench
    </button>
  );
}

/** Every place, to be listened at; a meter and words tell whoever cannot or may not hear. */
function Listening({ sounds }: { sounds: Schemas['LeakSound'][] }) {
  const context = useRef<AudioContext>(undefined);
  const stop = useRef<() => void>(undefined);
  const [at, setAt] = useState<string>();
  const [told, setTold] = useState<string[]>([]);
  const end = () => {
    stop.current?.();
    stop.current = undefined;
    setAt(undefined);
  };
  useEffect(() => {
    if (!at) {
      return;
    }
    const timer = setTimeout(end, LISTENS_MS);
    return () => clearTimeout(timer);
  }, [at]);
  useEffect(
    () => () => {
      stop.current?.();
      void context.current?.close();
    },
    [],
  );
  const listen = (sound: Schemas['LeakSound']) => {
    end();
    setTold((all) => [...all, sound.place]);
    setAt(sound.place);
    context.current ??= new AudioContext();
    stop.current = play(context.current, graphOf(sound));
  };
  return (
    <div className="grid grid-cols-3 gap-x-4 pb-1" role="group" aria-label="Listen">
      {sounds.map((s) => (
        <div key={s.place} className="flex min-w-0 items-center gap-2">
          <button
            className="button w-[6.5rem] shrink-0 px-1"
            aria-pressed={at === s.place}
            data-listen={s.place}
            onClick={() => listen(s)}
          >
            {capital(label('Place', s.place))}
          </button>
          <span className="min-w-0 flex-1 leading-tight">
            <span
              role="meter"
              aria-label={label('Place', s.place)}
              aria-valuemin={0}
              aria-valuemax={1}
              aria-valuenow={told.includes(s.place) ? meter(s) : 0}
              className="block h-2 border border-metal"
            >
              {told.includes(s.place) && (
                <span className="block h-full bg-ink" style={{ width: `${100 * meter(s)}%` }} />
              )}
            </span>
            <span className="line-clamp-2 block text-[0.9375rem]">
              {told.includes(s.place) ? s.words : 'not listened yet'}
            </span>
          </span>
        </div>
      ))}
    </div>
  );
}
