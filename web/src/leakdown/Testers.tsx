import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { answer, api, Refusal, type Schemas, type Sheet } from '../api/client';
import { useChange } from '../job/useSheet';
import { Choice } from '../ui/Choice';
import { QuantityField } from '../ui/QuantityField';
import { TextField } from '../ui/TextField';
import { useUnits } from '../units/UnitsContext';
import type { LeakdownHand } from './useLeakdown';
import { labels } from '../words/labels';

type Tester = Schemas['TesterDocument'];
type StoredTester = Schemas['StoredTester'];
type Hole = Schemas['BleedReading'];

const FRESH: Tester = { name: '', kind: 'TWO_GAUGES', calibrated: false };

/** Which tester is in the hand, and what is known of it. */
export function TesterBar({ sheet, hand }: { sheet: Sheet; hand: LeakdownHand }) {
  const units = useUnits();
  const testers = sheet.leakdown.testers.filter((s) => !s.until);
  const t = hand.tester?.tester;
  return (
    <div className="flex flex-wrap items-center gap-2">
      {testers.length > 0 && (
        <select
          className="field"
          style={{ width: 'auto' }}
          aria-label="Tester"
          value={hand.tester?.id ?? ''}
          onChange={(e) => hand.setTesterId(Number(e.target.value))}
        >
          {!hand.tester && <option value="">which one is in the hand?</option>}
          {testers.map((s) => (
            <option key={s.id} value={s.id}>
              {nameOf(s)}
            </option>
          ))}
        </select>
      )}
      <NewTester sheet={sheet} onAdded={hand.setTesterId} />
      {hand.tester && <ChangeTester sheet={sheet} hand={hand} />}
      {hand.tester && <Calibrate sheet={sheet} hand={hand} />}
      {t && (
        <span className="text-soft">
          {t.supplyKPa != null ? units.withUnit('pressure', t.supplyKPa) : 'supply hidden'},{' '}
          {t.orificeMm != null
            ? `${t.orificeMm.toFixed(2)} mm orifice`
            : 'orifice unknown: ranks within this engine only'}
          {t.calibrated ? ', calibrated' : ', not calibrated'}
        </span>
      )}
      {hand.tester?.bias && (
        <p className={`w-full ${hand.tester.bias.left > 0 ? '' : 'text-soft'}`} data-bias>
          {hand.tester.bias.inWords}
        </p>
      )}
    </div>
  );
}

/** By its name; one that was changed since says until when it was so. */
export function nameOf(stored: StoredTester): string {
  return stored.until
    ? `${stored.tester.name}, as it was until ${stored.until.slice(0, 10)}`
    : stored.tester.name;
}

function NewTester({ sheet, onAdded }: { sheet: Sheet; onAdded: (id: number) => void }) {
  const path = { id: sheet.job.id };
  const add = useChange(sheet.job.id, (body: Tester) =>
    answer(api.POST('/api/jobs/{id}/leakdown/testers', { params: { path }, body })),
  );
  return (
    <TesterDialog
      trigger="New tester"
      title="A leak-down tester of this shop"
      given={FRESH}
      error={add.error}
      ways={[
        {
          words: 'Keep this tester',
          take: async (tester) => onAdded((await add.mutateAsync(tester)).leakdown.testers.at(-1)!.id),
        },
      ]}
    />
  );
}

/** What is known of a tester was wrong, or it is another one now: that decides what becomes of earlier readings. */
function ChangeTester({ sheet, hand }: { sheet: Sheet; hand: LeakdownHand }) {
  const stored = hand.tester!;
  const path = { id: sheet.job.id, testerId: stored.id };
  const change = useChange(sheet.job.id, (body: Schemas['TesterChange']) =>
    answer(api.PUT('/api/jobs/{id}/leakdown/testers/{testerId}', { params: { path }, body })),
  );
  const send = (tester: Tester, fromNowOn: boolean) =>
    change.mutateAsync({ revision: stored.revision, tester, fromNowOn });
  return (
    <TesterDialog
      key={stored.id + '.' + stored.revision}
      trigger="Change"
      title={stored.tester.name}
      given={stored.tester}
      error={change.error}
      about="Put right: it was so all along, and earlier readings are judged anew. Changed (another orifice, another hose): a new tester from now on; earlier readings stay with the old one."
      ways={[
        { words: 'Put right', take: (tester) => send(tester, false) },
        {
          words: 'Changed from now on',
          take: async (tester) =>
            hand.setTesterId(
              (await send(tester, true)).leakdown.testers.find((t) => t.follows === stored.id)!.id,
            ),
        },
      ]}
    />
  );
}

interface TesterDialogProps {
  trigger: string;
  title: string;
  about?: string;
  given: Tester;
  error: Error | null;
  /** What can be done with what was filled in; the dialog stays where that is refused. */
  ways: { words: string; take: (tester: Tester) => Promise<unknown> }[];
}

