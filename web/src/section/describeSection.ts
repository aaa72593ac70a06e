import type { Sheet } from '../api/client';
import { labelOf } from './labelOf';

interface Words {
  fill: (sentence: string) => string;
}

/** The section in words, for a screen reader. */
export function describeSection(sheet: Sheet, units: Words): string {
  const cylinders = sheet.diagnosis.cylinders.map(({ cylinder, verdict }) => {
    const label = labelOf(sheet, cylinder);
    return `Cylinder ${label}: ${verdict.what}, ${verdict.surenessWords}.`;
  });
  return units.fill(`Section of ${sheet.engine.engine.name}. ${cylinders.join(' ')}`);
}
