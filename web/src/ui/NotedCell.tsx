import { Popover } from 'radix-ui';
import type { ReactNode } from 'react';

interface Props {
  note?: ReactNode;
  /** Esc: what is said is read, and what was typed is cleared. */
  dismiss: () => void;
  children: ReactNode;
}

/** A cell and what is said or asked beside it, never cut off by what the cell stands in. */
export function NotedCell({ note, dismiss, children }: Props) {
  return (
    <Popover.Root open={!!note}>
      <Popover.Anchor asChild>{children}</Popover.Anchor>
      <Popover.Portal>
        <Popover.Content
          id="refused"
          role="alert"
          side="right"
          align="end"
          collisionPadding={8}
          className="z-20 w-64 border border-leak bg-paper p-2 text-left text-[0.9375rem]"
          onOpenAutoFocus={(e) => e.preventDefault()}
          onCloseAutoFocus={(e) => e.preventDefault()}
          onEscapeKeyDown={dismiss}
        >
          {note}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

/** A refusal, with what was typed so that it can be read while the next value is typed. */
export function RefusedNote({ text, why }: { text: string; why: string }) {
  return (
    <p className="refusal">
      {text && <span className="mr-2 font-mono text-ink line-through">{text}</span>}
      {why}
    </p>
  );
}
