import { JobsPage } from '../jobs/JobsPage';
import { PracticePage } from '../practice/PracticePage';
import { usePractising } from '../practice/usePractice';

/** All jobs of the shop; in the practice room, its cases. */
export function HomePage() {
  return usePractising() ? <PracticePage /> : <JobsPage />;
}
