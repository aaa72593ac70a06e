import { Link } from 'react-router';
import { answer, api, type Sheet } from '../api/client';
import { Group, StationFrame } from '../examination/StationFrame';
import { Questions } from '../examination/Questions';
import { Findings } from '../examination/Findings';
import { BeforeSteps } from '../round/BeforeStep';
import { useChange } from '../job/useSheet';
import { QuantityField } from '../ui/QuantityField';
import { PlugEditor } from './PlugEditor';
import { SET } from './questions';
import { Tray } from './Tray';
import { type PlugHand, usePlugs } from './usePlugs';

/** The plug tray: laid out as the engine is, each plug drawn from what is said of it, then read as a set. */
export function PlugStation({ sheet }: { sheet: Sheet }) {
  const hand = usePlugs(sheet);
  const plugFindings = sheet.seen.findings.filter((s) => s.station === 'PLUGS');
  return (
    <StationFrame
      sheet={sheet}
      title="Plugs"
      about="As they come out, cylinder by cylinder, in daylight, a new plug beside. First look with one tap, details where they matter."
      error={hand.error}
      current={hand.cylinder}
    >
      <div className="flex flex-wrap items-start gap-x-4">
        <BeforeSteps sheet={sheet} only={['PULL_PLUGS']} />
        <Link className="button" to={`/jobs/${sheet.job.id}/plugs/labels`}>
          Label sheet
        </Link>
      </div>
      <Tray sheet={sheet} hand={hand} />
      {sheet.seen.plugSet && <p className="my-2 text-[1.125rem] font-medium">{sheet.seen.plugSet}</p>}
      <PlugEditor sheet={sheet} hand={hand} />
      <SetFields sheet={sheet} hand={hand} />
      <h3 className="heading mb-2">What this says</h3>
      <PlugSchools sheet={sheet} />
      {sheet.seen.plugNotes.map((n) => (
        <p key={n} className="mb-1 text-soft">
          {n}
        </p>
      ))}
      <Findings sheet={sheet} findings={plugFindings} empty="Nothing yet." />
      {sheet.corrections.map((c) => (
        <p key={c} className="mt-2 text-soft">
          Correction: {c}
        </p>
      ))}
    </StationFrame>
  );
}

function SetFields({ sheet, hand }: { sheet: Sheet; hand: PlugHand }) {
  const { set } = sheet.examination.plugs;
  const number = (
    field: 'distanceKm' | 'hours' | 'newGapMm',
    label: string,
    unit?: string,
    quantity?: 'distance' | 'length',
  ) => (
    <div className="w-40">
      <QuantityField
        label={label}
        unit={unit}
        quantity={quantity}
        value={set[field]}
        otherwise={field === 'newGapMm' ? sheet.engine.engine.plugGapMm?.value : undefined}
        error={hand.errorAt('set.' + field)}
        onCommit={(v) => hand.setSet({ [field]: v })}
      />
    </div>
  );
  return (
    <Group title="All of them">
      <Questions table={SET} told={set} set={hand.setSet} />
      {!set.ageUnknown && (
        <>
          {number('hours', 'Run on them', 'h')}
          {number('distanceKm', 'or', undefined, 'distance')}
        </>
      )}
      {number('newGapMm', 'Gap when new', undefined, 'length')}
    </Group>
  );
}

/** Practitioners disagree on how much to read from a plug: both schools, the shop's own counts. */
function PlugSchools({ sheet }: { sheet: Sheet }) {
  const id = sheet.job.id;
  const lead = useChange(id, (school: 'EVENNESS_ONLY' | 'FULL_READING') =>
    answer(api.PUT('/api/jobs/{id}/leading-plug-school', { params: { path: { id } }, body: { school } })),
  );
  return (
    <div role="radiogroup" aria-label="School of plug reading" className="mb-3">
      {sheet.seen.plugSchools.map((s) => (
        <button
          key={s.school}
          role="radio"
          aria-checked={s.leads}
          className="flex min-h-[2.75rem] items-center gap-2 text-left hover:text-act"
          onClick={() => lead.mutate(s.school)}
        >
          <span className={`block size-4 shrink-0 border border-ink ${s.leads ? 'bg-ink' : ''}`} />
          <span className={s.leads ? 'font-medium' : 'text-soft'}>{s.schoolWords}</span>
        </button>
      ))}
    </div>
  );
}
