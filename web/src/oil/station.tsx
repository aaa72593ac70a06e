import type { Sheet } from '../api/client';
import { WideRow } from '../section/SheetRow';
import type { RowsProps, StationScreen } from '../station/station';
import { useUnits } from '../units/UnitsContext';
import { label } from '../words/labels';
import { rateInWords } from './inWords';
import { OilStation } from './OilStation';

function inWords(sheet: Sheet): string {
  const { analysis, entries } = sheet.oil;
  const judged = analysis.opinions.find((o) => o.judged);
  if (entries.length === 0) {
    return 'no log yet';
  }
  return analysis.faults.length
    ? `${entries.length} lines, in doubt`
    : judged
      ? `${entries.length} lines, ${label('Judged', judged.judged!)}${judged.proved ? '' : ', not proved'}`
      : `${entries.length} lines`;
}

/** The rate in one line across the columns, and whether anybody knows which way it goes. */
function OilRows({ sheet, measure, brief }: RowsProps) {
  const units = useUnits();
  const { analysis } = sheet.oil;
  const told = rateInWords(units, analysis, analysis.axes[0]);
  const drawn = sheet.diagnosis.paths.some((p) => p.kind.startsWith('OIL_') && p.sureness !== 'OPEN');
  return !told || brief ? null : (
    <WideRow measure={measure} name="Oil use">
      <span className="font-mono text-[1.0625rem]">{told.figure}</span> {told.unit}{' '}
      <span className="text-soft">({told.range})</span>
      {analysis.faults.length > 0 ? ', the log is in doubt' : drawn ? '' : ', of which path is not known'}
    </WideRow>
  );
}

/** The stick as it stands now. */
function OilStrip({ sheet }: { sheet: Sheet }) {
  const { analysis } = sheet.oil;
  const now = analysis.axes[0]?.now?.level;
  const low = analysis.low ?? undefined;
  if (now === undefined || low === undefined) {
    return null;
  }
  const full = Math.min(1.15, Math.max(0, 1 - now / low));
  return (
    <svg viewBox="0 0 60 16" className="h-4 w-[3.75rem] shrink-0" aria-hidden>
      <path d="M4 2v12M48 2v12" stroke="var(--ink)" />
      <rect x={4} y={5} width={44} height={6} fill="none" stroke="var(--metal)" />
      <rect x={4} y={5} width={44 * full} height={6} fill={full < 0.25 ? 'var(--leak)' : 'var(--oil)'} />
    </svg>
  );
}

export const oil: StationScreen = {
  station: 'OIL',
  path: '/oil',
  name: 'Oil use',
  short: 'Oil',
  Screen: OilStation,
  Rows: OilRows,
  Strip: OilStrip,
  words: inWords,
  file: { part: 'oil', label: 'Oil log' },
};
