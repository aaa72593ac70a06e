import { Choice } from './Choice';

interface Props {
  label: string;
  value: boolean | undefined;
  yes?: string;
  no?: string;
  onChange: (value: boolean | undefined) => void;
}

/** Yes, no, or not looked at. */
export function YesNo({ label, value, yes = 'yes', no = 'no', onChange }: Props) {
  return (
    <Choice
      label={label}
      value={value === undefined ? undefined : value ? 'yes' : 'no'}
      options={[
        ['yes', yes],
        ['no', no],
      ]}
      onChange={(v) => onChange(v === undefined ? undefined : v === 'yes')}
    />
  );
}
