import type { StationScreen } from '../station/station';
import { FoundStation } from './FoundStation';

export const found: StationScreen = {
  station: 'FOUND',
  path: '/found',
  name: 'Found',
  Screen: FoundStation,
  words: ({ outcome, examination }) =>
    outcome.review
      ? `the verdict was ${outcome.review.verdictWords}`
      : examination.closing.closedAt
        ? 'closed, not opened'
        : 'still shut',
};
