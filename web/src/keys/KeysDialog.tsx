import { Dialog } from 'radix-ui';

const KEYS: [string, string][] = [
  ['0 – 9', 'type into the current cylinder'],
  ['Enter', 'save, go on to the next cylinder'],
  ['Space', 'between values: one stroke after the other'],
  ['R', 'read the last cylinder again (kept beside the first)'],
  ['← →', 'another cylinder'],
  ['↑ ↓', 'dry or wet'],
  ['1 – 8', 'plugs: first look, and on to the next; S same as the last, G gap'],
  ['[  ]', 'station before, station after'],
  ['U', 'undo; Ctrl Shift Z does it again'],
  ['Esc', 'clear what is typed'],
  ['?', 'this list'],
];

interface Props {
  open: boolean;
  onOpenChange: (open: boolean) => void;
}

export function KeysDialog({ open, onOpenChange }: Props) {
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange} modal={false}>
      <Dialog.Portal>
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-1/2 left-1/2 z-30 w-[440px] -translate-x-1/2 -translate-y-1/2 border-2 border-ink bg-paper p-6"
        >
          <Dialog.Title className="heading mb-3">Keys</Dialog.Title>
          <dl className="grid grid-cols-[90px_1fr] gap-y-2 text-[16px]">
            {KEYS.map(([key, does]) => (
              <div key={key} className="contents">
                <dt className="font-mono">{key}</dt>
                <dd>{does}</dd>
              </div>
            ))}
          </dl>
          <Dialog.Close className="button mt-5 w-full">Close</Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
