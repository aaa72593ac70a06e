import { useTheme } from './useTheme';

/** Light paper, or dark for under-hood light. */
export function DarkButton({ className = 'button' }: { className?: string }) {
  const [dark, toggle] = useTheme();
  return (
    <button type="button" className={className} onClick={toggle}>
      {dark ? 'Light' : 'Dark'}
    </button>
  );
}
