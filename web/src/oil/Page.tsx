import { useQuery } from '@tanstack/react-query';
import { useDeferredValue, useId, useState } from 'react';
import { answer, api, Refusal, type Schemas, type Sheet } from '../api/client';
import { newKey } from '../api/newKey';
import { useChange } from '../job/useSheet';
import { Choice } from '../ui/Choice';
import { labels } from '../words/labels';
import { UNSENT } from './unsent';

type Order = Schemas['NotebookPage']['dateOrder'];

const EXAMPLE = `8 Mar  4540 h  dip -5 mm
17 Mar 4571 h  dip -11 mm, topped up 0.5 l
28 Mar 4602 h  dip -10 mm, level, 10 min`;

/** A pasted page of a notebook: what each line is taken for, and what is asked back, before anything is written down. */
export function Page({ sheet, done }: { sheet: Sheet; done: () => void }) {
  const id = sheet.job.id;
  const field = useId();
  const [text, setText] = useState(() => sessionStorage.getItem(UNSENT + id) ?? '');
  const [order, setOrder] = useState<Order>();
  const [left, setLeft] = useState<number[]>([]);
  const [key] = useState(newKey);
  const asked = useDeferredValue(text);
  const { data } = useQuery({
    queryKey: ['page', id, asked, order],
    queryFn: () =>
      answer(
        api.POST('/api/jobs/{id}/oil/page', {
          params: { path: { id } },
          body: { text: asked, dateOrder: order },
        }),
      ),
    enabled: asked.trim() !== '',
    retry: false,
    placeholderData: (old) => old,
  });
  const save = useChange(id, (entries: Schemas['OilEntryDocument'][]) =>
    answer(
      api.POST('/api/jobs/{id}/oil/entries/page', {
        params: { path: { id } },
        body: { key: key + text.length, entries },
      }),
    ),
  );
  const lines = text.trim() ? (data?.lines ?? []) : [];
  const taken = lines.filter((l) => l.entries.length && !left.includes(l.number));
  const entries = taken.flatMap((l) => l.entries);
  const type = (next: string) => {
    setText(next);
    setLeft([]);
    // A page that was typed off by hand outlives a reload or a lost network.
    sessionStorage.setItem(UNSENT + id, next);
  };
  const write = () =>
    save.mutate(entries, {
      onSuccess: () => {
        type('');
        done();
      },
    });
  return (
    <div className="grid grid-cols-[minmax(15rem,1fr)_1.4fr] gap-5 narrow:grid-cols-1">
      <div>
        <label htmlFor={field} className="mb-1 block text-soft">
          As it stands in the notebook, a line a line: when, hours or distance, and the dip or what was
          poured. A table from a spreadsheet will do.
        </label>
        <textarea
          id={field}
          rows={9}
          className="field py-2 font-mono"
          placeholder={EXAMPLE}
          value={text}
          onChange={(e) => type(e.target.value)}
        />
        {(data?.dateOrderAsked || order) && text.trim() !== '' && (
          <div className="mt-2">
            <Choice<Order>
              label="Which number of a date is the day?"
              value={order ?? data?.dateOrder}
              options={labels('DateOrder')}
              onChange={setOrder}
            />
          </div>
        )}
      </div>
      <div>
        {lines.length === 0 ? (
          <p className="text-soft">
            What each line is taken for stands here, before anything is written down.
          </p>
        ) : (
          <ol aria-label="What each line is taken for">
            {lines.map((l) => (
              <li key={l.number} className="border-b border-hair py-1">
                <p className="flex items-baseline justify-between gap-3">
                  <span className={left.includes(l.number) ? 'text-soft line-through' : ''}>
                    {l.taken ? (
                      <span className="font-medium">{l.taken}</span>
                    ) : (
                      <span className="text-soft">Not taken: {l.text}</span>
                    )}
                  </span>
                  {l.entries.length > 0 && (
                    <button
                      className="min-h-[2.75rem] shrink-0 px-2 text-soft underline underline-offset-4"
                      onClick={() =>
                        setLeft(
                          left.includes(l.number) ? left.filter((n) => n !== l.number) : [...left, l.number],
                        )
                      }
                    >
                      {left.includes(l.number) ? 'take it' : 'leave out'}
                    </button>
                  )}
                </p>
                {l.asks.map((a) => (
                  <p key={a} className="text-act">
                    {a}
                  </p>
                ))}
              </li>
            ))}
          </ol>
        )}
        {lines.length > 0 && (
          <button className="button button-main mt-3" disabled={entries.length === 0} onClick={write}>
            Write down {entries.length} {entries.length === 1 ? 'line' : 'lines'}
          </button>
        )}
        {save.error && (
          <p className="refusal mt-2" role="alert">
            {save.error instanceof Refusal && save.error.errors[0]
              ? `${save.error.errors[0].field}: ${save.error.errors[0].message}`
              : save.error.message}{' '}
            The page is still here.
          </p>
        )}
      </div>
    </div>
  );
}
