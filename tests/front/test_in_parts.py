"""An answer that is read while it comes: what is drawn is shown first, and nothing of the rest is lost however it is cut up."""

import json
import unittest

from hypothesis import example, given, settings
from hypothesis import strategies as st

from .node import Node

SCRIPT = """
import readline from "node:readline";
import { readInParts } from "./module.mjs";
for await (const line of readline.createInterface({ input: process.stdin })) {
  const bytes = Buffer.from(JSON.parse(line).text, "utf8");
  const cuts = [0, ...JSON.parse(line).cuts.map((part) => Math.floor(part * bytes.length)).sort((a, b) => a - b), bytes.length];
  const body = new ReadableStream({
    start(to) {
      for (let n = 1; n < cuts.length; n++) if (cuts[n] > cuts[n - 1]) to.enqueue(bytes.subarray(cuts[n - 1], cuts[n]));
      to.close();
    },
  });
  const shown = [];
  const whole = await readInParts(body, (early) => shown.push(early));
  const same = shown.every((early) => early.draft.pieces === whole.draft.pieces);
  console.log(JSON.stringify({ shown, whole, same }));
}
"""
PIECES = [{"name": "Körper ½ – 3 ″", "note": "a\\nb"}]
STEPS = [{"title": "Nähen – 1 ½ cm"}, {"title": "}]"}]


class InParts(unittest.TestCase):
    @classmethod
    def setUpClass(cls):
        cls.node = Node("api/inParts.ts", SCRIPT)
        cls.addClassCleanup(cls.node.close)

    def read(self, first, rest, cuts):
        return self.node.ask({"text": first + rest, "cuts": cuts})

    @settings(deadline=None)
    @given(st.lists(st.floats(0, 1), max_size=6), st.booleans())
    @example([], True)
    def test_however_it_is_cut_up_the_whole_of_it_is_read(self, cuts, parted):
        early = {"id": "a", "draft": {"pieces": PIECES}}
        late = {"steps": STEPS, "elapsed": 3}
        first = json.dumps(early, ensure_ascii=False)[:-2] + ("\n" if parted else "")
        rest = "," + json.dumps(late, ensure_ascii=False)[1:] + "}"
        if parted:
            # As it comes: the first part, and some time after that the other.
            cuts = [*cuts, len(first.encode()) / len((first + rest).encode()) + 1e-9]
        read = self.read(first, rest, cuts)
        self.assertEqual(read["whole"], {**early, "draft": {**early["draft"], **late}})
        self.assertEqual(read["shown"], [early] if parted else [])
        self.assertTrue(read["same"])

    def test_all_at_once_nothing_is_shown_before(self):
        read = self.read('{"draft":{"pieces":[1]\n', ',"steps":[2]}}', [])
        self.assertEqual((read["shown"], read["whole"]), ([], {"draft": {"pieces": [1], "steps": [2]}}))


if __name__ == "__main__":
    unittest.main()
