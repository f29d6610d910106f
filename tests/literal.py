"""A maker who does what the words say and nothing else: from the words of each step and what it is said to take, she keeps track of the
cloth, and reports what is left undone, caught, inside out, or asked of something she does not have."""

from __future__ import annotations

import re
from collections import Counter
from collections.abc import Iterator
from typing import Any

Document = dict[str, Any]
_LETTER = re.compile(r"\(([A-Z]{1,2})\)")
_IN_OR_OUT = re.compile(r"\b(?:(?P<put>Put|Lower)|With) the [a-z -]+? in\b|(?P<out>\b[Tt]ake the [a-z -]+? out\b)")
_NOTCHES = re.compile(r"[Nn]otch(?:es)? ([\d, and]+)")


def complaints(document: Document) -> list[str]:
    """What went wrong, in the order she came upon it."""
    return list(_Maker(document).work())


def lines_of(step: Document) -> list[str]:
    """The sentences of a step in full."""
    return [line["text"] for line in step["lines"]]


class _Maker:
    def __init__(self, document: Document) -> None:
        self.document = document
        self.letters = {piece["letter"]: piece for piece in document["pieces"]}
        self.sewn: Counter[str] = Counter()
        self.marked: set[str] = set()
        self.cut: set[str] = set()
        self.joined: set[str] = set()
        self.open: set[str] = set()
        self.zip_open = not any(piece["id"] == "zip" for piece in document["pieces"])
        self.inside_out = False
        # Sewn right sides together after the zip was opened for turning, and not turned yet.
        self.to_turn = False
        # What it is made for is in it.
        self.holds = False

    def work(self) -> Iterator[str]:
        for step in self.document["steps"]:
            for complaint in self.step(step):
                yield f"{step['id']}: {complaint}"
        yield from self.end()

    def step(self, step: Document) -> Iterator[str]:
        text = " ".join(lines_of(step))
        if not text and not step["title"]:
            yield "says nothing"
        yield from self.pieces(step, text)
        yield from self.marks(step, text)
        if step["id"] == "open-zip":
            self.zip_open = True
        if step["seams"]:
            yield from self.sews(step, text)
        yield from self.opens_and_closes(step, text)
        yield from self.puts_in(step, text)
        if step["seams"] and "right sides together" in text and any(s["id"] == "open-zip" for s in self.before(step)):
            self.to_turn = True
        if step["turns"]:
            self.to_turn = False
            if not re.search(r"\b[Tt]urn|\b[Pp]ull all of it|\b[Ss]lip|\b[Ff]old it round", text):
                yield "is to turn something and does not say so"
            if "whole" in step["turns"] and not self.zip_open:
                yield "turned through a zip that is shut"
        self.inside_out = step["inside_out"]

    def puts_in(self, step: Document, text: str) -> Iterator[str]:
        """What it is made for is put in once, and is out of it again before it is sewn on, ironed or put in anew."""
        if step["kind"] == "press" and self.holds:
            yield "irons it with the thing in"
        for told in _IN_OR_OUT.finditer(text):
            if self.holds and told["put"]:
                yield "puts in what is in"
            self.holds = not told["out"]
            if self.holds and re.search(r"\bsew\b", text[told.end() :].partition(".")[0]):
                yield "sews over the thing"

    def before(self, step: Document) -> list[Document]:
        return self.document["steps"][: step["number"] - 1]

    def pieces(self, step: Document, text: str) -> Iterator[str]:
        """Letters spoken of are pieces she has, cut, and lying ready."""
        # What is joined of others lies there from then on: it is said what it is.
        for made in re.findall(r"Joined they are the ([^.]*)\.", text):
            self.joined |= set(_LETTER.findall(made))
        self.cut |= self.joined
        ready = {thing["letter"] for thing in step["things"]} | self.joined
        for letter in set(_LETTER.findall(text)):
            if letter not in self.letters:
                yield f"there is no {letter}"
            elif step["kind"] == "sew" and letter not in ready:
                yield f"{letter} does not lie ready"
        if step["id"] == "cut":
            self.cut = ready
        if step["kind"] in ("sew", "prepare") or step["id"] == "cut":
            yield from self.names(step, text)
        for letter in ready - self.cut if step["kind"] in ("sew", "mark") else ():
            yield f"{letter} was never cut"
        if step["kind"] in ("sew", "mark", "cut") and not ready and "bias tape" not in text:
            yield "names nothing to take in hand"

    def names(self, step: Document, text: str) -> Iterator[str]:
        """What lies ready is spoken of by its letter, and by its cloth where she has it in several."""
        for thing in step["things"]:
            role = thing["name"].removesuffix(self.letters[thing["letter"]]["name"]).strip()
            if not re.search(rf"\({thing['letter']}\)|\b{thing['letter']} \(", text):
                yield f"does not name {thing['letter']}, which lies ready"
            elif role and role not in text:
                yield f"does not say {role} of {thing['letter']}, which lies ready"

    def marks(self, step: Document, text: str) -> Iterator[str]:
        """Notches matched were marked, and lie where their numbers say; what is marked on is there."""
        numbers = {n for found in _NOTCHES.findall(text) for n in re.findall(r"\d+", found)}
        if step["kind"] == "mark":
            self.marked |= numbers
        elif numbers - self.marked:
            yield f"notches {sorted(numbers - self.marked)} were never marked"
        names = [need["name"] for need in self.document["needs"] if need["role"] == "padding"]
        for line in lines_of(step):
            found = re.search(r"on the (padding|lining side) of ([^:]*):", line)
            if found is None or step["kind"] != "mark":
                continue
            # What is marked on lies there by then: an earlier step took both in hand.
            words = ["padding", *names] if found.group(1) == "padding" else ["lining on", "each lining"]
            said = [" ".join(lines_of(one)) for one in self.before(step) if one["id"] not in ("cut", "press-cloth")]
            there = [text for text in said if any(word in text for word in words)]
            for letter in set(_LETTER.findall(found.group(2))):
                if not any(f"({letter})" in text or f" {letter} (" in text for text in there):
                    yield f"marks on a {found.group(1)} that does not lie on {letter} yet"

    def sews(self, step: Document, text: str) -> Iterator[str]:
        self.sewn.update(step["seams"])
        if step["allowance"] and f"{step['allowance']['text']}" not in text:
            yield f"does not say how far from the edge: {step['allowance']['text']}"
        if step["kind"] == "sew" and step["stitch"] is None and "hand" not in f"{text} {step['title']}":
            yield "does not say which stitch"
        seams = [seam for seam in self.document["seams"] if seam["id"] in step["seams"]]
        if seams and not any(line["part"] == "lay" for line in step["lines"]):
            yield "does not say how the pieces lie"
        for number, short in ((step["allowance"], "short"), (step["allowance"], "lines")):
            said = " ".join(step["short"]) if short == "short" else text
            if number and seams and number["text"] not in said:
                yield f"loses {number['text']} in {short}"

    def opens_and_closes(self, step: Document, text: str) -> Iterator[str]:
        gaps = {gap["id"]: gap for gap in self.document["gaps"]}
        if step["leaves_open"]:
            self.open.add(step["leaves_open"])
            if not any(line["part"] == "open" for line in step["lines"]):
                yield "leaves a gap and does not say where"
        if any(line["part"] == "open" for line in step["lines"]) and step["leaves_open"] not in gaps:
            yield "speaks of a gap that is not there"
        if re.search(r"\b(?:by|through) the (?:[\d.,/ \w]+ )?gap", text) and not self.open:
            yield "goes in by a gap that is not open"
        if step["closes"]:
            if not self.open:
                yield "closes a gap that nobody left"
            if "gap" not in text and "open end" not in text:
                yield "closes a gap and does not say so"
            self.open.clear()

    def end(self) -> Iterator[str]:
        for seam in self.document["seams"]:
            if self.sewn[seam["id"]] != seam["times"]:
                yield f"at the end: {seam['id']} was sewn {self.sewn[seam['id']]} times, not {seam['times']}"
        for hem in self.document["hems"]:
            if not self.sewn[hem["id"]]:
                yield f"at the end: nobody sewed {hem['id']}"
        if self.to_turn:
            yield "at the end: it was opened for turning and never turned"
        for gap in self.open:
            yield f"at the end: {gap} is still open"
        if self.inside_out:
            yield "at the end: it is inside out"
        used = {letter for step in self.document["steps"] for letter in (t["letter"] for t in step["things"])}
        for piece in self.document["pieces"]:
            if piece["cuts"] and piece["letter"] not in used:
                yield f"at the end: {piece['letter']} is left over"
