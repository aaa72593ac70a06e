import type { Plug, Schemas } from '../api/client';
import { questionsOf } from '../examination/Questions';

const plug = questionsOf<Plug>();
const covered = (p: Plug) => !!p.deposit && p.deposit !== 'NONE';

export const PLUG = [
  plug.choice('shade', 'Insulator', 'Shade'),
  plug.choice('surface', 'Its surface', 'NoseSurface'),
  plug.choice('wetness', 'Rubbed between two fingers', 'Wetness'),
  plug.choice('deposit', 'Lies on it', 'Deposit'),
  plug.choice('amount', 'How much', 'DepositAmount', covered),
  plug.choice('place', 'Where', 'DepositPlace', covered),
  plug.choice('side', 'Side', 'DepositSide', covered),
  plug.choice('ground', 'Ground electrode', 'GroundElectrode'),
  plug.choice('wear', 'Electrodes', 'ElectrodeWear'),
  plug.choice('damage', 'Damage', 'Damage'),
  plug.yesNo('tight', 'Before it was loosened', { yes: 'tight', no: 'not tight' }),
  plug.choice('thread', 'Thread', 'Thread'),
  plug.choice('well', 'Well', 'Well'),
  plug.contaminated('contaminatedBy'),
];

const set = questionsOf<Schemas['PlugSet']>();

export const SET = [
  set.choice('make', 'Electrodes', 'PlugMake'),
  set.choice('heatRange', 'Heat range', 'HeatRange'),
  set.yesNo('wastedSpark', 'Two share a coil'),
  set.yesNo('ageUnknown', 'Age', { yes: 'unknown', no: 'known' }),
];
