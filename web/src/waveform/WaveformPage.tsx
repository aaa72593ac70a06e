import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { answer, api, Refusal, type Schemas, type Sheet } from '../api/client';
import { useChange, useSheet } from '../job/useSheet';
import { key, useKeys, withControl } from '../keys/useKeys';
import { useUndo } from '../shell/useUndo';
import { DarkButton } from '../theme/DarkButton';
import { Confirm } from './Confirm';
import { Curve } from './Curve';
import { Says } from './Says';

type Sent = Schemas['Sent'];

/** Recorded waveforms of a job: a file is looked at, confirmed, drawn over crank angle, and its strokes put right by hand. */
export function WaveformPage() {
  const id = Number(useParams().id);
  const { data: sheet } = useSheet(id);
  const [sent, setSent] = useState<Sent>();
  const [chosen, setChosen] = useState<number>();
  const undo = useUndo(id, sheet);
  useKeys([
    { shown: 'U', does: 'undo; Ctrl Shift Z does it again', on: key('u'), run: undo.undo },
    { on: withControl('z', false), run: undo.undo },
    { on: withControl('z', true), run: undo.redo },
  ]);
  if (!sheet) {
    return <p className="p-8">Opening the sheet …</p>;
  }
  const { kept, says } = sheet.waveforms;
  const at = Math.max(
    0,
    kept.findIndex((w) => w.id === chosen),
  );
  const current = kept[at];
  return (
    <div className="flex h-full flex-col p-2">
      <main className="min-h-0 flex-1 overflow-y-auto border-2 border-ink px-8 py-5">
        <header className="flex flex-wrap items-center gap-4">
          <h1 className="mr-auto text-[1.5rem] font-semibold">
            Waveforms
            <span className="ml-3 text-[1rem] font-normal text-soft">{sheet.engine.engine.name}</span>
          </h1>
          <button className="button" disabled={!sheet.undo} onClick={undo.undo}>
            Undo
          </button>
          <DarkButton />
          <Link className="button" to={`/jobs/${id}`}>
            Compression
          </Link>
        </header>
        <Send id={id} onSent={setSent} />
        {sent && (
          <Confirm
            key={sent.key}
            sheet={sheet}
            sent={sent}
            onDone={(made) => {
              setSent(undefined);
              setChosen(made);
            }}
          />
        )}
        {kept.length > 0 && (
          <nav className="mt-5 flex flex-wrap gap-2" aria-label="Waveforms of this job">
            {kept.map((w) => (
              <button
                key={w.id}
                className="button aria-pressed:bg-ink aria-pressed:text-paper"
                aria-pressed={w.id === current?.id}
                onClick={() => setChosen(w.id)}
              >
                {w.waveform.name}
                {w.waveform.cylinder != null && `, ${w.waveform.cylinder}`}
              </button>
            ))}
          </nav>
        )}
        {current && (
          <>
            <Curve
              key={current.id}
              sheet={sheet}
              waveform={current}
              places={says.results[at]?.places ?? current.waveform.strokes.map((_, i) => i)}
            />
            {says.results[at] && <Says sheet={sheet} result={says.results[at]} />}
            <Remove sheet={sheet} id={current.id} fileKey={current.fileKey} />
          </>
        )}
        {kept.length === 0 && !sent && (
          <p className="mt-6 max-w-[70ch] text-soft">
            Cylinder pressure while cranking, the current of the starter, or the pulses of the crankcase, as a
            recorder saved them: columns of numbers (CSV), or sound (WAV). You see what the file holds before
            anything is made of it. No cylinder is judged by a waveform alone.
          </p>
        )}
      </main>
    </div>
  );
}

function Send({ id, onSent }: { id: number; onSent: (sent: Sent) => void }) {
  const [state, setState] = useState<{ error?: string; name?: string }>({});
  const send = async (file: File) => {
    setState({ name: file.name });
    try {
      const response = await fetch(
        `/api/jobs/${id}/waveform-files?name=${encodeURIComponent(file.name.slice(-120))}`,
        { method: 'POST', headers: { 'Content-Type': 'application/octet-stream' }, body: file },
      );
      const body = (await response.json()) as Sent & { detail?: string; errors?: { message: string }[] };
      if (!response.ok) {
        throw new Error(body.errors?.map((e) => `${file.name} ${e.message}.`).join(' ') ?? body.detail);
      }
      onSent(body);
      setState({});
    } catch (e) {
      setState({ error: e instanceof Error ? e.message : 'It could not be sent.' });
    }
  };
  return (
    <div className="mt-4 flex flex-wrap items-center gap-4">
      <label className="button cursor-pointer focus-within:outline-2">
        {state.name ? `Sending ${state.name} …` : 'Open a recording'}
        <input
          type="file"
          className="sr-only"
          accept=".csv,.txt,.tsv,.wav,text/csv,audio/wav"
          onChange={(e) => {
            const file = e.target.files?.[0];
            e.target.value = '';
            if (file) {
              void send(file);
            }
          }}
        />
      </label>
      <span className="text-soft">up to 256 MB</span>
      {state.error && <p className="refusal">{state.error}</p>}
    </div>
  );
}

function Remove({ sheet, id, fileKey }: { sheet: Sheet; id: number; fileKey?: string }) {
  const job = sheet.job.id;
  const remove = useChange(job, () =>
    answer(
      api.DELETE('/api/jobs/{id}/waveforms/{waveform}', { params: { path: { id: job, waveform: id } } }),
    ),
  );
  return (
    <div className="mt-5 flex items-center gap-4">
      {fileKey && (
        <a
          className="inline-block min-h-[2.75rem] py-2 underline underline-offset-4 hover:text-act"
          href={`/api/jobs/${job}/waveform-files/${fileKey}`}
          download
        >
          Save the file as it came
        </a>
      )}
      <button className="button" onClick={() => remove.mutate(undefined)}>
        Take it off this job
      </button>
      {remove.error instanceof Refusal && <p className="refusal">{remove.error.message}</p>}
    </div>
  );
}
