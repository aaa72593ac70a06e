import type { Sheet } from '../api/client';
import { capital } from '../words/labels';

/** Where the oil may go, how much what was seen points there, and what splits one way from the others. */
export function Ways({ sheet }: { sheet: Sheet }) {
  const { ways } = sheet.oil;
  if (ways.length === 0) {
    return <p className="text-soft">Where it goes is asked once there is a rate.</p>;
  }
  const most = Math.max(...ways.map((w) => w.weight));
  return (
    <>
      <p className="max-w-[80ch]">
        The rate says how much, never where.{' '}
        {most <= 1.15 ? 'Of which path it goes is not known yet.' : 'So far the signs of this job weigh so:'}
      </p>
      <table className="w-full text-left">
        <tbody>
          {ways
            .toSorted((a, b) => b.weight - a.weight)
            .map((w) => (
              <tr key={w.way} className="border-b border-hair align-top">
                <td className="py-1.5 pr-3 font-medium">{capital(w.wayWords)}</td>
                <td className="w-28 py-1.5 pr-3 font-mono">
                  {w.weight > 1.15 ? `× ${Number(w.weight.toPrecision(2))}` : '–'}
                </td>
                <td className="py-1.5 text-soft">{w.split}</td>
              </tr>
            ))}
        </tbody>
      </table>
    </>
  );
}
