import { useRef, type ComponentProps } from 'react';
import { Button } from './Button';

/** A button that asks for a file. The field is named for those who fill it without the button, and no stop of the keyboard. */
export function FileButton({
  file,
  accept,
  onFile,
  ...button
}: Omit<ComponentProps<typeof Button>, 'onClick'> & {
  /** what is asked for, as the field's name */
  file: string;
  accept: string;
  onFile: (file: File) => void;
}) {
  const field = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button {...button} onClick={() => field.current?.click()} />
      <input
        ref={field}
        type="file"
        accept={accept}
        aria-label={file}
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          const [chosen] = event.target.files ?? [];
          event.target.value = '';
          if (chosen) onFile(chosen);
        }}
      />
    </>
  );
}
