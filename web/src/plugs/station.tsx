import type { Sheet } from '../api/client';
import type { StationScreen } from '../station/station';
import { LookStrip } from '../section/CylinderStrip';
import { labelOf } from '../api/labelOf';
import { LookRow } from '../station/LookRow';
import { PlugStation } from './PlugStation';

const MOST_NAMED = 3;

function inWords(sheet: Sheet): string {
  const { plugs, findings } = sheet.seen;
  if (findings.some((s) => s.station === 'PLUGS' && s.urgency === 'STOP_RUNNING')) {
    return 'stop running';
  }
  if (plugs.length === 0) {
    return 'none out yet';
  }
  const looks = new Set(plugs.map((p) => p.look));
  if (looks.size === 1) {
    return plugs.some((p) => p.odd) ? `all ${plugs[0]!.look}` : `${plugs.length} ${plugs[0]!.look}`;
  }
  const odd = plugs.filter((p) => p.odd);
  return odd.length === 0
    ? `${plugs.length} alike enough`
    : odd
        .slice(0, MOST_NAMED)
        .map((p) => `${labelOf(sheet, p.cylinder)} ${p.look}`)
        .join(', ') + (odd.length > MOST_NAMED ? ' …' : '');
}

export const plugs: StationScreen = {
  station: 'PLUGS',
  path: '/plugs',
  name: 'Plugs',
  Screen: PlugStation,
  Rows: (props) => <LookRow {...props} name="plugs" looks={props.sheet.seen.plugs} />,
  Strip: ({ sheet }) => <LookStrip sheet={sheet} looks={sheet.seen.plugs} />,
  words: inWords,
};
