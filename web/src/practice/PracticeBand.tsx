import { Link } from 'react-router';
import { answer, api, type Schemas, type Sheet } from '../api/client';
import { useChange } from '../job/useSheet';
import { capital, label } from '../words/labels';
import { Badge } from './Badge';
import { type Deed, type Shown, type StationName, usePractice } from './usePractice';

/** What is done to the engine as a whole, at the station where it is written down. */
const DEEDS: Partial<Record<StationName, Deed['kind'][]>> = {
  INTAKE: ['WARM_UP'],
  SIGNS: ['LOOK', 'DRAIN_OIL'],
  SMOKE: ['SMOKE'],
  BLOWBY: ['BLOWBY'],
  PLUGS: ['PLUGS'],
  COMPRESSION: ['PLUGS', 'WARM_UP'],
  LEAKDOWN: ['PLUGS', 'WARM_UP'],
  OIL: ['OIL_TRIAL'],
};

/** Over every sheet of the practice room: that it is practice, how the engine stands, and what can be done here. */
export function PracticeBand({ sheet, station }: { sheet: Sheet; station: StationName }) {
  const practice = usePractice(sheet.job.id);
  const { state } = practice;
  const write = useChange(sheet.job.id, (shown: Shown) => written(sheet.job.id, shown));
  if (!state) {
    return null;
  }
  const { standing, shown, stated } = state;
  const last = shown.at(-1);
  const does = async (kind: Deed['kind']) => {
    const next = await practice.does({ kind }).catch(() => undefined);
    const result = next?.shown.at(-1);
    if (result && (result.signs ?? result.plugs ?? result.oil.length)) {
      write.mutate(result);
    }
  };
  return (
    <div
      className="no-print flex flex-wrap items-center gap-x-4 gap-y-1 border-b-2 border-ink bg-well px-3 py-1"
      data-practice={state.key}
    >
      <Badge />
      <span className="font-mono text-[1.125rem]" data-minutes>
        {Math.round(standing.minutes)} min
      </span>
      <span className="text-soft">
        {standing.hot ? 'warm' : 'cold'}, plugs {standing.plugsOut ? 'out' : 'in'}
        {standing.drained && ', oil drained'}
      </span>
      {!stated &&
        (DEEDS[station] ?? []).map((kind) => (
          <button key={kind} className="button" disabled={practice.pending} onClick={() => void does(kind)}>
            {capital(label('DeedKind', kind))}
          </button>
        ))}
      <span className="min-w-0 flex-1 basis-[16rem] leading-tight" role="status">
        {(practice.error ?? write.error?.message) ? (
          <span className="refusal">{practice.error ?? write.error?.message}</span>
        ) : (
          <>
            {last?.says}
            {station === 'BLOWBY' && last?.crankcase && <Crankcase shows={last.crankcase} />}
          </>
        )}
      </span>
      <Link className="button button-main ml-auto" to={`/jobs/${sheet.job.id}/practice`}>
        {stated ? 'Debriefing' : 'Say what is wrong'}
      </Link>
    </div>
  );
}

function Crankcase({ shows }: { shows: NonNullable<Shown['crankcase']> }) {
  return (
    <span className="ml-2 font-mono">
      as found {shows.asFoundPa.toFixed(0)} Pa; shut, at idle through {shows.orificeMm} mm{' '}
      {shows.idlePa.toFixed(0)} Pa
    </span>
  );
}

/** What eyes saw is written down as it was seen; gauges and ears are left to whoever practises. */
async function written(id: number, shown: Shown): Promise<Sheet> {
  const path = { id };
  const patch = (part: string, body: object) =>
    answer(
      api.PATCH('/api/jobs/{id}/examination/{part}', {
        params: { path: { ...path, part } },
        body: body as never,
      }),
    );
  if (shown.oil.length) {
    const entries = shown.oil.map((dip): Schemas['OilEntryDocument'] =>
      dip.mm == null
        ? { kind: 'TOP_UP', distanceKm: dip.km, litres: dip.litres }
        : { kind: 'DIP', distanceKm: dip.km, mmFromFull: dip.mm },
    );
    return answer(
      api.POST('/api/jobs/{id}/oil/entries/page', {
        params: { path },
        body: { entries },
      }),
    );
  }
  return shown.plugs ? patch('plugs', shown.plugs) : patch('signs', shown.signs!);
}
