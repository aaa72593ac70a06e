import { useState } from 'react';
import { answer, api, type Plug, type Sheet } from '../api/client';
import { useExamine } from '../examination/useExamine';
import { useKeys } from '../keys/useKeys';
import { columnsOf } from '../section/layout';
import { useChange } from '../sheet/useSheet';
import { asChange, type FirstLook, firstLooks, sameAs } from './looks';

/** Which plug is at hand, and what taps and keys do with it. */
export function usePlugs(sheet: Sheet) {
  const id = sheet.job.id;
  const { set, error, errorAt } = useExamine(id, 'plugs');
  const plugs = sheet.examination.plugs.plugs;
  const order = columnsOf(sheet.engine.engine)
    .map((c) => c.cylinder)
    .sort((a, b) => a - b);
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
  const next = () => setCylinder(order[(order.indexOf(cylinder) + 1) % order.length]!);
  /** The one described last, or the one before this in the order. */
  const model = last !== undefined && last !== cylinder ? last : order[order.indexOf(cylinder) - 1];
  const same = () => {
    const plug = model === undefined ? undefined : model === last ? said : plugs[model];
    if (plug) {
      change(sameAs(plug));
      next();
    }
  };
  const move = (step: number) =>
    setCylinder(order[(order.indexOf(cylinder) + step + order.length) % order.length]!);

  useKeys((e) => {
    const first = firstLooks.find((l) => l.key === e.key);
    const onButton = document.activeElement instanceof HTMLButtonElement;
    if (first && !e.ctrlKey && !e.metaKey) {
      // By key it goes on, as readings do; by touch the gap of the same plug comes next.
      look(first);
      next();
    } else if (e.key === 'Enter' && !onButton) {
      next();
    } else if (e.key.toLowerCase() === 's' && !e.ctrlKey && !e.metaKey) {
      same();
    } else if (e.key === 'ArrowLeft' || e.key === 'ArrowRight') {
      move(e.key === 'ArrowLeft' ? -1 : 1);
    } else if (e.key.toLowerCase() === 'g' && !e.ctrlKey && !e.metaKey) {
      document.querySelector<HTMLInputElement>('[data-gap] input')?.focus();
    } else {
      return;
    }
    e.preventDefault();
  });

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

export type PlugHand = ReturnType<typeof usePlugs>;
