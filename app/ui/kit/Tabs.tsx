import { Tabs as Radix } from 'radix-ui';
import type { ReactNode } from 'react';

export interface Tab {
  id: string;
  words: string;
  content: ReactNode;
}

/** Sheets of one paper, one on top of the others. */
export function Tabs({ label, tabs }: { label: string; tabs: readonly Tab[] }) {
  return (
    <Radix.Root defaultValue={tabs[0]?.id ?? ''}>
      <Radix.List aria-label={label} className="flex flex-wrap gap-1 border-b-2 border-rule">
        {tabs.map((tab) => (
          <Radix.Trigger
            key={tab.id}
            value={tab.id}
            className="px-3 py-1.5 font-display text-base/none font-extrabold data-[state=active]:bg-enamel data-[state=active]:text-white"
          >
            {tab.words}
          </Radix.Trigger>
        ))}
      </Radix.List>
      {tabs.map((tab) => (
        <Radix.Content key={tab.id} value={tab.id} className="pt-3">
          {tab.content}
        </Radix.Content>
      ))}
    </Radix.Root>
  );
}
