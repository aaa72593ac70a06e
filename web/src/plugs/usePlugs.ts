import { useState } from 'react';
import { answer, api, type Plug, type Sheet } from '../api/client';
import { useExamine } from '../examination/useExamine';
import { arrows, key, useKeys } from '../keys/useKeys';
import { around, byNumber } from '../section/order';
import { useChange } from '../job/useSheet';
import { asChange, type FirstLook, firstLooks, sameAs } from './looks';

/** Which plug is at hand, and what taps and keys do with it. */
export function usePlugs(sheet: Sheet) {
  const id = sheet.job.id;
  const { set, error, errorAt } = useExamine(id, 'plugs');
  const plugs = sheet.examination.plugs.plugs;
  const order = byNumber(sheet.engine.engine);
  const [cylinder, setCylinder] = useState(() => order.find((c) => !plugs[c]) ?? order[0]!);
  const [last, setLast] = useState<number>();
  // Quick hands are ahead of the answer: what was said last is known before it comes back.
  const [said, setSaid] = useState<Plug>({});
  const swap = useChange(id, (other: number) =>
    answer(
      api.POST('/api/jobs/{id}/plugs/swap', { params: { path: { id } }, body: { one: cylinder, other } }),
    ),
  );

  const change = (plug: Plug) => {
    setLast(cylinder);
    setSaid({ ...(cylinder === last ? said : plugs[cylinder]), ...plug });
    set({ plugs: { [cylinder]: plug } });
  };
  const look = (first: FirstLook) => change(asChange(first));
  const move = (by: number) => setCylinder(around(order, cylinder, by));
  const next = () => move(1);
  /** The one described last, or the one before this in the order. */
  const model = last !== undefined && last !== cylinder ? last : order[order.indexOf(cylinder) - 1];
  const same = () => {
    const plug = model === undefined ? undefined : model === last ? said : plugs[model];
    if (plug) {
      change(sameAs(plug));
      next();
    }
  };

  useKeys([
    {
      shown: `1 – ${firstLooks.length}`,
      does: 'first look, and on to the next',
      on: (e) => !!firstLookOf(e) && !e.ctrlKey && !e.metaKey,
      run: (e) => {
        // By key it goes on, as readings do; by touch the gap of the same plug comes next.
        look(firstLookOf(e)!);
        next();
      },
    },
    {
      shown: 'Enter',
      does: 'on to the next',
      on: (e) => e.key === 'Enter' && !(document.activeElement instanceof HTMLButtonElement),
      run: next,
    },
    { shown: 'S', does: 'same as the last', on: key('s'), run: same },
    {
      shown: 'G',
      does: 'gap of this plug',
      on: key('g'),
      run: () => document.querySelector<HTMLInputElement>('[data-gap] input')?.focus(),
    },
    ...arrows('another plug', move),
  ]);

  return {
    cylinder,
    plug: plugs[cylinder] ?? {},
    model: model !== undefined && (model === last || plugs[model]) ? model : undefined,
    error: error ?? swap.error?.message,
    errorAt,
    setSet: (patch: Sheet['examination']['plugs']['set']) => set({ set: patch }),
    goTo: setCylinder,
    change,
    look,
    next,
    same,
    swapWith: (other: number) => swap.mutate(other),
  };
}

function firstLookOf(e: KeyboardEvent): FirstLook | undefined {
  return firstLooks.find((l) => l.key === e.key);
}

export type PlugHand = ReturnType<typeof usePlugs>;
