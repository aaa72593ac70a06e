import { type ReactNode, useRef } from 'react';

interface Props {
  /** What the file is, for those who do not see the button. */
  label: string;
  /** Kinds of files, as the browser takes them. */
  accept: string;
  /** Takes a picture with the camera at the back, where there is one. */
  camera?: boolean;
  onFile: (file: File) => void;
  children: ReactNode;
}

/** A button that asks for one file; the same file can be chosen again. */
export function FileButton({ label, accept, camera = false, onFile, children }: Props) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <button className="button" onClick={() => input.current?.click()}>
        {children}
      </button>
      <input
        ref={input}
        type="file"
        accept={accept}
        capture={camera ? 'environment' : undefined}
        className="hidden"
        aria-label={label}
        onChange={(e) => {
          const file = e.target.files?.[0];
          if (file) {
            onFile(file);
          }
          e.target.value = '';
        }}
      />
    </>
  );
}
