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
    <Tabs.Root value={value} onValueChange={onChange} className="flex flex-1 flex-col border-t border-ink">
      <Tabs.List className="flex border-b border-hair" aria-label="The bench">
        {tabs.map(([tab, name]) => (
          <Tabs.Trigger
            key={tab}
            value={tab}
            className="min-h-[44px] border-b-4 border-transparent px-3.5 text-[16px] text-soft data-[state=active]:border-act data-[state=active]:text-ink"
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
    <Tabs.Content value={value} className="space-y-4 p-4">
      {children}
    </Tabs.Content>
  );
}

/** What can hurt somebody here. */
export function CautionList({ cautions }: { cautions: string[] }) {
  return (
    <>
      <ul className="max-w-[70ch] space-y-2 text-[16px]">
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
