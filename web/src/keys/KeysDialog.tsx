import { Dialog } from 'radix-ui';
import { useAllKeys } from './shownKeys';

interface Props {
  open: boolean;
  onOpenChange: (open: boolean) => void;
}

/** What the keys do on what is shown now, from the same tables that handle them. */
export function KeysDialog({ open, onOpenChange }: Props) {
  const keys = useAllKeys();
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange} modal={false}>
      <Dialog.Portal>
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-1/2 left-1/2 z-30 w-[27.5rem] -translate-x-1/2 -translate-y-1/2 border-2 border-ink bg-paper p-6"
        >
          <Dialog.Title className="heading mb-3">Keys</Dialog.Title>
          <dl className="grid grid-cols-[5.75rem_1fr] gap-y-2 text-[1rem]">
            {keys.map(({ shown, does }) => (
              <div key={`${shown} ${does}`} className="contents">
                <dt className="font-mono">{shown}</dt>
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
