// Writes which sentences the catalogue has and what fills each of them, so that one that is not there, or a blank that nothing fills,
// is found by the compiler.
import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import { FluentResource } from "@fluent/bundle";

const HOME = "../eggtuck/core/words/en";
const files = ["verdicts.ftl", ...readdirSync(`${HOME}/table`).map((name) => `table/${name}`)];

/** The names of the blanks of a pattern, those of its selections with them. */
function blanks(part, found = new Set()) {
  if (Array.isArray(part)) part.forEach((inner) => blanks(inner, found));
  else if (part && typeof part === "object") {
    if (part.type === "var") found.add(part.name);
    Object.values(part).forEach((inner) => blanks(inner, found));
  }
  return found;
}

const sentences = new Map();
for (const file of files)
  for (const { id, value, attributes } of new FluentResource(readFileSync(`${HOME}/${file}`, "utf8")).body) {
    if (value !== null) sentences.set(id, blanks(value));
    for (const [name, pattern] of Object.entries(attributes)) sentences.set(`${id}.${name}`, blanks(pattern));
  }

const lines = [...sentences]
  .sort(([a], [b]) => (a < b ? -1 : 1))
  .map(([id, names]) => `  "${id}": ${[...names].map((name) => `"${name}"`).join(" | ") || "never"};`);
writeFileSync(
  "src/words/sentences.d.ts",
  `/** Written by words.mjs: each sentence, and the names of its blanks. */\nexport interface Sentences {\n${lines.join("\n")}\n}\n`,
);
