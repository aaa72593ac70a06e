import { Fragment } from 'react';
import type { Schemas, Sheet, StoredPass } from '../api/client';
import type { RowsProps } from '../station/station';
import { gridTemplate } from '../section/layout';
import { Cells, Row } from '../section/SheetRow';
import { roundedInBrief, signedPercent } from '../units/figure';
import { useUnits } from '../units/UnitsContext';
import { askedNote } from '../ui/askedNote';
import { NotedCell } from '../ui/NotedCell';
import { Attempts } from './Attempts';
import { PassDoubts } from './PassDoubts';
import { middleOf } from './middleOf';
import type { Entry } from './useEntry';
import { labelOf } from '../api/labelOf';

interface Props extends RowsProps {
  /** Missing where nothing is typed. */
  entry?: Entry;
}

/** Compression under the section: each pass, then what follows from it. */
export function ReadingRows({ sheet, columns, measure, brief, entry }: Props) {
  const rows = { columns, measure };
  return (
    <>
      {sheet.passes.map((pass, i) => (
        <Fragment key={pass.id}>
          <PassRow {...rows} sheet={sheet} pass={pass} index={i} entry={entry} />
          {entry && <PassDoubts sheet={sheet} pass={pass} />}
        </Fragment>
      ))}
      {!brief && <ResultRows {...rows} sheet={sheet} />}
    </>
  );
}

function ResultRows({ sheet, ...rows }: RowsProps) {
  const units = useUnits();
  const results = sheet.compression.cylinders;
  const wet = new Map(sheet.compression.wet.map((w) => [w.cylinder, w]));
  const low = (c: number) => (results[c]?.standing === 'LOW' ? 'text-leak' : '');
  return (
    <>
      {sheet.compression.evenness && (
        <Row {...rows} name="of median" unit="%">
          {(c) => {
            const d = results[c]?.deviationFromMedian;
            return d != null && <span className={low(c)}>{signedPercent(d)}</span>;
          }}
        </Row>
      )}
      {Object.values(results).some(differsAtSeaLevel) && (
        <Row {...rows} name="at sea level" unit={units.symbol('pressure')}>
          {(c) => {
            const level = results[c]?.seaLevelKPa;
            return level != null && <span className={low(c)}>{units.format('pressure', level)}</span>;
          }}
        </Row>
      )}
      {wet.size > 0 && (
        <Row {...rows} name="wet, net" unit="%">
          {(c) => {
            const net = wet.get(c)?.netPercent;
            return net ? (
              <span
                title={wet.get(c)!.reason}
                className={wet.get(c)!.outcome === 'RINGS_SEALED' ? 'text-leak' : ''}
              >
                {signedPercent(net.best / 100)}
              </span>
            ) : (
              wet.has(c) && '?'
            );
          }}
        </Row>
      )}
      {Object.values(results).some((r) => r.leakAreaMm2 && r.standing === 'LOW') && (
        <Row {...rows} name="as leak" unit="mm²">
          {(c) => {
            const a = results[c]?.leakAreaMm2;
            return (
              a &&
              results[c]?.standing === 'LOW' && (
                <span className="whitespace-nowrap text-leak">{roundedInBrief(a)}</span>
              )
            );
          }}
        </Row>
      )}
    </>
  );
}

/** Whether the air was thin enough here for the sea-level value to be a different one. */
function differsAtSeaLevel(r: Schemas['CylinderResult']): boolean {
  return !!r.seaLevelKPa && !!r.value?.valueKPa && Math.abs(r.seaLevelKPa / r.value.valueKPa - 1) > 0.01;
}

interface PassRowProps extends Pick<Props, 'sheet' | 'columns' | 'measure'> {
  pass: StoredPass;
  index: number;
  entry?: Entry;
}

const KINDS = { DRY: 'Dry', WET: 'Wet' } as const;

