import type { Sheet } from '../api/client';
import type { StationScreen } from '../station/station';
import { CylinderStrip } from '../section/CylinderStrip';
import { labelOf } from '../api/labelOf';
import { CompressionStation } from './CompressionStation';
import { ReadingRows } from './ReadingRows';
import { SchoolsTable } from './SchoolsTable';

function Strip({ sheet }: { sheet: Sheet }) {
  const results = new Map(sheet.compression.cylinders.map((c) => [c.cylinder, c]));
  const highest = Math.max(1, ...sheet.compression.cylinders.map((c) => c.valueKPa ?? 0));
  return (
    <CylinderStrip
      sheet={sheet}
      height={26}
      mark={(c) => {
        const r = results.get(c);
        const fill =
          r?.standing === 'LOW' ? 'var(--leak)' : r?.valueKPa != null ? 'var(--ink)' : 'var(--hair)';
        return { height: (r?.valueKPa ?? 0) / highest, fill };
      }}
    />
  );
}

function Schools({ sheet }: { sheet: Sheet }) {
  return (
    <section className="mt-4 break-inside-avoid">
      <h3 className="heading mb-1">Schools</h3>
      <SchoolsTable sheet={sheet} />
    </section>
  );
}

function inWords(sheet: Sheet): string {
  const all = sheet.cylinders.length;
  const read = sheet.compression.cylinders.filter((c) => c.standing !== 'NOT_READ').length;
  const dry = read === 0 ? 'not read yet' : read < all ? `${read} of ${all} read` : 'dry';
  const wet = sheet.compression.wet.map((w) => labelOf(sheet, w.cylinder));
  return wet.length ? `${dry}, wet on ${wet.join(', ')}` : dry;
}

export const compression: StationScreen = {
  station: 'COMPRESSION',
  path: '',
  name: 'Compression',
  Screen: CompressionStation,
  Rows: ReadingRows,
  Strip,
  words: inWords,
  Printed: Schools,
  file: { part: 'compression', label: 'Readings' },
};
