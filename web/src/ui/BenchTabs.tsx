import { Tabs } from 'radix-ui';
import type { ReactNode } from 'react';

interface Props {
  value: string;
  onChange: (value: string) => void;
  tabs: readonly (readonly [value: string, name: string])[];
  /** One {@link BenchTab} a tab. */
  children: ReactNode;
}

/** What stands under the rows of a bench, one thing at a time. */
export function BenchTabs({ value, onChange, tabs, children }: Props) {
  return (
    <Tabs.Root value={value} onValueChange={onChange} className="flex min-h-0 min-w-0 flex-1 flex-col">
      <Tabs.List className="flex shrink-0 overflow-x-auto border-b border-hair" aria-label="The bench">
        {tabs.map(([tab, name]) => (
          <Tabs.Trigger
            key={tab}
            value={tab}
            className="min-h-[2.75rem] border-b-4 border-transparent px-3.5 text-[1rem] whitespace-nowrap text-soft data-[state=active]:border-act data-[state=active]:text-ink"
          >
            {name}
          </Tabs.Trigger>
        ))}
      </Tabs.List>
      {children}
    </Tabs.Root>
  );
}

export function BenchTab({ value, children }: { value: string; children: ReactNode }) {
  return (
    <Tabs.Content
      value={value}
      className="min-h-0 flex-1 space-y-4 overflow-y-auto p-4 print:overflow-visible"
    >
      {children}
    </Tabs.Content>
  );
}

/** What can hurt somebody here. */
export function CautionList({ cautions }: { cautions: string[] }) {
  return (
    <>
      <ul className="max-w-[70ch] space-y-2 text-[1rem]">
        {cautions.map((c) => (
          <li key={c} className="border-l-4 border-leak pl-3">
            {c}
          </li>
        ))}
      </ul>
      <p className="text-soft">
        Decision support, not a certificate: local codes and licensed practice come first.
      </p>
    </>
  );
}
