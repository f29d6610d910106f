/** Keeps a number and its unit on one line. */
export function tied(text: string): string {
  return text.replace(/(\d) (cm|mm|in)\b/g, "$1\u00a0$2");
}

/** The sentences of a text that tell a number: none of them is lost where only numbers are wanted. */
export function withNumbers(text: string): string {
  return text
    .split(/(?<=[.!?]) +(?=[A-Z0-9])/)
    .filter((sentence) => /\d/.test(sentence))
    .join(" ");
}
