interface Props {
  label: string;
  words: string;
  onWords: (words: string) => void;
  children?: React.ReactNode;
}

/** Looks for words among many. */
export function Find({ label, words, onWords, children }: Props) {
  return (
    <span role="search">
      <label>
        {label}{" "}
        <input
          type="search"
          value={words}
          maxLength={200}
          onChange={(event) => onWords(event.target.value)}
        />
        {children}
      </label>
    </span>
  );
}
