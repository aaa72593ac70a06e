import { Camera } from 'lucide-react';
import { answer, api, type Sheet } from '../api/client';
import { useChange } from '../job/useSheet';
import { FileButton } from '../ui/FileButton';

interface Props {
  sheet: Sheet;
  part: 'PLUGS' | 'INSIDE' | 'FOUND';
  /** 0 is the engine as a whole. */
  cylinder: number;
}

const LONGEST_SIDE = 1600;

/** Photos of one cylinder, kept with the job. Large ones are made smaller here, so that a case file stays handy. */
export function Photos({ sheet, part, cylinder }: Props) {
  const id = sheet.job.id;
  const add = useChange(id, async (file: File) => {
    const picture = await smaller(file);
    return answer(
      api.POST('/api/jobs/{id}/photos/{part}/{cylinder}', {
        params: { path: { id, part: part.toLowerCase(), cylinder } },
        headers: { 'content-type': 'image/jpeg' },
        body: picture as never,
        bodySerializer: (body: unknown) => body as Blob,
      }),
    );
  });
  const own = sheet.photos.filter((p) => p.part === part && p.cylinder === cylinder);
  return (
    <>
      <FileButton label="Photo file" accept="image/*" camera onFile={(file) => add.mutate(file)}>
        <Camera aria-hidden size={18} /> Photo
      </FileButton>
      {own.map((p) => (
        <a key={p.key} href={`/api/photos/${p.key}`} target="_blank" rel="noreferrer">
          <img
            src={`/api/photos/${p.key}`}
            alt={cylinder === 0 ? 'Photo of the engine' : `Photo of cylinder ${cylinder}`}
            className="h-[2.75rem] border border-metal"
          />
        </a>
      ))}
      {add.error && <p className="refusal w-full">{add.error.message}</p>}
    </>
  );
}

async function smaller(file: File): Promise<Blob> {
  let bitmap: ImageBitmap;
  try {
    bitmap = await createImageBitmap(file);
  } catch {
    throw new Error('This is not a picture that can be opened here.');
  }
  const scale = Math.min(1, LONGEST_SIDE / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(bitmap.width * scale);
  canvas.height = Math.round(bitmap.height * scale);
  canvas.getContext('2d')!.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  return new Promise((done, failed) =>
    canvas.toBlob(
      (b) => (b ? done(b) : failed(new Error('This picture could not be made smaller.'))),
      'image/jpeg',
      0.85,
    ),
  );
}
