import { useMutation } from '@tanstack/react-query';
import { answer, api } from '../api/client';

/** Goes to the practice room, beside the shop; it opens when somebody first asks for it. */
export function RoomButton() {
  const open = useMutation({
    mutationFn: () => answer(api.POST('/api/practice/room')),
    onSuccess: ({ address }) => window.location.assign(address),
  });
  return (
    <button
      className="button"
      disabled={open.isPending}
      title={open.error?.message}
      onClick={() => open.mutate()}
    >
      {open.isPending ? 'Opening …' : open.error ? 'Practice: try again' : 'Practice'}
    </button>
  );
}
