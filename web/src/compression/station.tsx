import type { Sheet } from '../api/client';
import type { StationScreen } from '../station/station';
import { CylinderStrip } from '../section/CylinderStrip';
import { labelOf } from '../api/labelOf';
import { CompressionStation } from './CompressionStation';
import { ReadingRows } from './ReadingRows';

function Strip({ sheet }: { sheet: Sheet }) {
  const results = sheet.compression.cylinders;
  const highest = Math.max(1, ...Object.values(results).map((c) => c.value?.valueKPa ?? 0));
  return (
    <CylinderStrip
      sheet={sheet}
      height={26}
      mark={(c) => {
        const r = results[c];
        const fill = r?.standing === 'LOW' ? 'var(--leak)' : r?.value ? 'var(--ink)' : 'var(--hair)';
        return { height: (r?.value?.valueKPa ?? 0) / highest, fill };
      }}
    />
  );
}

function inWords(sheet: Sheet): string {
  const all = sheet.cylinders.length;
  const read = Object.values(sheet.compression.cylinders).filter((c) => c.standing !== 'NOT_READ').length;
  const dry = read === 0 ? 'not read yet' : read < all ? `${read} of ${all} read` : 'dry';
  const wet = sheet.compression.wet.map((w) => labelOf(sheet, w.cylinder));
  return wet.length ? `${dry}, wet on ${wet.join(', ')}` : dry;
}

export const compression: StationScreen = {
  station: 'COMPRESSION',
  path: '',
  name: 'Compression',
  short: 'Compr.',
  Screen: CompressionStation,
  Rows: ReadingRows,
  Strip,
  words: inWords,
  file: { part: 'compression', label: 'Readings' },
};