function TesterDialog({ trigger, title, about, given, error, ways }: TesterDialogProps) {
  const [open, setOpen] = useState(false);
  const [tester, setTester] = useState<Tester>(given);
  const at = (f: string) => (error instanceof Refusal ? error.at(f) : undefined);
  const set = (change: Partial<Tester>) => setTester((old) => ({ ...old, ...change }));
  return (
    <Dialog.Root
      open={open}
      onOpenChange={(next) => {
        setTester(given);
        setOpen(next);
      }}
      modal={false}
    >
      <Dialog.Trigger className="button">{trigger}</Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-1/2 left-1/2 z-30 w-[32.5rem] -translate-x-1/2 -translate-y-1/2 border-2 border-ink bg-paper p-6"
        >
          <Dialog.Title className="mb-3 text-[1.25rem] font-semibold">{title}</Dialog.Title>
          <div className="space-y-3">
            <TextField
              label="Name"
              value={tester.name}
              error={at('name')}
              onCommit={(name) => set({ name })}
            />
            <Choice
              label="Shows"
              value={tester.kind}
              options={labels('TesterKind')}
              onChange={(kind) => set({ kind: kind ?? 'TWO_GAUGES' })}
            />
            <div className="grid grid-cols-3 gap-3">
              <QuantityField
                label="Supply"
                quantity="pressure"
                value={tester.supplyKPa}
                error={at('supplyKPa')}
                onCommit={(supplyKPa) => set({ supplyKPa })}
              />
              <QuantityField
                label="Orifice"
                quantity="length"
                value={tester.orificeMm}
                error={at('orificeMm')}
                onCommit={(orificeMm) => set({ orificeMm })}
              />
              <QuantityField
                label="Discharge"
                unit="Cd"
                otherwise={1}
                value={tester.dischargeCoefficient}
                error={at('dischargeCoefficient')}
                onCommit={(dischargeCoefficient) => set({ dischargeCoefficient })}
              />
            </div>
            <QuantityField
              label="Smallest step that can be read"
              unit="% points"
              value={tester.resolutionPercent}
              error={at('resolutionPercent')}
              onCommit={(resolutionPercent) => set({ resolutionPercent })}
            />
            <p className="text-soft">
              {about ?? 'Leave out what is not known; bleed holes can tell it later.'}
            </p>
            {error && !(error instanceof Refusal && error.errors.length > 0) && (
              <p role="alert" className="refusal">
                {error.message}
              </p>
            )}
          </div>
          <div className="mt-4 flex gap-2">
            {ways.map(({ words, take }, i) => (
              <button
                key={words}
                className={`button ${i === 0 ? 'button-main' : ''}`}
                onClick={() =>
                  void take(tester).then(
                    () => setOpen(false),
                    () => undefined,
                  )
                }
              >
                {words}
              </button>
            ))}
            <Dialog.Close className="button">Back</Dialog.Close>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function Calibrate({ sheet, hand }: { sheet: Sheet; hand: LeakdownHand }) {
  const id = sheet.job.id;
  const tester = hand.tester!;
  const [open, setOpen] = useState(false);
  const [holes, setHoles] = useState<Partial<Hole>[]>([{}, {}]);
  const calibrate = useChange(id, (body: Schemas['CalibrationDocument']) =>
    answer(
      api.POST('/api/jobs/{id}/leakdown/testers/{testerId}/calibration', {
        params: { path: { id, testerId: tester.id } },
        body,
      }),
    ),
  );
  const at = (i: number, f: string) =>
    calibrate.error instanceof Refusal ? calibrate.error.at(`holes[${i}].${f}`) : undefined;
  const set = (i: number, change: Partial<Hole>) =>
    setHoles((old) => old.map((h, k) => (k === i ? { ...h, ...change } : h)));
  const given = holes.filter((h) => h.bleedHoleMm !== undefined || h.leakPercent !== undefined);
  const general =
    calibrate.error instanceof Refusal
      ? calibrate.error.errors
          .filter((e) => !e.field.startsWith('holes['))
          .map((e) => e.message)
          .join('; ')
      : calibrate.error?.message;
  return (
    <Dialog.Root open={open} onOpenChange={setOpen} modal={false}>
      <Dialog.Trigger className="button">Calibrate</Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-1/2 left-1/2 z-30 w-[32.5rem] -translate-x-1/2 -translate-y-1/2 border-2 border-ink bg-paper p-6"
        >
          <Dialog.Title className="mb-1 text-[1.25rem] font-semibold">
            Calibrate {tester.tester.name}
          </Dialog.Title>
          <p className="mb-3 text-soft">
            Drill a clean round hole into an old plug or a cap, put it on the hose, read the dial.
            {tester.tester.supplyKPa == null
              ? ' The supply is hidden, so two holes are needed, far apart: one that reads below 10 %, one above 60 %. Close together they tell the supply badly.'
              : ' One hole tells the orifice; a second one checks the supply as well.'}
          </p>
          {holes.map((h, i) => (
            <div key={i} className="mb-2 grid grid-cols-2 gap-3">
              <QuantityField
                label={`Hole ${i + 1}`}
                quantity="length"
                value={h.bleedHoleMm}
                error={at(i, 'bleedHoleMm')}
                onCommit={(bleedHoleMm) => set(i, { bleedHoleMm })}
              />
              <QuantityField
                label="reads"
                unit="%"
                value={h.leakPercent}
                error={at(i, 'leakPercent')}
                onCommit={(leakPercent) => set(i, { leakPercent })}
              />
            </div>
          ))}
          {general && (
            <p role="alert" className="refusal">
              {general}
            </p>
          )}
          <div className="mt-3 flex gap-2">
            <button
              className="button button-main"
              onClick={() =>
                calibrate.mutate({ holes: given as Hole[] }, { onSuccess: () => setOpen(false) })
              }
            >
              Work it out
            </button>
            <Dialog.Close className="button">Back</Dialog.Close>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
