"""Tools asked for by a make are those its steps speak of, no more and no less: held against the words of the steps."""

import fnmatch
import itertools
import re
import unittest

from fluent.syntax import ast as ftl

from eggtuck.core.bench.tools import FEET, TAKEN_FOR, TOOLS, tools_of
from eggtuck.core.drafting.parts import PARTS
from eggtuck.core.forms import CATALOGUE, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.pattern import SpecError
from eggtuck.core.words import LANGUAGES, Speaker, msg
from tests.makes import LAYERS, draft_of, makes

MM = Ruler("mm")
# What is done with each tool, as it is said.
SAID = {
    "iron": r"\bpress (it|them|the|every|over|seams|all|allow|neighbouring|both|from)\b|\bcrease (it|them|both|its|the seam|\d)"
    r"|\bset the iron|\bfuse it\b|\bfold and crease\b|\biron it\b|\bdry iron\b|\bput the iron\b"
    r"|\bmedium iron\b|\bcool iron through\b|open it and crease|let steam work",
    "press-cloth": r"press cloth|over a cloth|through a cloth|cool iron:|lay a cloth over|a cloth over it",
    "pins": r"hold layers with pins",
    "clips": r"hold layers with clips|\bclip (what will|the loop|the open edge)",
    "snips": r"(?:^|[.:;,] |\band |\bthen |\bor |\bend, )(trim|snip|clip|cut|one trimmed to)\b(?! with| along its| neither| corners?\b| what will| the (loop|open edge))",
    "pinking-shears": r"pinking shears|\bpink\b",
    "turner": r"something blunt|wooden spoon|through its foot|push the corners square|turn both flaps"
    r"|push its edge out|(turn|pull) (it|them|all of it|each panel|the ends) right side out|sew (round|both sides) at [^;]*; turn, |raw edges, turn, ",
    "bodkin": r"safety pin",
    "hammer": r"punch a hole|press fastener there|set one half|the two halves there|and set (it|them)\b|\brivets? (it|each|them|the)\b",
    "hand-needle": r"\bby hand\b|a stitch or two|(few|loose) (long )?stitches|stitch(es)? of (bright )?thread|shank|sew the button on"
    r"|sew on the button|overlap its ends and sew|hand needle|ladder stitches|hide the knot",
    "ruler": r"cut with a ruler|high over all|wide and [\d./ ]+ ?(cm|in|mm) high|below the ((raw|finished) top|seam there)|trim [^.]* to [\d./ ]+ ?(cm|in|mm)? by \d|to each side of (its|the) middle|stitch line (to each side|from the middle)|\bmeasure \d|\bmark \d|\bmeasure from\b|below the raw|\d from the raw (left|right|top|base|wide)|cut [\d./ ]+ ?(cm|in|mm)\b|draw a line",
    "marker": r"with (chalk|a pen)\b|\bmark (where\b|on\b|\d)|\bdraw (a line|the ([a-z]+|letter [a-z]), \d)|write ",
    "zigzag": r"zigzag",
    "overlock": r"\bovercast\b",
    "hoop": r"in a frame\b",
    "compass": r"on a string \d|plate or lid|glass or spool|string half",
    "tape": r"tape that comes off|scrap of tape",
    "paper": r"thin paper|sheet of paper|strip of paper",
    "sponge": r"\bdab the\b",
    "funnel": r"funnel",
    "spoon": r"tablespoon",
    "thimble": r"thimble",
    "towel": r"on a towel",
    "decorative-stitch": r"decorative stitch of",
}
# What is said of a thing without its being taken to hand.
UNTAKEN = (
    r"no iron[^.]*\.|without an iron[^.]*\.|before any iron[^.:]*|never set the iron on[^:]*:|finger-press(?! it, or)[^.]*\."
    r"|cut neither[^.]*|cut no cloth|not by hand|hold the cloth in your hand[^.]*|wheel by hand|trim nothing off|by hand or [^.;]*|open under the foot"
)
BY_MACHINE = ("overlock", "zigzag", "decorative-stitch")


# The sentences that steps are told in; those of cutting are one step's, and those of a make sewn by hand all take a needle.
TOLD_IN = re.compile(
    r"(hand-)?step-.*\.text|(lay|bulk|marked|backing|along|loop-cut|marker-cut|hem|rivet|quilt|press|fuse|heat|hand|surface|cut-out)-[a-z-]+"
)
ONE_STEP, BY_HAND = ("cut-out-", "step-cut.", "step-quilt."), ("hand-", "along-join-hand")
# Where something else is ironed.
BESIDE_AN_IRON = ("surface-guard", "surface-guard-again", "heat-cool", "heat-cool-again", "heat-weak", "heat-spoilt")


