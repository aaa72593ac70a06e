import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api, Refusal, type Schemas } from '../api/client';
import { TextField } from '../ui/TextField';
import { parseNumber, whyNoNumber } from '../units/units';
import { capital, labels } from '../words/labels';

type Own = Schemas['CostsDocument'];

const REPAIRS = new Map(labels('Repair'));

/** What work costs in this shop and what it costs to leave a fault alone. Empty stands for the usual value. */
export function Costs() {
  const client = useQueryClient();
  const costs = useQuery({ queryKey: ['costs'], queryFn: () => answer(api.GET('/api/shop/costs')) });
  const [typo, setTypo] = useState<{ field: string; text: string }>();
  const save = useMutation({
    mutationFn: (own: Own) => answer(api.PUT('/api/shop/costs', { body: own })),
    onSuccess: (next) => {
      client.setQueryData(['costs'], next);
      void client.invalidateQueries({ queryKey: ['sheet'] });
    },
  });
  if (!costs.data) {
    return <p role="status">{costs.error ? costs.error.message : 'Loading.'}</p>;
  }
  const { own, repairs, missed, usualHourlyRate, usualDowntimePerHour } = costs.data;
  const refusal = save.error instanceof Refusal ? save.error : undefined;
  const field = (
    name: string,
    label: string,
    value: number | undefined,
    usual: number,
    next: (v?: number) => Own,
  ) => (
    <TextField
      label={label}
      value={value === undefined ? '' : String(value)}
      hint={`usual: ${usual}`}
      error={typo?.field === name ? whyNoNumber(typo.text) : refusal?.at(name)}
      onCommit={(text) => {
        const number = text.trim() === '' ? undefined : parseNumber(text.replaceAll(' ', ''));
        if (text.trim() !== '' && number === undefined) {
          setTypo({ field: name, text });
          return;
        }
        setTypo(undefined);
        save.mutate(next(number));
      }}
    />
  );
  return (
    <>
      <p className="max-w-[75ch] text-soft">
        They count for all jobs of this shop. Enter them in your own money, all in the same; what is left
        empty stands on the usual value, which is a judgement of ours.
      </p>
      <div className="grid max-w-[40rem] grid-cols-2 gap-4">
        {field('hourlyRate', 'An hour of work', own.hourlyRate, usualHourlyRate, (hourlyRate) => ({
          ...own,
          hourlyRate,
        }))}
        {field(
          'downtimePerHour',
          'An hour that the machine stands',
          own.downtimePerHour,
          usualDowntimePerHour,
          (downtimePerHour) => ({ ...own, downtimePerHour }),
        )}
      </div>
      <h3 className="heading">Repairs: hours, and parts</h3>
      <div className="grid max-w-[52rem] grid-cols-2 gap-x-8 gap-y-3 narrow:grid-cols-1">
        {repairs.map((r) => {
          const work = own.work[r.repair] ?? {};
          const name = capital(REPAIRS.get(r.repair) ?? r.repair);
          const put = (change: object) => ({
            ...own,
            work: { ...own.work, [r.repair]: { ...work, ...change } },
          });
          return (
            <div key={r.repair} className="grid grid-cols-2 gap-3" data-repair={r.repair}>
              {field(`work.${r.repair}.hours`, `${name}, hours`, work.hours, r.usualHours, (hours) =>
                put({ hours }),
              )}
              {field(`work.${r.repair}.parts`, `${name}, parts`, work.parts, r.usualParts, (parts) =>
                put({ parts }),
              )}
            </div>
          );
        })}
      </div>
      <h3 className="heading">What it costs on the mean to leave a fault alone</h3>
      <div className="grid max-w-[52rem] grid-cols-2 gap-x-8 gap-y-3 narrow:grid-cols-1">
        {missed.map((m) => (
          <div key={m.cause}>
            {field(
              `missed.${m.cause}`,
              capital(m.fault) + (m.ofOneCylinder ? ', one cylinder' : ''),
              own.missed[m.cause],
              m.usual,
              (value) => ({
                ...own,
                missed: Object.fromEntries(
                  Object.entries({ ...own.missed, [m.cause]: value }).flatMap(([cause, v]) =>
                    v === undefined ? [] : [[cause, v]],
                  ),
                ),
              }),
            )}
            <p className="text-soft">{m.because}</p>
          </div>
        ))}
      </div>
    </>
  );
}
