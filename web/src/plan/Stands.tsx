import type { Sheet } from '../api/client';
import { useExamine } from '../examination/useExamine';
import { Answers } from '../ui/Answers';
import { useNow } from '../ui/useNow';
import { labels } from '../words/labels';

const HOT_MINUTES = 30;
const LOOK_EVERY_MS = 15_000;

/** How engine and workshop stand now: only the technician knows, and the plan follows. What is not said the readings tell. */
export function Stands({ sheet }: { sheet: Sheet }) {
  const { set, error } = useExamine(sheet.job.id, 'round');
  const { stands, hotAt } = sheet.examination.round;
  return (
    <section className="space-y-1" data-stands>
      <Answers
        label="How it stands now"
        items={labels('BenchState')}
        answers={stands}
        onAnswer={(state, answer) =>
          set({
            stands: { [state]: answer ?? null },
            ...(state === 'WARM' && { hotAt: answer ? new Date().toISOString() : null }),
          })
        }
      />
      {hotAt && stands.WARM && <StaysHot at={hotAt} again={() => set({ hotAt: new Date().toISOString() })} />}
      {error && <p className="refusal">{error}</p>}
    </section>
  );
}

function StaysHot({ at, again }: { at: string; again: () => void }) {
  const now = useNow(LOOK_EVERY_MS);
  const left = Math.ceil(HOT_MINUTES - (now - Date.parse(at)) / 60_000);
  return (
    <p className="flex flex-wrap items-center gap-3" role="status">
      {left > 0 ? `Stays hot for about ${Math.min(left, HOT_MINUTES)} min.` : 'By the clock it has cooled.'}
      <button type="button" className="button" onClick={again}>
        Still hot
      </button>
    </p>
  );
}
