import { ToggleGroup } from 'radix-ui';

interface TogglesProps<T extends string> {
  label: string;
  value: T | null | undefined;
  onChange: (value: T | undefined) => void;
  disabled?: boolean;
  className?: string;
  children: React.ReactNode;
}

/** A group of which at most one is pressed. */
export function Toggles<T extends string>({ label, value, onChange, ...props }: TogglesProps<T>) {
  return (
    <ToggleGroup.Root
      {...props}
      type="multiple"
      role="group"
      aria-label={label}
      value={value ? [value] : []}
      onValueChange={(pressed) => onChange(pressed.find((p) => p !== value) as T | undefined)}
    />
  );
}
