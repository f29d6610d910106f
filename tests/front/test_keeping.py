"""A project that is edited, kept, undone and cut off, in whatever order: the reducer of the front end against a server in a few lines."""

import unittest

from hypothesis import given, settings
from hypothesis import strategies as st

from .node import Node

SCRIPT = """
import readline from "node:readline";
import { EMPTY, keepingOf, leftOver, nextJob, reduce, unsent } from "./module.mjs";
let state = EMPTY;
for await (const line of readline.createInterface({ input: process.stdin })) {
  const told = JSON.parse(line);
  if (told.type === "new") state = EMPTY;
  else {
    if (told.type === "edited") { const { set } = told; told.edit = (spec) => ({ ...spec, ...set }); }
    if (told.type === "sent") told.job = nextJob(state);
    state = reduce(state, told);
  }
  const { held, spec, name, draft, drawn, errors, steps, sending, trouble } = state;
  const job = nextJob(state);
  console.log(JSON.stringify({ held, spec, name, draft, drawn, errors, steps, sending, trouble, job, keeping: keepingOf(state),
    unsent: unsent(state), left: leftOver(state) }));
}
"""
BAD = "much"


class Server:
    """What the real one does with a project: states that can be undone, and a revision."""

    def __init__(self) -> None:
        self.states = [({"girth": "30"}, "Bag")]
        self.at = 0
        self.revision = 1
        self.touch: str | None = None
        self.asked = 0

    def project(self):
        spec, name = self.states[self.at]
        undo, redo = self.at > 0, self.at < len(self.states) - 1
        return {"spec": spec, "name": name, "revision": self.revision, "can_undo": undo, "can_redo": redo}

    def loaded(self, draft=None):
        return {"type": "loaded", "project": self.project(), "draft": draft}

    def answer(self, job):
        """What the front end is told of a job."""
        self.asked += 1
        if job["kind"] == "draft":
            return {"type": "drafted", "draft": job["spec"]}
        if job["revision"] != self.revision:
            return {"type": "failed", "why": "elsewhere"}
        if job["kind"] == "save":
            if job["spec"]["girth"] == BAD:
                return {"type": "refused", "errors": {"size.girth": "is no length"}}
            same = job["touch"] is not None and job["touch"] == self.touch and self.at == len(self.states) - 1
            self.at += 0 if same else 1
            self.states[self.at :] = [(job["spec"], job["name"])]
            self.touch = job["touch"]
        else:
            self.at += -1 if job["kind"] == "undo" else 1
            self.at = min(max(self.at, 0), len(self.states) - 1)
            self.touch = None
        self.revision += 1
        return {"type": "answered", "project": self.project(), "draft": self.states[self.at][0]}


