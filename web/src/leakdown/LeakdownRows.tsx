import type { Sheet } from '../api/client';
import type { RowsProps } from '../station/station';
import { Row } from '../section/SheetRow';
import { askedNote } from '../ui/askedNote';
import { NotedCell } from '../ui/NotedCell';
import { roundedInBrief } from '../units/figure';
import { useUnits } from '../units/UnitsContext';
import type { LeakdownHand } from './useLeakdown';
import { labelOf } from '../api/labelOf';

interface Props extends RowsProps {
  /** Missing where nothing is typed. */
  hand?: LeakdownHand;
}

/** Leak-down on the sheet: what was read, as area, and where it was heard. */
export function LeakdownRows({ sheet, columns, measure, hand }: Props) {
  const { cylinders, readings } = sheet.leakdown;
  if (readings.length === 0 && !hand) {
    return null;
  }
  const at = new Map(cylinders.map((c) => [c.cylinder, c]));
  const rows = { columns, measure };
  const tone = (c: number) => (at.get(c)?.leaks ? 'text-leak' : '');
  return (
    <>
      <Row
        {...rows}
        name={
          <>
            <span className="text-[1.0625rem] font-medium whitespace-nowrap text-ink">Leak-down</span>
            {hand && <TesterInHand hand={hand} />}
          </>
        }
        unit="% lost"
      >
        {(c) =>
          !hand ? (
            <span className={`text-[1.25rem] ${tone(c)}`}>{at.get(c)?.percent.toFixed(0)}</span>
          ) : hand.cylinder === c ? (
            <EntryCell sheet={sheet} hand={hand} cylinder={c} />
          ) : (
            <button
              className={`min-h-[2.75rem] w-full text-[1.25rem] hover:bg-well ${tone(c)}`}
              aria-label={`Leak-down on ${labelOf(sheet, c)}: ${at.get(c)?.percent.toFixed(0) ?? 'not read'}`}
              onClick={() => hand.goTo(c)}
            >
              {at.get(c)?.percent.toFixed(0)}
            </button>
          )
        }
      </Row>
      {cylinders.some((c) => c.areaMm2) && (
        <Row {...rows} name="as area" unit="mm²">
          {(c) => {
            const a = at.get(c)?.areaMm2;
            return a && <span className={tone(c)}>{roundedInBrief(a)}</span>;
          }}
        </Row>
      )}
      {cylinders.some((c) => c.paths.length > 0) && (
        <Row {...rows} name="heard" unit="" slim>
          {(c) => (
            <span className={`font-sans text-[0.875rem] leading-tight ${tone(c)}`}>
              {at
                .get(c)
                ?.paths.map((p) => `${p.placeWords} ${p.heardWords}`)
                .join(', ')}
            </span>
          )}
        </Row>
      )}
    </>
  );
}

/** Which tester, and whether it is calibrated: in view whatever else is. */
function TesterInHand({ hand }: { hand: LeakdownHand }) {
  const t = hand.tester?.tester;
  return (
    <span className="no-print text-[0.8125rem] leading-tight" data-tester>
      {!t ? 'no tester yet' : t.calibrated ? `${t.name}, calibrated` : `${t.name}, not calibrated`}
    </span>
  );
}

function EntryCell({ sheet, hand, cylinder }: { sheet: Sheet; hand: LeakdownHand; cylinder: number }) {
  const units = useUnits();
  const last = sheet.leakdown.cylinders.find((c) => c.cylinder === cylinder);
  return (
    <NotedCell note={askedNote(hand.asked, hand.refused)} dismiss={hand.clear}>
      <div className="relative">
        <input
          data-readings
          autoFocus
          inputMode="decimal"
          autoComplete="off"
          className="h-[2.875rem] w-full border-2 border-act bg-well text-center font-mono text-[1.375rem] text-act outline-none placeholder:text-metal"
          aria-describedby="leakdown-unit"
          aria-label={`${hand.twoGauges ? 'Second gauge' : 'Leak-down'}, cylinder ${labelOf(sheet, cylinder)}`}
          aria-invalid={!!hand.refused}
          placeholder={hand.twoGauges ? undefined : last?.percent.toFixed(0)}
          value={hand.text}
          onChange={(e) => hand.setText(e.target.value)}
        />
        <span
          id="leakdown-unit"
          data-unit
          className="block py-0.5 text-center font-sans text-[0.8125rem] leading-[1.05] text-ink"
        >
          {hand.tester
            ? hand.twoGauges
              ? `${units.symbol('pressure')}, second gauge`
              : '% lost'
            : 'which tester?'}
        </span>
      </div>
    </NotedCell>
  );
}
