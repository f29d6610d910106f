/** What is said in the browser in this language. */
export default import.meta.glob<string>("../../../../eggtuck/core/words/en/{verdicts,table/*}.ftl", {
  query: "?raw",
  import: "default",
  eager: true,
});
