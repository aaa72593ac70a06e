import { counted } from '../examination/counted';
import { edges } from '../section/layout';
import { rem } from '../section/scale';
import type { RowsProps, StationScreen } from '../station/station';
import { SignsStation } from './SignsStation';
import { smokeInWords } from './smokeInWords';
import { SmokeStation } from './SmokeStation';

const LEAST_SHOWN = 1.5;

/** Signs of the whole engine, above what was seen of each cylinder. */
function SignRows({ sheet, columns, measure, brief }: RowsProps) {
  const signs = sheet.seen.findings.filter(
    (s) => (s.station === 'SIGNS' || s.station === 'SMOKE') && s.weight.likelihoodRatio >= LEAST_SHOWN,
  );
  return signs.length === 0 || brief ? null : (
    <div
      role="row"
      className="flex items-baseline border-b border-hair py-0.5"
      style={{ maxWidth: rem(edges(columns, measure).width) }}
    >
      <div role="rowheader" className="shrink-0 px-3 text-soft" style={{ width: rem(measure.label) }}>
        signs
      </div>
      <div role="cell" className="line-clamp-2 pr-3">
        {signs.map((s) => s.says).join(' ')}
      </div>
    </div>
  );
}

export const signs: StationScreen = {
  station: 'SIGNS',
  path: '/signs',
  name: 'Oil & signs',
  short: 'Signs',
  Screen: SignsStation,
  Rows: SignRows,
  words: (sheet) => counted(sheet, 'SIGNS', 'look before you loosen'),
  file: { part: 'examination', label: 'Signs' },
};

export const smoke: StationScreen = {
  station: 'SMOKE',
  path: '/smoke',
  name: 'Smoke',
  Screen: SmokeStation,
  words: smokeInWords,
};
