import { answer, api, type Schemas, type Sheet, type StoredPass } from '../api/client';
import { labelOf } from '../api/labelOf';
import { useChange } from '../job/useSheet';
import { quantities } from '../units/units';
import { useUnits } from '../units/UnitsContext';

type Doubt = Schemas['PassDoubt'];
type Conversion = Schemas['Conversion'];

const SYMBOLS = { KPA: 'kPa', BAR: 'bar', PSI: 'psi' } as const;

/** What may have been meant otherwise, asked under the pass; one tap puts it right or says that it is meant so. */
export function PassDoubts({ sheet, pass }: { sheet: Sheet; pass: StoredPass }) {
  const doubts = sheet.compression.doubts[sheet.passes.findIndex((p) => p.id === pass.id)] ?? [];
  return doubts.map((d) => (
    <div
      key={d.kind}
      role="alert"
      data-doubt={d.kind}
      className="no-print flex flex-wrap items-center gap-2 border-b border-hair bg-well px-3 py-1.5 text-[1rem]"
    >
      <p className="mr-auto max-w-[62ch] font-medium text-leak">{d.text}</p>
      <Answers sheet={sheet} pass={pass} doubt={d} />
    </div>
  ));
}

function Answers({ sheet, pass, doubt }: { sheet: Sheet; pass: StoredPass; doubt: Doubt }) {
  const id = sheet.job.id;
  const path = { id, passId: pass.id };
  const units = useUnits();
  const settle = useChange(id, () =>
    answer(
      api.PUT('/api/jobs/{id}/compression/passes/{passId}/settled', {
        params: { path },
        body: { question: doubt.kind },
      }),
    ),
  );
  const convert = useChange(id, (body: Conversion) =>
    answer(api.PUT('/api/jobs/{id}/compression/passes/{passId}/unit', { params: { path }, body })),
  );
  const decimal = useChange(id, ({ readingId, times }: { readingId: number; times: number }) =>
    answer(
      api.PUT('/api/jobs/{id}/compression/readings/{readingId}/decimal', {
        params: { path: { id, readingId } },
        body: { times },
      }),
    ),
  );
  const split = useChange(id, (readingId: number) =>
    answer(
      api.POST('/api/jobs/{id}/compression/readings/{readingId}/split', {
        params: { path: { id, readingId } },
      }),
    ),
  );
  const problem = [settle, convert, decimal, split].find((m) => m.error)?.error;
  /** Reads the pass in another unit, and goes on typing in it. */
  const readAs = (c: Conversion) =>
    convert.mutate(c, {
      onSuccess: () => {
        const pressure = quantities.pressure.findIndex((u) => u.symbol === SYMBOLS[c.meant]);
        units.choose({ ...units.choice, pressure });
      },
    });
  const own = (cylinder: number) => pass.readings.filter((r) => r.cylinder === cylinder && !r.setAside);
  return (
    <>
      {doubt.kind === 'UNIT' &&
        fitting(doubt.readings, units.symbol('pressure')).map((c) => (
          <button key={c.typedAs + c.meant} className="button" onClick={() => readAs(c)}>
            They are {SYMBOLS[c.meant]}
            {SYMBOLS[c.typedAs] !== units.symbol('pressure') && `, typed as ${SYMBOLS[c.typedAs]}`}
          </button>
        ))}
      {doubt.kind === 'DECIMAL' &&
        doubt.cylinders.flatMap((c) =>
          own(c).map((r) => {
            const times = slipped(pass, r) ? 10 : 0.1;
            return (
              <button
                key={r.id}
                className="button"
                onClick={() => decimal.mutate({ readingId: r.id, times })}
              >
                {units.withUnit('pressure', Math.max(...r.strokesKPa) * times)} on {labelOf(sheet, c)}
              </button>
            );
          }),
        )}
      {doubt.kind === 'STROKES' &&
        doubt.cylinders
          .flatMap((c) => own(c))
          .filter((r) => r.cylinder + r.strokesKPa.length - 1 <= sheet.cylinders.length)
          .map((r) => (
            <button key={r.id} className="button" onClick={() => split.mutate(r.id)}>
              One value each of {labelOf(sheet, r.cylinder)} to{' '}
              {labelOf(sheet, r.cylinder + r.strokesKPa.length - 1)}
            </button>
          ))}
      <button className="button" onClick={() => settle.mutate(undefined)}>
        {doubt.kind === 'UNIT'
          ? `Really ${units.symbol('pressure')}`
          : doubt.kind === 'STROKES'
            ? 'Strokes of one cylinder'
            : 'It is right'}
      </button>
      {problem && <p className="refusal w-full">{problem.message}</p>}
    </>
  );
}

/** The ways out that begin at the unit now shown; all of them where none does. */
function fitting(conversions: Conversion[], shown: string): Conversion[] {
  const own = conversions.filter((c) => SYMBOLS[c.typedAs] === shown);
  return own.length ? own : conversions;
}

/** Whether this reading is the tenth of the others, rather than ten times as much. */
function slipped(pass: StoredPass, reading: StoredPass['readings'][number]): boolean {
  const value = Math.max(...reading.strokesKPa);
  const others = pass.readings.filter((r) => r.cylinder !== reading.cylinder && !r.setAside);
  const higher = others.filter((r) => Math.max(...r.strokesKPa) > value).length;
  return higher * 2 > others.length;
}
