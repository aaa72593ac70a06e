import { counted } from '../examination/counted';
import type { StationScreen } from '../station/station';
import { LookStrip } from '../section/CylinderStrip';
import { LookRow } from '../station/LookRow';
import { InsideStation } from './InsideStation';

export const inside: StationScreen = {
  station: 'INSIDE',
  path: '/inside',
  name: 'Look inside',
  short: 'Inside',
  Screen: InsideStation,
  Rows: (props) => <LookRow {...props} name="inside" looks={props.sheet.seen.inside} />,
  Strip: ({ sheet }) => <LookStrip sheet={sheet} looks={sheet.seen.inside} />,
  words: (sheet) => counted(sheet, 'INSIDE', 'camera, where there is one'),
};
