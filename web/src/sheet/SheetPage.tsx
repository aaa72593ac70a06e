import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { Refusal } from '../api/client';
import { CrankcaseStation } from '../crankcase/CrankcaseStation';
import { InsideStation } from '../inside/InsideStation';
import { PlugStation } from '../plugs/PlugStation';
import { LeakdownStation } from '../leakdown/LeakdownStation';
import { SignsStation } from '../signs/SignsStation';
import { SmokeStation } from '../signs/SmokeStation';
import { CompressionStation } from '../compression/CompressionStation';
import { IntakeStation } from '../job/IntakeStation';
import { NoSuchPage } from '../jobs/NoSuchPage';
import { KeysDialog } from '../keys/KeysDialog';
import { useKeys } from '../keys/useKeys';
import { ReportStation } from './ReportStation';
import { Round } from './Round';
import { address, type Station } from './stations';
import { TitleBlock } from './TitleBlock';
import { useSheet } from './useSheet';
import { useUndo } from './useUndo';

/** One job as a drawing sheet: the round on the left, the station in the middle, the title block underneath. */
export function SheetPage({ station }: { station: Station }) {
  const id = Number(useParams().id);
  const { data: sheet, error } = useSheet(id);
  const navigate = useNavigate();
  const [keysShown, setKeysShown] = useState(false);
  const undo = useUndo(id, sheet);

  useKeys((e) => {
    if (e.key === '[' || e.key === ']') {
      const stations = sheet?.stations ?? [];
      // By the address, which is ahead of what is drawn: two quick presses are two stations.
      const here = stations.findIndex((s) => address(id, s) === window.location.pathname);
      const next = stations[here + (e.key === '[' ? -1 : 1)];
      if (next) {
        void navigate(address(id, next));
      }
    } else if (e.key === '?') {
      setKeysShown(true);
    } else if (e.key.toLowerCase() === 'z' && (e.ctrlKey || e.metaKey)) {
      (e.shiftKey ? undo.redo : undo.undo)();
    } else if (e.key.toLowerCase() === 'u' && !e.ctrlKey) {
      undo.undo();
    } else {
      return;
    }
    e.preventDefault();
  });

  if (error instanceof Refusal && error.status !== 0) {
    return <NoSuchPage />;
  }
  if (!sheet) {
    return <p className="p-8">{error ? error.message : 'Opening the sheet …'}</p>;
  }
  return (
    <div className="flex h-full flex-col p-2 max-[1099px]:h-auto max-[1099px]:min-h-full print:h-auto print:p-0">
      <div className="flex min-h-0 flex-1 flex-col border-2 border-ink print:border-0">
        <div className="flex min-h-0 flex-1 max-[1099px]:flex-col print:block">
          <Round sheet={sheet} station={station} onKeys={() => setKeysShown(true)} />
          <main className="flex min-h-0 min-w-0 flex-1 max-[1099px]:flex-col">
            {station === 'INTAKE' && <IntakeStation sheet={sheet} />}
            {station === 'SIGNS' && <SignsStation sheet={sheet} />}
            {station === 'SMOKE' && <SmokeStation sheet={sheet} />}
            {station === 'PLUGS' && <PlugStation key={id} sheet={sheet} />}
            {station === 'INSIDE' && <InsideStation key={id} sheet={sheet} />}
            {station === 'CRANKCASE' && <CrankcaseStation sheet={sheet} />}
            {station === 'COMPRESSION' && <CompressionStation key={id} sheet={sheet} />}
            {station === 'LEAKDOWN' && <LeakdownStation key={id} sheet={sheet} />}
            {station === 'VERDICT' && <ReportStation sheet={sheet} />}
          </main>
        </div>
        <TitleBlock sheet={sheet} undo={undo} />
      </div>
      <KeysDialog open={keysShown} onOpenChange={setKeysShown} />
    </div>
  );
}
