import { Download } from 'lucide-react';
import { Link } from 'react-router';
import { Refusal } from '../api/client';
import { Costs } from './Costs';
import { Instruments } from './Instruments';
import { useLetterhead } from './useLetterhead';
import { DarkButton } from '../theme/DarkButton';
import { Choice } from '../ui/Choice';
import { TextField } from '../ui/TextField';
import { labels } from '../words/labels';

/** What is said once for all jobs of this shop: how it signs, and what its work costs. */
export function ShopPage() {
  return (
    <div className="h-full p-2">
      <main className="h-full space-y-4 overflow-y-auto border-2 border-ink px-8 py-5 narrow:px-5">
        <header className="flex items-end gap-3">
          <h1 className="mr-auto text-[1.625rem] font-semibold">This shop</h1>
          <DarkButton />
          <Link className="button" to="/">
            All jobs
          </Link>
        </header>
        <h2 className="border-b border-hair pb-1 text-[1.125rem] font-semibold">On its reports</h2>
        <Signs />
        <h2 className="border-b border-hair pb-1 text-[1.125rem] font-semibold">What its work costs</h2>
        <Costs />
        <h2 className="border-b border-hair pb-1 text-[1.125rem] font-semibold">Instruments that speak</h2>
        <Instruments />
        <h2 className="border-b border-hair pb-1 text-[1.125rem] font-semibold">Everything, to take away</h2>
        <p className="max-w-[70ch]">
          One file with every engine as a case file (JSON), all readings as comma-separated values, and a copy
          of the database (SQLite).
        </p>
        <a className="button" href="/api/shop/export.zip" download>
          <Download aria-hidden size={18} /> All records
        </a>
      </main>
    </div>
  );
}

function Signs() {
  const { letterhead, save } = useLetterhead();
  const at = (field: string) => (save.error instanceof Refusal ? save.error.at(field) : undefined);
  if (!letterhead) {
    return <p role="status">Loading.</p>;
  }
  return (
    <div className="grid max-w-[52rem] grid-cols-2 gap-x-8 gap-y-3 narrow:grid-cols-1">
      <TextField
        label="Name of this shop"
        value={letterhead.shop}
        error={at('shop')}
        onCommit={(shop) => save.mutate({ shop })}
      />
      <TextField
        label="Line under it"
        hint="what it does, where it is"
        value={letterhead.line}
        error={at('line')}
        onCommit={(line) => save.mutate({ line })}
      />
      <TextField
        label="Behind amounts of money"
        hint="such as the letters of a currency"
        value={letterhead.money}
        error={at('money')}
        onCommit={(money) => save.mutate({ money })}
      />
      <Choice
        label="Paper"
        value={letterhead.paper ?? 'A4'}
        options={labels('Paper')}
        onChange={(paper) => save.mutate({ paper: paper ?? letterhead.paper ?? 'A4' })}
      />
      {save.error && !(save.error instanceof Refusal && save.error.errors.length > 0) && (
        <p className="refusal">{save.error.message}</p>
      )}
    </div>
  );
}
