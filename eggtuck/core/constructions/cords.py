"""Cords that draw a casing together: bought, or made of a strip folded in four."""

from __future__ import annotations

from collections.abc import Callable, Mapping

from ..drafting.description import LengthInput, Option
from ..drafting.make import Make
from ..moves.carried import Sewn, tails
from ..moves.outliner import rectangle
from ..pattern import Chain, Check, Cut, Need
from ..pattern.solid import Point3
from ..shop import CORD_THICK, CORD_WIDE, RIBBON_TURN, TOPSTITCH
from ..words import Param, msg

# From the sewn form where the tails come out, and which way its cloth looks there.
Shown = Callable[[Sewn], tuple[Point3, Point3]]


def cord_asks(when: Mapping[str, tuple[str, ...]]) -> tuple[Option, LengthInput]:
    """Whether the cord is bought or made, asked where there is one, and how thick or wide it is."""
    wide = LengthInput("size.cord_width", 1.0, 30.0, "cloth", "either-way", when, fixed=True)
    return Option("cord", ("bought", "made"), "form", when), wide


def add_cord(
    make: Make, chain: Chain, tail: float, passes: float, shown: Shown, letter: str = "", caught: bool = False
) -> float:
    """A cord as long as ``chain``, each of its tails ``tail`` mm, which goes in and out by an opening ``passes`` mm wide: bought, or its
    strip, ``4 w`` wide, whose tails are ``shown`` hanging from a point of the form. Ends that are not ``caught`` in a seam are turned in. Returns how
    wide or thick it is (mm)."""
    make.sums["cord"], spec = chain, make.spec
    bought = make.option("cord") == "bought"
    usual = float(CORD_THICK if bought else CORD_WIDE)
    wide = make.ask("cord_width", min(usual, spec.on_grid(passes, "down") or passes), finished=False)
    if wide > passes + 1e-6:
        text = msg("check.cord-wide.text", wide=wide, passes=passes)
        fix = make.fix("cord-width", "size.cord_width", passes, "down")
        make.checks.append(Check("fit.cord", "warn", msg("check.cord-wide"), text, wide, passes, fix))
    if bought:
        make.needs.append(Need.measured("cord", "cord", msg("need.cord"), chain.total, wide, msg("need.cord.note")))
        return wide
    turn = 0.0 if caught else spec.on_mark(float(RIBBON_TURN), "up")
    edges = rectangle("cord", chain.total, 4 * wide, {"lower": 0.0, "right": turn, "upper": 0.0, "left": turn})
    piece = make.piece("cord", letter, edges, [Cut(make.role("contrast"), 1)], join_loss=4 * wide)
    make.carry("cord", lambda sewn: tails(*shown(sewn), wide, tail))
    make.hem("cord-edges", make.each(piece), 0.0)
    say: dict[str, Param] = {"edge": make.edge_stitch, "wide": wide, "turn": turn}
    words = "cord-made-raw" if caught else "cord-made"
    check, seen = msg("step.cord-made.check"), float(TOPSTITCH)
    pieces, hems = ("cord",), ("cord-edges",)
    make.part_steps.add(
        "cord-made", "sew", 8, words, say=say, pieces=pieces, hems=hems, stitch=seen, irons=True, check=check
    )
    return wide
