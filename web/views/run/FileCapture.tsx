import { useId } from 'react';

/** A picture from the camera's own application, or from a file. */
export function FileCapture({ label, onFile }: { label: string; onFile: (file: File) => void }) {
  const id = useId();
  return (
    <label
      htmlFor={id}
      className="button min-h-16 px-2 text-center leading-tight has-focus-visible:outline-3 has-focus-visible:outline-water"
    >
      {label}
      <input
        id={id}
        type="file"
        accept="image/*"
        capture="environment"
        className="sr-only"
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) onFile(file);
          event.target.value = '';
        }}
      />
    </label>
  );
}
