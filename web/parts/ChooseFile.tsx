interface ChooseFileProps {
  readonly label: string;
  readonly accept: string;
  readonly onChosen: (file: File) => void;
}

/** One file of this device, chosen by a large target. */
export function ChooseFile({ label, accept, onChosen }: ChooseFileProps) {
  return (
    <label className="button min-h-14 cursor-pointer has-focus-visible:outline-2">
      {label}
      <input
        type="file"
        accept={accept}
        className="sr-only"
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) onChosen(file);
          event.target.value = '';
        }}
      />
    </label>
  );
}
