import type { Plug, Schemas } from '../api/client';
import { questionsOf } from '../examination/Questions';

const plug = questionsOf<Plug>();
const covered = (p: Plug) => !!p.deposit && p.deposit !== 'NONE';

export const PLUG = [
  plug.choice('shade', 'Insulator', {
    WHITE: 'white',
    GREY: 'grey',
    LIGHT_TAN: 'light tan',
    TAN: 'tan',
    BROWN: 'brown',
    BLACK: 'black',
  }),
  plug.choice('surface', 'Its surface', {
    NORMAL: 'smooth',
    BLISTERED: 'blistered',
    STEAM_CLEANED: 'steam-cleaned',
  }),
  plug.choice('wetness', 'Rubbed between two fingers', {
    DRY: 'dry',
    WET_NOT_RUBBED: 'wet, not rubbed',
    WET_EVAPORATES: 'wet, goes',
    WET_STAYS_OILY: 'stays oily',
  }),
  plug.choice('deposit', 'Lies on it', {
    NONE: 'nothing',
    SOFT_SOOT: 'soft soot',
    OILY_CARBON: 'oily carbon',
    ASH: 'ash',
    WATER_STAIN: 'rust, stain',
    METAL_SPECKS: 'metal specks',
  }),
  plug.choice('amount', 'How much', { LIGHT: 'light', HEAVY: 'heavy' }, covered),
  plug.choice(
    'place',
    'Where',
    { NOSE: 'nose', GROUND: 'ground', RIM: 'rim', ALL_OVER: 'all over' },
    covered,
  ),
  plug.choice(
    'side',
    'Side',
    { ALL_ROUND: 'all round', INTAKE_SIDE: 'intake side', OTHER_SIDE: 'other side' },
    covered,
  ),
  plug.choice('ground', 'Ground electrode', {
    CLEAN: 'clean',
    SOOTED: 'sooted',
    ASHY: 'ashy',
    BLUED: 'blued',
    RUSTY: 'rusty',
  }),
  plug.choice('wear', 'Electrodes', { SHARP: 'sharp', ROUNDED: 'rounded', MELTED: 'melted' }),
  plug.choice('damage', 'Damage', {
    NONE: 'none',
    BROKEN_INSULATOR: 'broken',
    BRIDGED_GAP: 'gap bridged',
    BENT_GROUND: 'bent',
  }),
  plug.yesNo('tight', 'Before it was loosened', { yes: 'tight', no: 'not tight' }),
  plug.choice('thread', 'Thread', { CLEAN: 'clean', SOOTED: 'sooted', OILY: 'oily' }),
  plug.choice('well', 'Well', { DRY: 'dry', OIL: 'oil', WATER: 'water' }),
  plug.contaminated('contaminatedBy'),
];

const set = questionsOf<Schemas['PlugSet']>();

export const SET = [
  set.choice('make', 'Electrodes', { PLAIN: 'plain', FINE_WIRE: 'fine wire' }),
  set.choice('heatRange', 'Heat range', {
    AS_SPECIFIED: 'as specified',
    HOTTER: 'hotter',
    COLDER: 'colder',
  }),
  set.yesNo('wastedSpark', 'Two share a coil'),
  set.yesNo('ageUnknown', 'Age', { yes: 'unknown', no: 'known' }),
];
