import type { DoneBefore, LeakdownKind, RunState } from './useLeakdown';

export const STATES: Record<RunState, string> = {
  HOT: 'hot',
  WARM: 'warm',
  COLD: 'cold',
  ON_STAND: 'on a stand',
};

export const KINDS: Record<LeakdownKind, string> = {
  STANDARD: 'standard',
  WET: 'oil on the crown',
  LOW_PRESSURE: 'low pressure',
};

export const DONE_BEFORE: Record<DoneBefore, string> = {
  TURNED_OVER: 'turned over',
  TURNED_360: 'turned 360°',
  VALVE_TAPPED: 'valve tapped',
  HOSE_SOAPED: 'hose soaped',
  OIL_ADDED: 'oil added',
};
