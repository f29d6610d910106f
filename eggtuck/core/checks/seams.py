"""The seam walk: every seam's two sides against each other."""

from __future__ import annotations

import math
from collections.abc import Iterable, Mapping, Sequence

from ..materials import Material, Stack
from ..pattern import Check, EdgeUse, Fix, Piece, Role, Seam, Verdict
from ..pattern.walk import legs, meeting
from ..shop import THIN_ALLOWANCE
from ..words import Param, Percent, msg

# A circle cut to the nearest mark of the ruler is out of round by up to half a mark, and its rim by this many marks.
ROUND_MARK = math.pi / 2
# What is told of a seam by itself, and of one that the cloth takes.
_SEAM, _EASED = "seam.", "check.seam-eased"


def seam_checks(
    seams: Sequence[Seam],
    pieces: Sequence[Piece],
    stack: Stack,
    step: float,
    fixes: Mapping[str, Fix],
    blocking: frozenset[str] = frozenset(),
) -> list[Check]:
    """One check for all seams that match, and one for each that does not. What can be eased in is told by the two cloths that meet;
    what a mark of the ruler, ``step`` mm, makes at a round seam could not be cut better. ``fixes`` offers a change by seam id; a seam in
    ``blocking`` that can neither be eased nor cut better stops the cutting."""
    found: list[Check] = []
    matching = 0
    by_id = {piece.id: piece for piece in pieces}
    for seam in seams:
        off = seam.uneven(step)
        shorter = min(seam.length_a, seam.length_b)
        # Of a binding what is over is cut off before it is joined.
        if not off or ("binding" in seam.layers and seam.difference < 0):
            matching += seam.times
            continue
        share, gives = off / shorter, give(seam, by_id, stack)
        say: dict[str, Param] = {
            "seam": seam.name,
            "a": seam.length_a,
            "b": seam.length_b,
            "off": off,
            "share": Percent(share),
        }
        verdict: Verdict
        if share <= gives:
            verdict, words = "note", _EASED
        elif off <= ROUND_MARK * step + 1e-6:
            verdict, words = "note", "check.seam-mark"
        else:
            verdict, words = "stop" if seam.id in blocking else "warn", "check.seam-off"
        text = msg(f"{words}.text", limit=Percent(gives), step=step, **say)
        limit = max(gives * shorter, ROUND_MARK * step if verdict == "note" else 0.0)
        fix = fixes.get(seam.id) if verdict != "note" else None
        found.append(Check(f"{_SEAM}{seam.id}", verdict, msg(words), text, off, limit, fix))
    if matching:
        words = "check.seams-all" if not found else "check.seams-some"
        found.insert(0, Check("seams", "ok", msg(words, count=matching), msg("check.seams.text")))
    return found


def eased_seams(checks: Iterable[Check]) -> dict[str, tuple[float, bool]]:
    """By id of the seams whose sides differ, as was checked: by how much (mm), and whether the cloth takes it."""
    found = (check for check in checks if check.id.startswith(_SEAM) and check.value is not None)
    return {check.id.removeprefix(_SEAM): (check.value or 0.0, check.title.id == _EASED) for check in found}


def give(seam: Seam, by_id: Mapping[str, Piece], stack: Stack) -> float:
    """The share of a seam by which its longer side can be eased onto its shorter one: what the longer side's cloth eases in, or
    the shorter one's stretches; the least of all the cloths it is sewn in."""
    longer, shorter = (seam.a, seam.b) if seam.length_a >= seam.length_b else (seam.b, seam.a)
    shares = []
    for layer in seam.layers:
        eased = min((m.ease_in for m in _cloths(longer, layer, by_id, stack)), default=0.0)
        stretched = min((m.stretch for m in _cloths(shorter, layer, by_id, stack)), default=0.0)
        shares.append(max(eased, stretched))
    return min(shares, default=0.0)


def _cloths(side: Sequence[EdgeUse], layer: Role, by_id: Mapping[str, Piece], stack: Stack) -> list[Material]:
    """The cloths of one side where it is sewn in ``layer``: its own where it has one, else what its pieces are cut from."""
    found = []
    for use in side:
        roles = [cut.role for cut in by_id[use.piece].cuts if cut.role not in ("interfacing", "padding")]
        role = use.layer or (layer if layer in roles or not roles else roles[0])
        made = stack.of(role) or stack.of("outer")
        if made is not None and roles:
            found.append(made.material)
    return found


def allowance_checks(seams: Sequence[Seam], pieces: Sequence[Piece]) -> list[Check]:
    """Edges that lie on each other in a seam but carry different allowances, and seams with hardly anything to sew on."""
    found: list[Check] = []
    seen: set[tuple[str, float, float]] = set()
    for seam in seams:
        pairs = [
            (one.allowance, other.allowance)
            for one, other in meeting(legs(pieces, seam.a), legs(pieces, seam.b))
            if not (one.internal or other.internal)
        ]
        own, mate = max(pairs, key=lambda pair: abs(pair[0] - pair[1]), default=(0.0, 0.0))
        # Outer and lining are sewn alike: what is told of one holds for the other.
        told = (seam.name.id, own, mate)
        if abs(own - mate) > 1e-6 and not seam.set_back and told not in seen:
            seen.add(told)
            low, high = sorted((own, mate))
            text = msg("check.allowances-differ.text", seam=seam.name, low=low, high=high)
            fix = None
            if seam.mate:
                fix = Fix(msg("fix.allowance", allowance=own), {f"allowance.{key}": own for key in seam.mate})
            title = msg("check.allowances-differ")
            found.append(Check(f"allowance.{seam.id}", "warn", title, text, high - low, 0.0, fix))
        if seam.allowance < THIN_ALLOWANCE:
            text = msg("check.allowance-thin.text", seam=seam.name, allowance=seam.allowance)
            title = msg("check.allowance-thin")
            found.append(Check(f"thin.{seam.id}", "warn", title, text, seam.allowance, THIN_ALLOWANCE))
    return found
