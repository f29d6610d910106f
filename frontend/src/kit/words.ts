/** Keeps a number and its unit on one line. */
export function tied(text: string): string {
  return text.replace(/(\d) (cm|mm|in)\b/g, "$1\u00a0$2");
}
