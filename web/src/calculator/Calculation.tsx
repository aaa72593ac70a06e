import { useQuery } from '@tanstack/react-query';
import { type ReactNode, useState } from 'react';
import { Refusal } from '../api/client';
import { QuantityField } from '../ui/QuantityField';
import type { Quantity } from '../units/units';

export type Values<T> = { [K in keyof T]: number | undefined };
type FieldSpec<T> = [
  field: keyof T & string,
  label: string,
  quantity?: Quantity,
  unit?: string,
  /** The usual value, taken when nothing is typed. */
  otherwise?: number,
];

interface FormProps<T, R> {
  title: string;
  about: string;
  name: string;
  start: Values<T>;
  fields: FieldSpec<T>[];
  compute: (values: T) => Promise<R>;
  children: (result: R) => ReactNode;
}

/** Fields on the left, result on the right, computed as each field is left. */
export function Calculation<T extends object, R>({
  title,
  about,
  name,
  start,
  fields,
  compute,
  children,
}: FormProps<T, R>) {
  const [values, setValues] = useState(start);
  const { data, error } = useQuery({
    queryKey: ['calculation', name, values],
    queryFn: () => compute(values as T),
    retry: false,
    placeholderData: (old) => old,
  });
  const refusal = error instanceof Refusal ? error : undefined;
  return (
    <section
      className="grid grid-cols-[1fr_20.5rem] gap-8 border-t border-hair py-4 narrow:grid-cols-1 narrow:gap-3"
      aria-label={title}
    >
      <div>
        <h2 className="text-[1.25rem] font-semibold">{title}</h2>
        <p className="mb-2 max-w-[80ch] text-soft">{about}</p>
        <div className="grid grid-cols-5 gap-x-4 gap-y-2">
          {fields.map(([field, label, quantity, unit, otherwise]) => (
            <QuantityField
              key={field}
              label={label}
              quantity={quantity}
              unit={unit}
              otherwise={otherwise}
              value={values[field]}
              error={refusal?.at(field)}
              onCommit={(v) => setValues({ ...values, [field]: v })}
            />
          ))}
        </div>
      </div>
      <div className="self-center border-l-2 border-ink pl-5" aria-live="polite">
        {error ? (
          <p className="refusal">{refusal?.errors.length ? 'Check the marked fields.' : error.message}</p>
        ) : (
          data !== undefined && children(data)
        )}
      </div>
    </section>
  );
}

export function Figure({ name, children }: { name: string; children: ReactNode }) {
  return (
    <p className="flex items-baseline justify-between gap-3">
      <span className="text-soft">{name}</span>
      <span className="font-mono text-[1.25rem]">{children}</span>
    </p>
  );
}
