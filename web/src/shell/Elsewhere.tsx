import { Link } from 'react-router';
import { DarkButton } from '../theme/DarkButton';

const LOOK = 'flex min-h-[2.75rem] items-center underline underline-offset-4 hover:text-act';

/** The ways out of a sheet, and how it is shown. */
export function Elsewhere({ onKeys }: { onKeys: () => void }) {
  return (
    <>
      <Link className={LOOK} to="/">
        All jobs
      </Link>
      <Link className={LOOK} to="/calculator">
        Calculator
      </Link>
      <button className={LOOK} onClick={onKeys}>
        Keys ?
      </button>
      <DarkButton className={LOOK} />
    </>
  );
}
