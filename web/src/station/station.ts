import type { ComponentType } from 'react';
import type { Sheet } from '../api/client';
import type { Column, Measure } from '../section/layout';

export type StationName = Sheet['stations'][number];

export interface RowsProps {
  sheet: Sheet;
  columns: Column[];
  measure: Measure;
  /** Only what was read, without what follows from it. */
  brief?: boolean;
}

/** The rows of a station under the section, as every bench and the report show them. */
export interface StationRows {
  station: StationName;
  Rows: ComponentType<RowsProps>;
}

/** What all stations bring, in the order of the round. */
export interface Whole {
  rows: StationRows[];
  files: StationFile[];
  /** Addresses after that of the job, by station. */
  paths: Record<string, string>;
}

export interface ScreenProps {
  sheet: Sheet;
  whole: Whole;
}

export interface StationFile {
  /** Where it stands on the API. */
  part: string;
  label: string;
}

/** What a station brings to the sheet. A further station is a folder that exports one of these, and a line in the list. */
export interface StationScreen {
  station: StationName;
  /** After the address of the job; empty for the one a job opens with. */
  path: string;
  name: string;
  /** Where there is room for a word only. */
  short?: string;
  Screen: ComponentType<ScreenProps>;
  Rows?: ComponentType<RowsProps>;
  /** A mark for each cylinder, beside its name in the round. */
  Strip?: ComponentType<{ sheet: Sheet }>;
  /** What it has to say so far, in a few words. */
  words: (sheet: Sheet) => string;
  file?: StationFile;
}