function PassRow({ sheet, columns, measure, pass, index, entry }: PassRowProps) {
  const units = useUnits();
  const same = sheet.passes.filter((p) => p.kind === pass.kind);
  const name = KINDS[pass.kind] + (same.length > 1 ? ` ${same.indexOf(pass) + 1}` : '');
  const active = entry?.pass.id === pass.id;
  return (
    <div
      role="row"
      className={`grid min-h-[2.875rem] items-center border-b border-hair ${active ? 'bg-well' : 'bg-paper'}`}
      style={{ gridTemplateColumns: gridTemplate(columns, measure) }}
      data-pass={index}
    >
      <div
        role="rowheader"
        className="sticky left-0 z-[1] flex h-full flex-col justify-center bg-inherit px-3 text-[1.0625rem] font-medium"
      >
        {name}
        {active && pass.kind === 'WET' && (
          <span className="no-print flex items-center text-[0.875rem] font-normal text-soft">
            <input
              className="h-[2.75rem] w-11 border border-metal bg-well text-center font-mono"
              aria-label={`Oil for this attempt in ${entry.doseIn}`}
              inputMode="decimal"
              value={entry.oil}
              onChange={(e) => entry.setOil(e.target.value)}
            />
            <button
              type="button"
              className="min-h-[2.75rem] min-w-[2.75rem] px-1 underline underline-offset-2 hover:text-act"
              aria-label={`Oil in ${entry.doseIn}; change`}
              onClick={() => entry.setDoseIn(entry.doseIn === 'mL' ? 'tsp' : 'mL')}
            >
              {entry.doseIn}
            </button>
          </span>
        )}
      </div>
      {columns.map((c, i) => (
        <Cells key={c.cylinder} gap={!!c.bank && i > 0}>
          <div role="cell" className="relative h-full">
            {active && entry.cylinder === c.cylinder ? (
              <EntryCell sheet={sheet} pass={pass} entry={entry} cylinder={c.cylinder} />
            ) : (
              <Attempts sheet={sheet} pass={pass} cylinder={c.cylinder} entry={entry} />
            )}
          </div>
        </Cells>
      ))}
      <div role="cell" className="pl-1.5 whitespace-nowrap text-soft">
        {units.symbol('pressure')}
      </div>
    </div>
  );
}

function EntryCell({
  sheet,
  pass,
  entry,
  cylinder,
}: {
  sheet: Sheet;
  pass: StoredPass;
  entry: Entry;
  cylinder: number;
}) {
  const label = labelOf(sheet, cylinder);
  const units = useUnits();
  const counting = pass.readings.filter((r) => r.cylinder === cylinder && !r.setAside);
  const attempt = pass.readings.filter((r) => r.cylinder === cylinder).length + (entry.open ? 0 : 1);
  const refusedByRule =
    pass.kind === 'WET' && !sheet.cylinders.find((c) => c.number === cylinder)?.wetTestable;
  const note =
    entry.refused ?? (refusedByRule ? { text: '', why: sheet.compression.wetRefusal ?? '' } : undefined);
  return (
    <NotedCell note={askedNote(entry.asked, note)} dismiss={entry.clear}>
      <div className="relative h-full">
        <input
          data-readings
          autoFocus
          inputMode="decimal"
          autoComplete="off"
          className="h-full min-h-[2.875rem] w-full border-2 border-act bg-well pt-1.5 text-center font-mono text-[1.375rem] text-act outline-none placeholder:text-metal"
          aria-label={`${KINDS[pass.kind]} reading, cylinder ${label}${entry.open ? `, stroke ${entry.open.strokes + 1}` : ''}`}
          aria-invalid={!!entry.refused}
          aria-describedby="refused"
          placeholder={counting.length ? units.format('pressure', middleOf(counting)) : undefined}
          value={entry.text}
          onChange={(e) => entry.setText(e.target.value)}
        />
        <span className="pointer-events-none absolute top-0.5 left-1.5 text-[0.7188rem] text-soft">
          {entry.mode === 'strokes'
            ? `stroke ${(entry.open?.strokes ?? 0) + 1}`
            : attempt > 1
              ? `repeat ${attempt - 1}`
              : ''}
        </span>
      </div>
    </NotedCell>
  );
}
