import { answer, api, type Sheet } from '../api/client';
import { useChange } from '../job/useSheet';

export interface UndoControl {
  undo: () => void;
  redo: () => void;
  undoes?: string;
  redoes?: string;
  error?: string;
}

/** Undo instead of "are you sure"; names the change it means, so that it never takes back another window's. */
export function useUndo(id: number, sheet: Sheet | undefined): UndoControl {
  const path = { path: { id } };
  const undo = useChange(id, (changeId: number) =>
    answer(api.POST('/api/jobs/{id}/undo', { params: path, body: { changeId } })),
  );
  const redo = useChange(id, (changeId: number) =>
    answer(api.POST('/api/jobs/{id}/redo', { params: path, body: { changeId } })),
  );
  return {
    undo: () => sheet?.undo && !undo.isPending && undo.mutate(sheet.undo.id),
    redo: () => sheet?.redo && !redo.isPending && redo.mutate(sheet.redo.id),
    undoes: sheet?.undo?.description,
    redoes: sheet?.redo?.description,
    error: undo.error?.message ?? redo.error?.message,
  };
}
