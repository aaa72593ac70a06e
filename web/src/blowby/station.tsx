import type { Sheet } from '../api/client';
import { WideRow } from '../section/SheetRow';
import type { RowsProps, StationScreen } from '../station/station';
import { rounded, withinRange } from '../units/figure';
import { useUnits } from '../units/UnitsContext';
import { label } from '../words/labels';
import { BlowbyStation } from './BlowbyStation';

function inWords(sheet: Sheet): string {
  const { analysis, judged } = sheet.blowby;
  const against = analysis.checks.some((c) => !c.agree);
  if (analysis.points.length === 0) {
    return 'not read yet';
  }
  return [
    analysis.points.map((p) => p.pointWords).join(', '),
    against ? 'two gauges disagree' : judged && label('Judged', judged),
  ]
    .filter(Boolean)
    .join(': ');
}

/** Each point as pressure and flow, in one line across the columns. */
function BlowbyRows({ sheet, measure, brief }: RowsProps) {
  const units = useUnits();
  const { points } = sheet.blowby.analysis;
  return points.length === 0 || brief ? null : (
    <WideRow measure={measure} name="Blow-by">
      <span className="flex flex-wrap gap-x-5">
        {points.map((p) => (
          <span key={p.point + p.ventilation} className="whitespace-nowrap">
            {p.pointWords}{' '}
            <span className="font-mono text-[1.0625rem]">
              {units.withUnit('crankcase', p.pressurePa.best)}
            </span>
            {p.flowLPerMin && (
              <>
                , <span className="font-mono text-[1.0625rem]">{rounded(p.flowLPerMin)}</span> L/min{' '}
                <span className="text-soft">({withinRange(p.flowLPerMin)})</span>
              </>
            )}
          </span>
        ))}
      </span>
    </WideRow>
  );
}

/** The highest steady pressure against watch and fault of the ceiling, as a tube would show it. */
function BlowbyStrip({ sheet }: { sheet: Sheet }) {
  const steady = sheet.blowby.analysis.points.filter((p) => p.ventilation === 'SHUT' && p.point !== 'SNAP');
  if (steady.length === 0) {
    return null;
  }
  const highest = Math.max(...steady.map((p) => p.pressurePa.best));
  const x = (pa: number) => 2 + 56 * Math.min(1, Math.max(0, pa) / 750);
  return (
    <svg viewBox="0 0 60 16" className="h-4 w-[3.75rem] shrink-0" aria-hidden>
      <path d="M2 12H58" stroke="var(--metal)" />
      <path d={`M${x(250)} 7v9M${x(500)} 3v13`} stroke="var(--ink)" />
      <rect
        x={2}
        y={9}
        width={x(highest) - 2}
        height={6}
        fill={highest > 500 ? 'var(--leak)' : 'var(--ink)'}
      />
    </svg>
  );
}

export const blowby: StationScreen = {
  station: 'BLOWBY',
  path: '/blow-by',
  name: 'Blow-by',
  short: 'Blow-by',
  Screen: BlowbyStation,
  Rows: BlowbyRows,
  Strip: BlowbyStrip,
  words: inWords,
  file: { part: 'blowby', label: 'Blow-by' },
};
