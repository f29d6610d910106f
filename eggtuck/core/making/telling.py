"""Operations told as steps: every sentence follows from what is done, and from what has been sewn before."""

from __future__ import annotations

from collections.abc import Collection, Iterable, Iterator, Sequence
from dataclasses import replace
from itertools import chain
from typing import Any

from ..checks.seams import eased_seams
from ..materials import Stack
from ..pattern import Band, Draft, Gap, Piece, Role, Seam, Step, StepLine
from ..shop import GRADED, THICK_STACK, WITHIN
from ..words import Message, Thickness, msg
from .backing import left_off, padding_in, seam_backing, trims, unpicked
from .by_hand import spoken_by_hand
from .catching import over
from .cutting import grain_lines, lay_lines
from .marking import TAKEN_OFF, By, has_marks, mark_lines, pieces_marked, things_marked
from .naming import halved, has_number, letters_in, taken_in_hand, thing_name, things_of, worked_on
from .operation import Centring, Look, Operation, gap_look
from .pressing import Heat, layers_in
from .seaming import Seaming
from .setting import cloths_of, foot_for, hem_thickness, seam_thickness, stitch_for
from .sewn import Copied
from .state import State
from .waiting import finished_after, touched, wait_line

# Told in short, too, though they have no number: who cuts otherwise runs short of cloth, who irons too soon loses what was marked.
_ALWAYS = (
    "cut-out.grain-but",
    "cut-out.across",
    "cut-out.across-wide",
    "cut-out.bias",
    "minded.wash",
    "minded.wash-wrong",
    "minded.heat",
    "minded.heat-seen",
    "rivet.set",
    "rivet.thin",
)


def tell_steps(operations: Sequence[Operation], draft: Draft, stack: Stack) -> tuple[Step, ...]:
    """The steps of a make, each told whole."""
    teller = Teller(draft.pieces, draft.notch_numbers, stack, draft.seams, draft.spec.get("options", {}))
    teller.lays, teller.hems = draft.lays, draft.hems
    teller.eased = eased_seams(draft.checks)
    teller.aside = tuple(dict.fromkeys(id for done in operations if _by_itself(done, teller) for id in done.pieces))
    steps: list[Step] = []
    # Which copies each step took while they lay flat, till something closes them.
    flat: dict[int, tuple[Copied, ...]] = {}

    def told(done: Operation) -> None:
        copies, all_round = teller.taken_by(done)
        steps.append(teller.step(done))
        shut = set(copies) if all_round else set()
        for at in [at for at, those in flat.items() if any(copy in shut or teller.sewn.shut(copy) for copy in those)]:
            steps[at] = replace(steps[at], before=done.id)
            del flat[at]
        if copies and not shut and not any(teller.sewn.shut(copy) for copy in copies):
            flat[len(steps) - 1] = copies

    every: list[Operation] = []
    for done in as_they_come(operations, teller):
        every.append(done)
        told(done)
    for at, done in enumerate(every):
        if done.rests:
            line = StepLine("do", wait_line(every, at))
            steps[at] = replace(
                steps[at], rests=done.rests, lines=(*steps[at].lines, line), short=(*steps[at].short, line.text)
            )
    return tuple(steps)


def as_they_come(operations: Iterable[Operation], teller: Teller) -> Iterator[Operation]:
    """Each operation as its turn comes, when the one before has been done to the make ``teller`` knows: what was sewn wrong side out is
    turned before anything that wants it right side out; nothing is marked on what has neither notch nor line."""
    marked = any(has_marks(piece) for piece in teller.pieces)
    for done in operations:
        if done.marks is not None and not marked and not done.waited:
            continue
        if done.out and teller.inside_out:
            yield _turn_out()
        yield done


def reckon_minutes(operations: Sequence[Operation], draft: Draft, stack: Stack) -> tuple[float, float]:
    """How long the steps of `tell_steps` take, and after how long they can be finished, with what has to lie still: the same walk without
    its words."""
    teller = Teller(draft.pieces, {}, stack, draft.seams)
    every: list[Operation] = []
    for done in as_they_come(operations, teller):
        teller.go_on(done)
        every.append(done)
    return sum(done.minutes for done in every), finished_after(every)


def _by_itself(done: Operation, teller: Teller) -> bool:
    """Whether it makes strips and takes nothing else in hand."""
    made = (teller.by_id[id] for id in done.pieces if id in teller.by_id)
    strips = (p.join_loss is not None or any(m.label.id == "mark.strap-fold" for m in p.marks) for p in made)
    return done.kind in ("prepare", "sew") and bool(done.hems) and not done.seams and bool(done.pieces) and all(strips)


