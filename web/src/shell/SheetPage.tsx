import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { Refusal, type Sheet } from '../api/client';
import type { StationScreen } from '../station/station';
import { useSheet } from '../job/useSheet';
import { HiddenAnswer, isAnswer, useAnswerHidden } from '../practice/HiddenAnswer';
import { PracticeBand } from '../practice/PracticeBand';
import { KeysDialog } from '../keys/KeysDialog';
import { key, useKeys, withControl } from '../keys/useKeys';
import { NoSuchPage } from './NoSuchPage';
import { Round } from './Round';
import { address, whole } from './stations';
import { TitleBlock } from './TitleBlock';
import { useUndo } from './useUndo';

/** One job as a drawing sheet: the round on the left, the station in the middle, the title block underneath. */
export function SheetPage({ screen }: { screen: StationScreen }) {
  const id = Number(useParams().id);
  const { data: sheet, error } = useSheet(id);
  const navigate = useNavigate();
  const [keysShown, setKeysShown] = useState(false);
  const undo = useUndo(id, sheet);
  const answer = useAnswerHidden(id);

  const go = (step: number) => {
    const stations = sheet?.stations ?? [];
    // By the address, which is ahead of what is drawn: two quick presses are two stations.
    const here = stations.findIndex((s) => address(id, s) === window.location.pathname);
    const next = stations[here + step];
    if (next) {
      void navigate(address(id, next));
    }
  };
  useKeys([
    { shown: '[  ]', does: 'station before, station after', on: key('['), run: () => go(-1) },
    { on: key(']'), run: () => go(1) },
    { shown: 'U', does: 'undo; Ctrl Shift Z does it again', on: key('u'), run: undo.undo },
    { on: withControl('z', false), run: undo.undo },
    { on: withControl('z', true), run: undo.redo },
    { shown: '?', does: 'this list', on: (e) => e.key === '?', run: () => setKeysShown(true) },
  ]);

  // What is shown stays, with what is being typed, when a later look at it fails.
  if (!sheet && error instanceof Refusal && error.status !== 0) {
    return <NoSuchPage />;
  }
  if (!sheet) {
    return <p className="p-8">{error ? error.message : 'Opening the sheet …'}</p>;
  }
  return (
    <div className="flex h-full flex-col p-2 print:h-auto print:p-0 low:h-auto low:min-h-full">
      <h1 className="sr-only">
        {sheet.engine.engine.name}: {screen.name}
      </h1>
      <div className="flex min-h-0 flex-1 flex-col border-2 border-ink print:border-0">
        <PracticeBand sheet={sheet} station={screen.station} />
        <div className="flex min-h-0 flex-1 print:block narrow:flex-col">
          <Round sheet={sheet} station={screen.station} onKeys={() => setKeysShown(true)} />
          <main className="flex min-h-0 min-w-0 flex-1 narrow:flex-col">
            {answer.hidden && isAnswer(screen.station) ? (
              <HiddenAnswer show={answer.show} />
            ) : (
              <screen.Screen key={id} sheet={answer.hidden ? unanswered(sheet) : sheet} whole={whole} />
            )}
          </main>
        </div>
        <TitleBlock sheet={sheet} undo={undo} onKeys={() => setKeysShown(true)} />
      </div>
      <KeysDialog open={keysShown} onOpenChange={setKeysShown} />
    </div>
  );
}

/** In practice the section does not draw where the tool thinks the air goes. */
function unanswered(sheet: Sheet): Sheet {
  return { ...sheet, diagnosis: { ...sheet.diagnosis, paths: [] } };
}
