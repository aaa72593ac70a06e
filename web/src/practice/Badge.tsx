/** What makes practice unmistakable, wherever it stands. */
export function Badge() {
  return (
    <span className="hatched flex h-9 items-center px-3" data-badge>
      <strong className="bg-well px-2 text-[1.0625rem] tracking-[0.12em]">PRACTICE</strong>
    </span>
  );
}
