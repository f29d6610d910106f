"""What is done to the cloth, as data. Everything a maker reads about making is read from a list of these."""

from __future__ import annotations

from collections.abc import Callable, Iterable
from typing import Literal

from ..frozen import frozen
from ..pattern import Copy, EdgeUse, Gap, Role, Seam
from ..pattern.draft import Foot, StepKind
from ..plane.boxes import Box
from ..words import Message, msg

# What is cut of allowances that are sewn: little notches in a curve, corners off, all along beside the stitching; or a piece to its outline, when
# something has been worked on it; or the end of what is bought longer.
Cutting = Literal["clips", "corners", "beside", "outline", "end"]
# Blocks beside each other: the piece of each, how wide it is and how high when it is finished (mm).
Row = tuple[tuple[str, float, float], ...]
# How a middle is found: folded end on end, measured from the raw edge, or by eye.
Centring = Literal["fold", "ruler", "eye"]


@frozen
class Look:
    """The check that ends an operation: what to look at or measure, the number (mm) and how far off it may be, what it comes from where
    it fails, likeliest first, and what mends it."""

    text: Message
    value: float | None = None
    within: float | None = None
    causes: tuple[Message, ...] = ()
    remedy: Message | None = None


def gap_look(length: float) -> Look:
    """A gap is as long as it was drawn, between two backstitches."""
    return Look(msg("look.gap", gap=length), length, 5.0, (msg("cause.gap"),), msg("remedy.gap"))


@frozen(kw_only=True)
class Operation:
    """One thing to do.

    ``seams`` are those it sews, in ``layer``; how their sides lie, where each begins and ends, what it crosses and what is left open is told
    from what has been sewn before. ``faces`` says which sides face each other; ``lay`` how things are laid where the seam alone does not tell it,
    ``along`` where it is sewn where no raw edge tells it, ``ends`` how it is held at its ends where a backstitch is not. ``how`` is the craft of it, ``during`` what is minded on the way, ``then`` what follows: sentences in their order; one that may be left out says what is ``lost`` by that; where its place in the order or what it lies on could be otherwise, what was ``decided``; ``later`` gives
    more of them when steps are told, for what takes time to say.

    What it cuts of allowances that are sewn is told by ``cuts``; ``at`` are the marks it works at or along, by the ids of their labels. It
    ``slides`` a zip half open, pushes something long ``into`` the channel of a piece, ``tacks`` something to edges, each at such a share of the way along it, and sews ends on in ``boxes`` on copies of pieces. It ``threads`` a strap, the first of its
    pieces, through its slider and the ring of a tab, the second, or by itself round a hook; what it puts on ``meets`` another half that is on by then. Notches of its seams that meet what carries none, as a zip, come to lie ``onto`` this.

    Of ``pieces`` every copy is worked on, but for those of which it is a ``single`` one: this.

    What it changes: it ``turns`` copies of these cloths the other way out (``whole``: all there is), ``closes`` a gap, ``parks`` a
    loose thing that must be kept out of later seams (``sewn_on`` all of it, else tacked ``at_edges`` that are sewn later, where no ``tacks`` or marks tell them); one that ``hangs`` stands up from its edge when all is turned; where that is cut of cloth, ``lies`` tells of which piece, in how many layers at its thickest, and what webbing lies there besides (mm). It may be done by ``hand``, in ``stitches`` that are drawn by themselves; one that ``marks`` tells every mark of the pieces, middles by how they are found, or of its own those that ``waited`` till now, one that ``pipes`` lays piping along its edges, one that ``irons`` presses or creases something, or holds by nothing but a hot iron; one that ``pairs`` sews the copies of its pieces together two by two, which are one from then on; one that ``keeps`` leaves all
    layers in the allowances it sews; one that it may lay blocks in ``rows``, from the top, each from the left, and ``join`` the blocks of each, the rows, or both; one that ``finishes`` its edges makes them what nothing is trimmed off any more; one that ``lays`` a lining or padding puts it on the wrong
    side of its pieces, to stay; after one that ``waits`` what it worked on lies still till it is cool, after one that ``rests`` for so many minutes; from one that ``guards`` what it worked on, that is told at every pressing. What it needs: the make
    right side ``out``, or what lies flat the ``wrong`` way up. What it sews together may be one that ``stays`` seams outward, as a bag that hangs in another does.
    """

    id: str
    kind: StepKind
    minutes: float
    title: Message
    how: tuple[Message, ...] = ()
    during: tuple[Message, ...] = ()
    then: tuple[Message, ...] = ()
    pieces: tuple[str, ...] = ()
    single: tuple[tuple[str, Copy], ...] = ()
    layer: str | None = None
    seams: tuple[Seam, ...] = ()
    hems: tuple[str, ...] = ()
    edges: tuple[EdgeUse, ...] = ()
    gap: Gap | None = None
    faces: Message | None = None
    lay: Message | None = None
    along: Message | None = None
    ends: Message | None = None
    allowance: float | None = None
    stitch: float | None = None
    foot: Foot | None = None
    press: Message | None = None
    look: Look | None = None
    caution: Message | None = None
    why: Message | None = None
    lost: Message | None = None
    decided: Message | None = None
    turns: tuple[str, ...] = ()
    closes: bool = False
    parks: Message | None = None
    sewn_on: bool = False
    lies: tuple[str, int] | tuple[str, int, float] | None = None
    at_edges: tuple[EdgeUse, ...] = ()
    hand: bool = False
    stitches: tuple[str, ...] = ()
    marks: Centring | None = None
    waited: bool = False
    cuts: Cutting | None = None
    slides: bool = False
    into: str = ""
    tacks: tuple[tuple[EdgeUse, float], ...] = ()
    boxes: tuple[tuple[str, Copy, Box], ...] = ()
    hangs: bool = False
    threads: bool = False
    meets: bool = False
    onto: Message | None = None
    at: tuple[str, ...] = ()
    later: Callable[[], Iterable[Message]] | None = None
    irons: bool | Literal["hot"] = False
    keeps: bool = False
    finishes: bool = False
    lays: Role | None = None
    waits: bool = False
    rests: float = 0.0
    rows: tuple[Row, ...] = ()
    joins: Literal["blocks", "rows", "both"] = "blocks"
    guards: Message | None = None
    out: bool = False
    wrong: bool = False
    stays: bool = False
    pipes: bool = False
    pairs: bool = False

    def layers_of(self, seam: Seam) -> tuple[Role, ...]:
        """The layers it sews a seam in: all of them (``both``, one after the other, or as one), or its own."""
        if seam.as_one or self.layer == "both":
            return seam.layers
        return (next((layer for layer in seam.layers if layer == self.layer), seam.layers[0]),)
