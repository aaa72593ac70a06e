import type { Sheet } from '../api/client';
import { chance } from '../verdict/odds';
import { capital } from '../words/labels';

/** Below this a way is one of many that cannot be excluded. */
const SUSPECTED = 0.03;

/** Where the oil may go, how likely each way is by everything that is known, and what splits one from the others. */
export function Ways({ sheet }: { sheet: Sheet }) {
  const { ways } = sheet.oil;
  if (ways.length === 0) {
    return <p className="text-soft">Where it goes is asked once there is a rate.</p>;
  }
  const suspected = ways.some((w) => w.probability >= SUSPECTED);
  return (
    <>
      <p className="max-w-[80ch]">
        The rate says how much, never where.{' '}
        {suspected
          ? 'By everything this job knows, each of these takes oil with a chance of:'
          : 'Of which path it goes is not known yet.'}
      </p>
      <table className="w-full text-left">
        <tbody>
          {ways
            .toSorted((a, b) => b.probability - a.probability)
            .map((w) => (
              <tr key={w.way} className="border-b border-hair align-top">
                <td className="py-1.5 pr-3 font-medium">{capital(w.wayWords)}</td>
                <td className="w-28 py-1.5 pr-3 font-mono">
                  {w.probability >= SUSPECTED ? chance(w.probability) : '–'}
                </td>
                <td className="py-1.5 text-soft">{w.split}</td>
              </tr>
            ))}
        </tbody>
      </table>
    </>
  );
}
