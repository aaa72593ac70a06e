import { answer, api, type Sheet } from '../api/client';
import { BeforeSteps } from '../round/BeforeStep';
import { labelOf } from '../api/labelOf';
import { GaugeButton } from '../instruments/GaugeStrip';
import { useGauge } from '../instruments/useGauge';
import { readingCell } from '../ui/useTypedCell';
import { useChange } from '../job/useSheet';
import { ToggleGroup } from 'radix-ui';
import { Toggles } from '../ui/Toggles';
import { PracticeCrank } from '../practice/PracticeCrank';
import { usePractice } from '../practice/usePractice';
import { LiveGauge } from './LiveGauge';
import { type Entry, type EntryMode, wetOn } from './useEntry';

interface Props {
  sheet: Sheet;
  entry: Entry;
  keypad: boolean;
  onKeypad: () => void;
}

const MOST_BITES = 2;
const MODES: [EntryMode, string][] = [
  ['final', 'Final only'],
  ['strokes', 'Stroke by stroke'],
];

/** How readings are typed, and further passes. */
export function PassButtons({ sheet, entry, keypad, onKeypad }: Props) {
  const id = sheet.job.id;
  const gauge = useGauge('COMPRESSION', id);
  const practice = usePractice(id);
  const add = useChange(id, (kind: 'DRY' | 'WET') =>
    answer(api.POST('/api/jobs/{id}/compression/passes', { params: { path: { id } }, body: { kind } })),
  );
  const open = (kind: 'DRY' | 'WET') =>
    add.mutate(kind, {
      onSuccess: (next) =>
        entry.goTo((kind === 'WET' ? wetOn(next)[0] : undefined) ?? entry.cylinder, next.passes.at(-1)!.id),
    });
  const wet = sheet.passes.some((p) => p.kind === 'WET');
  const testable = sheet.cylinders.some((c) => c.wetTestable);
  return (
    <>
      <Bites sheet={sheet} entry={entry} />
      <div className="no-print flex flex-wrap items-center gap-2 px-3 py-1.5">
        <Toggles
          label="How readings are typed"
          value={entry.mode}
          onChange={(mode: EntryMode | undefined) => mode && entry.setMode(mode)}
          className="flex"
        >
          {MODES.map(([mode, words]) => (
            <ToggleGroup.Item
              key={mode}
              value={mode}
              className="-ml-px min-h-[2.75rem] border border-metal px-3 first:ml-0 aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper"
            >
              {words}
            </ToggleGroup.Item>
          ))}
        </Toggles>
        <button className="button" onClick={entry.repeat}>
          Repeat
        </button>
        <button className="button" aria-pressed={keypad} onClick={onKeypad}>
          Keypad
        </button>
        <GaugeButton gauge={gauge} onPress={() => readingCell()?.focus()} />
        {!wet && testable && (
          <span className="-mb-4 ml-auto">
            <BeforeSteps sheet={sheet} only={['POUR_OIL']} />
          </span>
        )}
        <span className="ml-auto flex gap-2">
          {!wet && testable && (
            <button className="button" onClick={() => open('WET')}>
              Wet pass
            </button>
          )}
          {!testable && (
            <span className="max-w-[34ch] self-center text-[0.875rem] leading-tight text-soft">
              {sheet.compression.wetRefusal}
            </span>
          )}
          <button className="button" onClick={() => open('DRY')}>
            Another dry pass
          </button>
        </span>
      </div>
      {practice.state ? (
        <PracticeCrank entry={entry} practice={practice} name={labelOf(sheet, entry.cylinder)} />
      ) : (
        <LiveGauge entry={entry} gauge={gauge} name={labelOf(sheet, entry.cylinder)} />
      )}
    </>
  );
}

/** What can hurt somebody, while it can: before the first reading of a pass is taken. The whole list stands under its tab. */
function Bites({ sheet, entry }: { sheet: Sheet; entry: Entry }) {
  const { safeOilMl } = sheet.compression;
  if (entry.pass.readings.length > 0) {
    return null;
  }
  const cautions = [
    ...(entry.pass.kind === 'WET' && safeOilMl != null
      ? [`At most ${safeOilMl.toFixed(1)} mL of oil in one cylinder, or it locks.`]
      : []),
    ...sheet.cautions,
  ].slice(0, MOST_BITES);
  return (
    <p className="no-print border-l-4 border-leak px-3 py-1 leading-snug font-medium" data-bites>
      {cautions.join(' ')}
    </p>
  );
}
