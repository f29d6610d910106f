interface Props {
  /** What the button says, and what the file is for those who do not see it. */
  text: string;
  label: string;
  accept: string;
  onFile: (file: File) => void;
}

/** A button that takes in one file; the same file may be taken again. */
export function FileButton({ text, label, accept, onFile }: Props) {
  return (
    <label className="button file-button">
      {text}
      <input
        type="file"
        accept={accept}
        className="visually-hidden"
        aria-label={label}
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) onFile(file);
          event.target.value = "";
        }}
      />
    </label>
  );
}
