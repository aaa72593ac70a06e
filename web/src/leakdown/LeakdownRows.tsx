import type { Sheet } from '../api/client';
import type { RowsProps } from '../station/station';
import { Row } from '../section/SheetRow';
import { AskedNote } from '../ui/AskedNote';
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
        name={<span className="text-[17px] font-medium whitespace-nowrap text-ink">Leak-down</span>}
        unit="% lost"
      >
        {(c) =>
          !hand ? (
            <span className={`text-[20px] ${tone(c)}`}>{at.get(c)?.percent.toFixed(0)}</span>
          ) : hand.cylinder === c ? (
            <EntryCell sheet={sheet} hand={hand} cylinder={c} />
          ) : (
            <button
              className={`min-h-[44px] w-full text-[20px] hover:bg-well ${tone(c)}`}
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
            return (
              a && (
                <span className={tone(c)}>
                  {a.low < 0.3 * a.best ? `< ${a.high.toFixed(2)}` : a.best.toFixed(2)}
                </span>
              )
            );
          }}
        </Row>
      )}
      {cylinders.some((c) => c.paths.length > 0) && (
        <Row {...rows} name="heard" unit="" slim>
          {(c) => (
            <span className={`font-sans text-[14px] leading-tight ${tone(c)}`}>
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

function EntryCell({ sheet, hand, cylinder }: { sheet: Sheet; hand: LeakdownHand; cylinder: number }) {
  const units = useUnits();
  const last = sheet.leakdown.cylinders.find((c) => c.cylinder === cylinder);
  return (
    <div className="relative">
      <input
        data-readings
        autoFocus
        inputMode="decimal"
        autoComplete="off"
        className="h-[46px] w-full border-2 border-act bg-well text-center font-mono text-[22px] text-act outline-none placeholder:text-metal"
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
        className="block py-0.5 text-center font-sans text-[13px] leading-[1.05] text-ink"
      >
        {hand.tester
          ? hand.twoGauges
            ? `${units.symbol('pressure')}, second gauge`
            : '% lost'
          : 'which tester?'}
      </span>
      <AskedNote asked={hand.asked} refused={hand.refused} />
    </div>
  );
}