class Keeping(unittest.TestCase):
    @classmethod
    def setUpClass(cls):
        cls.node = Node("workbench/keeping/state.ts", SCRIPT)
        cls.addClassCleanup(cls.node.close)

    def setUp(self):
        self.begin()

    def begin(self):
        self.server, self.clock = Server(), 0
        self.node.ask({"type": "new"})
        self.state = self.tell(self.server.loaded())

    def tell(self, happening):
        self.state = self.node.ask(happening)
        return self.state

    def type(self, girth, pause=0, field="size.girth"):
        self.clock += 100 + pause
        return self.tell({"type": "edited", "set": {"girth": girth}, "field": field, "at": self.clock})

    def send(self):
        job = self.state["job"]
        self.assertIsNotNone(job)
        self.assertIsNone(self.state["sending"])
        self.tell({"type": "sent"})
        return job

    def settle(self):
        """Everything that is to be sent is sent and answered."""
        for _ in range(60):
            if not self.state["job"]:
                return self.state
            job = self.send()
            self.tell(self.server.answer(job))
        raise AssertionError("it never ends")

    def test_before_it_is_there_nothing_is_said_to_be_kept_and_nothing_is_changed(self):
        empty = self.node.ask({"type": "new"})
        self.assertEqual(empty["keeping"], "opening")
        for early in (
            {"type": "renamed", "name": "Sack", "at": 1},
            {"type": "edited", "set": {"girth": "1"}, "field": "size.girth", "at": 2},
            {"type": "stepped", "way": "undo"},
        ):
            self.assertEqual(self.tell(early), empty)
        there = self.tell(self.server.loaded())
        self.assertEqual((there["name"], there["spec"], there["steps"]), ("Bag", {"girth": "30"}, []))
        self.assertNotEqual(there["keeping"], "opening")

    def test_closed_while_something_is_on_its_way_what_was_edited_since_is_not_lost(self):
        self.send()
        # Beside a drawing that is on its way.
        self.assertIsNone(self.state["left"])
        self.type("31")
        self.assertEqual(self.state["left"]["send"]["spec"], {"girth": "31"})
        self.assertEqual(self.server.answer(self.state["left"]["send"])["type"], "answered")
        # Beside an edit that is on its way, which then lands.
        self.begin()
        self.settle()
        self.type("31")
        job = self.send()
        self.assertIsNone(self.state["left"])
        self.tell({"type": "renamed", "name": "Sack", "at": self.clock})
        left = self.state["left"]["leave"]
        self.server.answer(job)
        self.node.ask({"type": "new"})
        self.tell(self.server.loaded())
        self.tell({"type": "found", **left})
        self.settle()
        self.assertEqual(self.server.states[self.server.at], ({"girth": "31"}, "Sack"))
        # What did arrive is asked about by nobody.
        self.begin()
        self.settle()
        self.type("32")
        left = self.state["left"]["send"]
        self.server.answer(left)
        self.node.ask({"type": "new"})
        self.tell(self.server.loaded())
        found = {key: left[key] for key in ("spec", "name", "revision")}
        self.assertNotEqual(self.tell({"type": "found", **found})["keeping"], "elsewhere")
        # Or never does: then the maker is asked.
        self.begin()
        self.settle()
        self.type("33")
        self.send()
        self.type("34")
        left = self.state["left"]["leave"]
        self.node.ask({"type": "new"})
        self.tell(self.server.loaded())
        self.assertEqual(self.tell({"type": "found", **left})["keeping"], "elsewhere")
        self.assertEqual(self.state["spec"], {"girth": "34"})

    def test_with_its_draft_there_is_nothing_to_ask(self):
        self.node.ask({"type": "new"})
        there = self.tell(self.server.loaded({"girth": "30"}))
        self.assertEqual((there["keeping"], there["job"], there["draft"]), ("kept", None, {"girth": "30"}))

    def test_without_one_it_begins_with_a_draft_and_nothing_to_keep(self):
        self.assertEqual(self.settle()["keeping"], "kept")
        self.assertEqual((self.server.asked, self.state["draft"]), (1, {"girth": "30"}))
        # Read again by others it is not thrown away.
        self.type("31")
        self.tell(self.server.loaded())
        self.assertEqual(self.state["spec"], {"girth": "31"})

    def test_a_drawing_is_shown_until_its_order_of_work_has_come_too(self):
        self.settle()
        drawn = {"type": "drawn", "drawn": {"girth": "31"}}
        for ends in ("answered", "refused", "failed"):
            self.type("31")
            job = self.send()
            before = self.state["draft"]
            self.assertEqual((self.tell(drawn)["drawn"], self.state["draft"]), (drawn["drawn"], before))
            # It is not kept before all of the answer is there.
            self.assertEqual((self.state["keeping"], self.state["job"]), ("keeping", None))
            self.tell(self.server.answer(job) if ends == "answered" else {"type": ends, "errors": {}, "why": "offline"})
            # What broke off is as if it had not come: no order of work beside the drawing of another.
            self.assertEqual(self.state["drawn"], None)
            self.assertEqual(self.state["draft"], {"girth": "31"} if ends == "answered" else before)
            self.begin()
            self.settle()
        # Late, of something that was given up, it is not shown.
        self.assertIsNone(self.tell(drawn)["drawn"])

    def test_typed_fast_one_thing_is_on_its_way_and_the_newest_follows(self):
        self.settle()
        self.type("3")
        job = self.send()
        for text in ("31", "312", "31.2"):
            self.assertEqual(self.type(text)["keeping"], "keeping")
            self.assertIsNone(self.state["job"])
        self.tell(self.server.answer(job))
        self.assertEqual(self.state["job"]["spec"], {"girth": "31.2"})
        self.assertEqual(self.settle()["keeping"], "kept")
        # A draft at the beginning, the first key, and all the others.
        self.assertEqual(self.server.asked, 3)
        # One entry is one step back.
        self.tell({"type": "stepped", "way": "undo"})
        self.assertEqual(self.settle()["spec"], {"girth": "30"})

    def test_entries_apart_are_steps_apart(self):
        self.settle()
        for text, pause in (("31", 0), ("32", 5000), ("33", 0)):
            self.type(text, pause, "size.girth" if text != "33" else "size.other")
            self.settle()
        for wanted in ("32", "31", "30", "30"):
            self.tell({"type": "stepped", "way": "undo"})
            self.assertEqual(self.settle()["spec"], {"girth": wanted})
        self.tell({"type": "stepped", "way": "redo"})
        self.assertEqual(self.settle()["spec"], {"girth": "31"})

    def test_undone_while_it_is_being_kept_it_is_kept_first(self):
        self.settle()
        self.type("31")
        job = self.send()
        self.tell({"type": "stepped", "way": "undo"})
        self.assertIsNone(self.state["job"])
        self.tell(self.server.answer(job))
        self.assertEqual(self.settle()["spec"], {"girth": "30"})
        self.assertTrue(self.state["held"]["redo"])

    def test_a_wrong_entry_is_not_sent_again_and_is_dropped_by_a_step_back(self):
        self.settle()
        self.type(BAD)
        self.settle()
        self.assertEqual((self.state["keeping"], self.state["errors"]), ("open", {"size.girth": "is no length"}))
        self.assertEqual((self.state["spec"], self.state["draft"]), ({"girth": BAD}, {"girth": "30"}))
        asked = self.server.asked
        self.tell({"type": "stepped", "way": "undo"})
        self.assertEqual((self.state["spec"], self.state["errors"]), ({"girth": "30"}, {}))
        self.assertEqual((self.settle()["keeping"], self.server.asked), ("kept", asked))

    def test_a_wrong_entry_that_is_mended_is_kept_and_no_longer_told(self):
        self.settle()
        self.type(BAD)
        self.settle()
        self.type("31")
        self.assertEqual((self.settle()["keeping"], self.state["errors"]), ("kept", {}))
        self.assertEqual(self.server.states[self.server.at][0], {"girth": "31"})

    def test_another_window_stops_it_and_nothing_typed_is_lost(self):
        self.settle()
        self.server.revision += 1
        self.type("31")
        self.assertEqual(self.settle()["keeping"], "elsewhere")
        self.type("32")
        self.assertIsNone(self.state["job"])
        self.assertEqual(self.state["spec"], {"girth": "32"})

    def test_of_two_edits_the_maker_says_which_goes_on(self):
        for keep, spec, sent in (("mine", {"girth": "31"}, "save"), ("theirs", {"girth": "40"}, "draft")):
            with self.subTest(keep=keep):
                self.setUp()
                self.settle()
                self.server.states[self.server.at] = ({"girth": "40"}, "Theirs")
                self.server.revision += 1
                self.type("31")
                self.settle()
                self.assertEqual(self.state["unsent"]["spec"], {"girth": "31"})
                self.tell({"type": "settled", "project": self.server.project(), "keep": keep})
                self.assertEqual((self.state["spec"], self.state["trouble"]), (spec, None))
                self.assertEqual(self.state["job"]["kind"], sent)
                self.assertEqual(self.settle()["keeping"], "kept")
                self.assertEqual(self.server.states[self.server.at][0], spec)
                self.assertIsNone(self.state["unsent"])

    def test_what_was_not_kept_before_the_page_was_closed_is_sent_when_it_is_opened(self):
        self.settle()
        self.type("31")
        self.send()
        self.tell({"type": "failed", "why": "full"})
        self.assertEqual(self.state["keeping"], "full")
        before = self.state["unsent"]
        # Opened again: what the server has, then what the browser kept.
        for revision, keeping in ((self.server.revision, "kept"), (self.server.revision + 1, "elsewhere")):
            self.server.revision = revision
            if keeping == "elsewhere":
                self.server.states[self.server.at] = ({"girth": "35"}, "Bag")
            self.tell({"type": "new"})
            self.tell(self.server.loaded())
            self.tell({"type": "found", **before, "revision": before["revision"]})
            self.assertEqual(self.state["spec"], {"girth": "31"})
            if keeping == "kept":
                self.assertEqual(self.settle()["keeping"], "kept")
                self.assertEqual(self.server.states[self.server.at][0], {"girth": "31"})
            else:
                self.assertEqual((self.state["keeping"], self.state["job"]), ("elsewhere", None))
        # What was edited here already is not overwritten by it.
        self.tell({"type": "new"})
        self.tell(self.server.loaded())
        self.type("33")
        self.tell({"type": "found", **before})
        self.assertEqual(self.state["spec"], {"girth": "33"})

    def test_offline_it_is_told_and_the_newest_is_kept_when_somebody_answers(self):
        self.settle()
        self.type("31")
        self.send()
        self.tell({"type": "failed", "why": "offline"})
        self.assertEqual(self.state["keeping"], "offline")
        self.type("32")
        self.assertEqual(self.state["keeping"], "offline")
        self.assertEqual(self.settle()["keeping"], "kept")
        self.assertEqual(self.server.states[self.server.at][0], {"girth": "32"})

    @settings(deadline=None)
    @given(
        st.lists(
            st.one_of(
                st.tuples(st.just("type"), st.sampled_from(["31", "32", "33", BAD]), st.sampled_from([0, 5000])),
                st.tuples(st.just("name"), st.sampled_from(["Bag", "Cosy", ""])),
                st.tuples(st.just("step"), st.sampled_from(["undo", "redo"])),
                st.tuples(st.just("answer")),
                st.tuples(st.just("fail")),
            ),
            max_size=30,
        )
    )
    def test_in_any_order_what_is_shown_is_kept_or_said_not_to_be(self, happenings):
        self.begin()
        sent = None
        for what, *told in happenings:
            if what == "type":
                self.type(*told)
            elif what == "name":
                self.clock += 100
                self.tell({"type": "renamed", "name": told[0], "at": self.clock})
            elif what == "step":
                self.tell({"type": "stepped", "way": told[0]})
            elif sent is None and self.state["job"]:
                sent = self.send()
            elif sent is not None:
                self.tell({"type": "failed", "why": "offline"} if what == "fail" else self.server.answer(sent))
                sent = None
            # Never two at once.
            self.assertFalse(self.state["sending"] and self.state["job"])
        if sent is not None:
            self.tell(self.server.answer(sent))
        self.settle()
        self.assertEqual((self.state["steps"], self.state["sending"], self.state["trouble"]), ([], None, None))
        shown, held = ((s["spec"], s["name"]) for s in (self.state, self.state["held"]))
        self.assertEqual(held, self.server.states[self.server.at])
        if self.state["keeping"] == "kept":
            self.assertEqual(shown, held)
            self.assertEqual(self.state["errors"], {})
            self.assertEqual(self.state["draft"], shown[0])
        else:
            self.assertEqual((self.state["keeping"], shown[0]["girth"]), ("open", BAD))
