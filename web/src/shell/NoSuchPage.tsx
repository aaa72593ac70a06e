import { Link } from 'react-router';

export function NoSuchPage() {
  return (
    <div className="p-10">
      <h1 className="text-[1.625rem] font-semibold">There is nothing at this address.</h1>
      <Link className="button mt-4" to="/">
        To the list of jobs
      </Link>
    </div>
  );
}