def every_way(node):
    """All that a sentence can say, one choice after the other, something in each blank."""
    if isinstance(node, ftl.Pattern):
        return "".join(map(every_way, node.elements))
    if isinstance(node, ftl.TextElement):
        return node.value
    if isinstance(node.expression, ftl.SelectExpression):
        return " ; ".join(every_way(variant.value) for variant in node.expression.variants)
    return "something"


def worn():
    """A bag of its form with each part once, each of its choices told, by machine and by hand."""
    for kind, part in PARTS.items():
        for name, choices in {"": ("",), **part.choices}.items():
            for choice, how in itertools.product(choices, ("machine", "hand")):
                told = {"kind": kind, **({name: choice} if name else {})}
                for form in ("boxed-bag", "gusset-bag"):
                    spec = starting_spec(CATALOGUE[form], MM, None)
                    yield {**spec, "layers": LAYERS["padded"], "options": {"sewn_by": how}, "parts": [told]}


def drafts():
    for spec in (*(spec for _, spec in makes()), *worn()):
        try:
            yield draft_of(spec)
        except SpecError:
            continue


class Tools(unittest.TestCase):
    def test_each_step_takes_what_it_speaks_of_and_nothing_else(self):
        faults, taken_for = {}, set()
        for draft in drafts():
            speaker = Speaker(draft.ruler)
            for step in draft.steps:
                lines = [line.text for line in step.lines] + ([step.caution] if step.caution is not None else [])
                said = re.sub(UNTAKEN, " ", ". ".join(map(speaker.say, [step.title, *lines])).lower())
                cold = any(speaker.say(text).startswith("No iron") for text in lines)
                taken = set(tools_of(step))
                taken_for |= taken | {step.foot}
                for tool, words in SAID.items():
                    # By hand a stitch of the machine's is sewn in another way; the pieces are cut with large scissors.
                    if (step.hand and tool in BY_MACHINE) or (step.id == "cut" and tool == "snips"):
                        continue
                    told = bool(re.search(words, said)) or (step.hand and tool == "hand-needle")
                    if tool == "iron" and cold:
                        # A fold is creased with a fingernail then.
                        told = False
                    if told != (tool in taken):
                        kind = (tool, "told" if told else "asked", re.sub(r"\d+", "", step.id), step.hand)
                        faults.setdefault(kind, said)
        self.assertFalse(faults, list(faults))
        self.assertLessEqual({*TOOLS, *FEET}, taken_for)

    def test_no_sentence_of_a_step_names_a_tool_that_it_does_not_take(self):
        """Every sentence there is, said or not by the makes that are tried: one that is added with a tool is found out."""
        looked = 0
        for id, pattern in LANGUAGES["en"].sentences.items():
            if not TOLD_IN.fullmatch(id) or id.endswith((".why", ".check")):
                continue
            looked += 1
            said = re.sub(UNTAKEN, " ", every_way(pattern).lower())
            called = id.replace(".", "-").removesuffix("-text")
            for tool, words in SAID.items():
                exempt = (
                    (tool in ("snips", "marker", "ruler") and id.startswith(ONE_STEP))
                    or (tool == "hand-needle" and id.startswith(BY_HAND))
                    or (tool == "iron" and id in BESIDE_AN_IRON)
                )
                if exempt or not re.search(words, said):
                    continue
                with self.subTest(id, tool=tool):
                    names = [name.partition("?")[0] for name in TAKEN_FOR[tool]]
                    self.assertTrue(any(fnmatch.fnmatchcase(called, name) for name in names), said)
        self.assertGreater(looked, 300)

    def test_a_tool_is_taken_for_sentences_that_are_there_and_told_in_full(self):
        english = {id.replace(".", "-").removesuffix("-text") for id in LANGUAGES["en"]}
        self.assertLessEqual(set(TAKEN_FOR), set(TOOLS))
        for tool, sentences in TAKEN_FOR.items():
            for sentence in sentences:
                with self.subTest(tool, sentence=sentence):
                    self.assertTrue(fnmatch.filter(english, sentence.partition("?")[0]))
        for kind, ids in (("tool", TOOLS), ("foot", FEET)):
            for id in ids:
                for part in ("", ".job", ".instead", ".lost"):
                    self.assertTrue(Speaker(MM).say(msg(f"{kind}.{id}{part}")))


if __name__ == "__main__":
    unittest.main()