def _turn_out() -> Operation:
    """What was sewn wrong side out is turned before anything that wants it right side out: nobody has to think of it."""
    causes = (msg("cause.caught"), msg("cause.not-pushed"))
    look = Look(msg("step.turn-out.check"), causes=causes, remedy=msg("remedy.caught"))
    return Operation(
        id="turn-out",
        kind="finish",
        minutes=2.0,
        title=msg("step.turn-out"),
        how=(msg("step.turn-out.text"),),
        look=look,
        caution=msg("caution.points"),
        turns=("whole",),
    )


class Teller(State):
    """Tells each operation as a step, and does it to the make."""

    def step(self, done: Operation) -> Step:
        """The step of one operation, which changes the state."""
        step, look = self._seam(done) if done.seams else self._craft(done)
        self._change(done)
        looked = _looked(look)
        if self.by_hand:
            step, looked = spoken_by_hand(replace(step, **looked)), {}
        anew: tuple[Message, ...] = ()
        if not self.by_hand:
            step, anew = self.machine.step(step)
        return replace(
            step,
            **looked,
            short=(*anew, *step.short),
            changed=self._changed(step),
            leaves_open=done.gap.id if done.gap is not None else None,
            closes=done.closes,
            turns=done.turns,
            inside_out=self.inside_out,
        )

    def marks(self, centring: Centring) -> tuple[Message, ...]:
        """Every mark of the pieces, as things stand."""
        if self._marks is None:
            self._marks = tuple(mark_lines(self.pieces, self._by(centring)))
        return self._marks

    def _by(self, centring: Centring) -> By:
        return By(self.numbers, self.seams, self.stack, centring, frozenset(self.laid), self.habit)

    # Steps that sew seams ----------------------------------------------------------------------------

    def _seam(self, done: Operation) -> tuple[Step, Look | None]:
        told = self._seaming(done)
        layer = told.layer
        copies = [copy for copy in told.copies if copy[2] is not None]
        thick = self._thick(told)
        heat = self._heat(copies)
        lines = [*told.lines(heat)]
        at = next((i for i, line in enumerate(lines) if line.part == "do"), len(lines))
        lines[at:at] = [*self._ready(done, heat), *self._clear(copies, None if done.layer == "both" else layer)]
        # What is finished while flat keeps its edge.
        finished = any(use in self.finished for seam in done.seams for use in (*seam.a, *seam.b))
        wide = done.allowance is not None and done.allowance >= 2 * GRADED
        # Minded while it is sewn, then done to its allowances before they are pressed.
        caught, there = self._caught(done, thick)
        piped = any(self._along_piping((*seam.a, *seam.b), *self._cloths(done, seam)) for seam in done.seams)
        # Folds that are stitched or whipped together have their piping outside of the stitching.
        bulk = [msg("bulk.piping")] if piped and done.allowance is not None else []
        bulk += [msg("bulk.caught", things=caught, count=len(caught), thick=Thickness(there))] if caught else []
        if trims(done) and thick >= THICK_STACK and wide and not finished:
            words = "bulk.grade-gap" if done.gap is not None else "bulk.grade"
            bulk.append(msg(words, under=float(GRADED), over=float(GRADED * 1.5)))
        out, stays = self._in_seam(done, finished)
        bulk += [msg("bulk.trim-out", materials=out)] if out else []
        bulk += [msg("bulk.stays", materials=stays, count=len(stays))] if stays else []
        at = next((i for i, line in enumerate(lines) if line.part == "press"), len(lines))
        lines[at:at] = [StepLine("bulk", text) for text in bulk]
        if done.press is not None and not heat.never:
            lines += self._guard(copies)
        short = tuple(told.short(heat))
        self._sew(done)
        look = done.look or self._across(done, layer)
        step = Step(
            done.id,
            done.kind,
            done.title,
            done.minutes,
            tuple(lines),
            short,
            things_of(self.pieces, copies),
            done.layer,
            tuple(id for seam in done.seams for id in [seam.id] * (1 if seam.as_one else len(done.layers_of(seam))))
            + done.hems,
            tuple(use for seam in done.seams for use in (*seam.a, *seam.b)),
            done.allowance,
            None if done.hand else done.stitch or stitch_for(self.stack, thick),
            None if done.hand else "zip" if piped else done.foot or foot_for(self.stack, thick),
            caution=done.caution
            or (msg("caution.zip-teeth") if told.near_metal else None)
            or (msg("caution.thick") if there >= THICK_STACK else None),
            why=done.why,
            lost=done.lost,
            decided=done.decided,
            hand=done.hand,
            stitches=done.stitches,
            thick=there,
            touches=touched(done),
        )
        return step, look

    def _heat(self, copies: Iterable[Copied]) -> Heat:
        """How what it takes in hand may be pressed: with nothing named, all there is."""
        found = tuple(layers_in(self.by_id, self.stack, copies))
        return Heat(found or self.stack.layers, self.heats)

    @staticmethod
    def _ready(done: Operation, heat: Heat) -> list[StepLine]:
        """What is done before a gap is closed, by whatever stitching closes it."""
        held = [text.params["held"] for text in (*done.how, *done.then) if "held" in text.params]
        return [StepLine("do", heat.said(msg("gap.ready", held=held[0])))] if done.closes else []

    def _in_seam(self, done: Operation, finished: bool) -> tuple[tuple[Message, ...], tuple[Message, ...]]:
        """What is trimmed out of the allowances it sews, where they can still be reached, and the padding that stays in them."""
        if done.allowance is None:
            return (), ()
        each = ((seam, layer) for seam in done.seams for layer in done.layers_of(seam))
        along = (self.sewn.along((*seam.a, *seam.b, *seam.caught), layer) for seam, layer in each)
        return seam_backing(self.stack, chain.from_iterable(along), trims(done) and not finished)

    def _thick(self, told: Seaming) -> float:
        """The thickest of the seams it sews (mm)."""
        return max(seam_thickness(self.sewn, seam, told.layer, self.stack) for seam in told.done.seams)

    def _caught(self, done: Operation, thick: float) -> tuple[tuple[Message, ...], float]:
        """What of cloth lies in the seams it sews, ``thick`` by themselves, and makes them thick there; how thick the thickest place is (mm)."""
        found: list[Message] = []
        most = thick
        for one in self.tacked:
            if one.lies is not None and one.caught_in(done, self.hems):
                id, layers, *webbing = one.lies
                cloths = sum(layer.thickness for layer in cloths_of(self.by_id[id], self.stack))
                there = thick + layers * cloths + sum(webbing)
                most = max(most, there)
                if there >= THICK_STACK and one.thing not in found:
                    found.append(one.thing)
        return tuple(found), most

    def _clear(self, copies: Iterable[Copied], layer: Role | None) -> list[StepLine]:
        """What must not be caught: loose things, and the other layer where it hangs on this one already."""
        near, away, other = self._near(tuple(copies), layer)
        found = []
        if near:
            for words, things in (
                ("clear.loose", tuple(thing for thing in near if thing not in self.sewn_on)),
                ("clear.sewn-on", tuple(thing for thing in near if thing in self.sewn_on)),
            ):
                if things:
                    found.append(StepLine("clear", msg(words, things=things)))
        if away:
            found.append(StepLine("clear", msg("clear.layer", layer=msg(f"role.{other}"))))
        return found

    def _across(self, done: Operation, layer: Role) -> Look | None:
        """What can be measured now that could not before: an edge both whose ends lie in seams, from stitching to stitching."""
        if done.gap is not None:
            return gap_look(done.gap.length)
        now = {seam.id for seam in done.seams}
        for seam in done.seams:
            for use in (*seam.a, *seam.b):
                copy, piece = self.sewn.copy(use, layer), self.by_id[use.piece]
                for edge in piece.edges:
                    ends = [self._beside(piece, copy, edge.key, start) for start in (True, False)]
                    if any(end is None for end in ends) or self.sewn.taken(copy, edge.key) is not None:
                        continue
                    if not any(end is not None and end.id in now for end in ends) or edge.length < 30:
                        continue
                    one, other = (end.name for end in ends if end is not None)
                    words = "look.across"
                    if one == other:
                        words = "look.round" if self._goes_round(ends, copy, layer) else "look.between"
                    text = msg(words, edge=edge.name, length=edge.length, one=one, other=other)
                    causes = (msg("cause.allowance"), msg("cause.slipped"))
                    return Look(text, edge.length, float(WITHIN), causes, msg("remedy.resew"))
        return None

    def _goes_round(self, ends: Sequence[Seam | None], copy: Copied, layer: Role) -> bool:
        """Whether one seam joins both ends of an edge to each other, and not to another copy."""
        one, other = ends
        return one is not None and one is other and all(copy in side for side in self.sewn.copies(one, layer))

    def _beside(self, piece: Piece, copy: Copied, key: str, start: bool) -> Seam | None:
        """The seam that took the edge beside this one."""
        edges = piece.edges
        at = next(i for i, edge in enumerate(edges) if edge.key == key)
        other = edges[at - 1] if start else edges[(at + 1) % len(edges)]
        return self.sewn.taken(copy, other.key) if other.key != key else None

    # Steps of other kinds ----------------------------------------------------------------------------

    def _craft(self, done: Operation) -> tuple[Step, Look | None]:
        copies: Sequence[Copied] = self._taken(done)
        heat = self._heat(copies)
        lines = [StepLine("lay", text) for text in self._take(done, copies)]
        lines += self._ready(done, heat)
        lines += [StepLine("do", heat.said(text) if done.irons else text) for text in done.how]
        if done.id == "cut":
            lines += [StepLine("do", text) for text in grain_lines(self.lays)]
        if done.later is not None:
            lines += [StepLine("do", text) for text in done.later()]
        if done.lays == "padding":
            # Before it is laid, or quilted through.
            lines[:0] = [StepLine("do", text) for text in left_off(self.hems, done.pieces, self.by_id, self.stack)]
        if done.hems:
            hems = [hem for hem in self.hems if hem.id in done.hems]
            lines[:0] = [StepLine("do", text) for text in unpicked(hems, self.by_id, self.stack)]
        folded = padding_in(done.edges, self.by_id, self.stack) if done.id == "fold-rims" else ()
        if folded:
            lines.insert(0, StepLine("do", msg("bulk.fold-out", materials=folded)))
        if done.id in ("quilt", "cut"):
            here = [lay for lay in self.lays if (lay.role in self.stack.quilting) is (done.id == "quilt")]
            lines += [StepLine("do", text) for text in lay_lines(here, self.by_id)]
        if done.waits:
            free = [self.by_id[id] for id in self.aside if id not in done.pieces]
            if free:
                names = tuple(thing_name(piece, None) for piece in free)
                lines.append(StepLine("do", msg("meanwhile", things=names)))
        if done.marks is not None:
            told = (
                mark_lines(pieces_marked(done, self.pieces), self._by(done.marks))
                if done.waited
                else self.marks(done.marks)
            )
            lines += [StepLine("mark", text) for text in told]
        if done.gap is not None:
            lines.append(StepLine("open", self._open(done.gap)))
        thick = None
        if caught := over(self.tacked, done, self.hems):
            lines.append(StepLine("ends", msg("ends.over", things=caught)))
            bulky, thick = self._caught(done, hem_thickness(done, self.hems, self.by_id, self.stack))
            if bulky:
                lines.append(
                    StepLine("bulk", msg("bulk.caught", things=bulky, count=len(bulky), thick=Thickness(thick)))
                )
        # What the pen left on the right side is ironed over last of all, when no more is sewn by it.
        self.drawn |= {TAKEN_OFF[line.text.id] for line in lines if line.text.id in TAKEN_OFF}
        if "wash" in self.drawn and done.kind == "press" and done.out:
            lines.insert(0, StepLine("do", msg("minded.wash-off" if heat.never else "minded.wash-first")))
        if done.id == "ends":
            lines += [StepLine("do", msg(f"off.{what}")) for what in ("thread", "strip", "chalk") if what in self.drawn]
        if done.press is not None:
            lines.append(StepLine("press", heat.said(done.press)))
        if done.press is not None or done.irons or done.closes:
            lines += heat.lines(done.irons == "hot")
            lines += self._guard(copies) if not heat.never else []
        if done.marks is not None:
            copies = [(id, "", role) for id, role in things_marked(pieces_marked(done, self.pieces))]
        by_machine = done.kind == "sew" and not done.hand
        piped = by_machine and not done.hems and self._along_piping(done.edges, done.layer)
        if piped and done.gap is not None:
            lines.append(StepLine("bulk", msg("bulk.piping")))
        stitch = done.stitch or (stitch_for(self.stack, 0.0) if by_machine else None)
        step = Step(
            done.id,
            done.kind,
            done.title,
            done.minutes,
            tuple(lines),
            tuple(line.text for line in lines if has_number(line.text) or line.text.id in _ALWAYS),
            things_of(self.pieces, copies),
            done.layer,
            done.hems,
            done.edges,
            done.allowance,
            stitch,
            done.foot or ("zip" if piped else "standard" if stitch is not None else None),
            caution=done.caution
            or (msg("caution.thick") if thick is not None and thick >= THICK_STACK else None)
            or (heat.caution if (done.irons or done.closes) and not by_machine else None),
            why=done.why,
            lost=done.lost,
            decided=done.decided,
            hand=done.hand,
            stitches=done.stitches,
            thick=thick,
            around=self._around(done, copies) if by_machine else None,
            touches=touched(done),
        )
        return step, done.look

    def _guard(self, copies: Iterable[Copied]) -> list[StepLine]:
        """What must not lie under the iron of what is pressed: with nothing named, all there is."""
        pressed = {id for copy in copies for id, *_ in (copy, *self.sewn.with_(copy))}
        found: list[StepLine] = []
        for at, (text, pieces) in enumerate(self.guarded):
            if not pressed or pressed & set(pieces):
                if all(line.text != text for line in found):
                    found.append(StepLine("press", text))
                # Told in full once.
                again = text if text.id.endswith("-again") else msg(f"{text.id}-again", **text.params)
                self.guarded[at] = again, pieces
        return found

    def _around(self, done: Operation, copies: Iterable[Copied]) -> float | None:
        """How long the edges of a closed thing are that are sewn along all the way round (mm)."""
        if not done.edges or not any(self.sewn.shut(copy) for copy in copies):
            return None
        uses = [use for use in done.edges if use.layer != "lining"]
        return sum(self.by_id[use.piece].by_key[use.key].length for use in uses) or None

    def _open(self, gap: Gap) -> Message:
        """What is left open in stitching that is no seam of its own, as it is marked."""
        edge = self.by_id[gap.edges[0].piece].by_key[gap.edges[0].key]
        return msg("open.marked", gap=gap.length, edge=edge.name)

    def _take(self, done: Operation, copies: Sequence[Copied]) -> list[Message]:
        """What is worked on at the machine, by name and letter: every copy, while it is still a piece by itself."""
        if done.id == "quilt" or (
            done.kind != "sew" and not done.single and not _unnamed(done, [self.by_id[id] for id, _, _ in copies])
        ):
            # What is quilted before it is cut is no piece yet.
            return []
        hand = {(id, copy) for id, copy, _ in copies}
        every: list[Copied] = []
        for id, first, role in copies:
            both = (first,) if id in dict(done.single) else self.by_id[id].copies
            both = halved(self.by_id[id]) if id in self.paired else both
            every += [(id, copy, role) for copy in both]
        apart = {id for id, copy, role in every if not self._joined((id, copy, role))}
        if len(hand) > 1 and done.kind == "sew":
            self.joined |= {copy[:2] for copy in every}
        single = {copy: copy in self.begun for copy in copies if self._lies_apart(done, copy[0], copy[2])}
        self.begun |= set(single)
        many = self._many(done, copies)
        if not apart:
            return worked_on(self.by_id, copies, single, many)
        # Of copies of which one hangs on something every one is named, and of those that each hang on something of their own.
        apart |= {id for id, of in many.items() if of == len(self.by_id[id].copies)}
        every = [copy for copy in every if copy[0] in apart or copy[:2] in hand]
        joined = {copy[:2] for copy in every if copy[0] not in apart}
        return taken_in_hand(self.by_id, every, joined, single, self.paired)

    def _changed(self, step: Step) -> tuple[str, ...]:
        """What of the machine's setting is new with this step."""
        stitch = None if step.sewn is None else (step.sewn, step.stitch)
        now = {"foot": step.foot, "stitch": stitch}
        found = [name for name, value in now.items() if value is not None and self.set_up.get(name) != value]
        self.set_up |= {name: value for name, value in now.items() if value is not None}
        return tuple(found)


def _looked(look: Look | None) -> dict[str, Any]:
    """What a step says of the look that ends it."""
    if look is None:
        return {}
    band = None
    if look.value is not None and look.within is not None:
        band = Band(look.value, max(0.0, look.value - look.within), look.value + look.within)
    return {"check": look.text, "band": band, "causes": look.causes, "remedy": look.remedy}


def _unnamed(done: Operation, pieces: Collection[Piece]) -> bool:
    """Whether it works on pieces of which its own sentences do not call every one by name and letter."""
    named = bool(done.pieces) or (done.kind == "prepare" and bool(done.edges))
    own = done.kind in ("prepare", "cut", "finish") and named and done.later is None
    return own and bool({piece.letter for piece in pieces}.difference(*map(letters_in, done.how)))
