import type { Sheet } from '../api/client';
import { labelOf } from '../api/labelOf';

/** The section in words, for a screen reader. */
export function describeSection(sheet: Sheet): string {
  const cylinders = Object.entries(sheet.diagnosis.cylinders).map(([cylinder, verdict]) => {
    const label = labelOf(sheet, Number(cylinder));
    return `Cylinder ${label}: ${[verdict.what, verdict.words].filter(Boolean).join(', ')}.`;
  });
  return `Section of ${sheet.engine.engine.name}. ${cylinders.join(' ')}`;
}
