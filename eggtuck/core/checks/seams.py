"""The seam walk: every seam's two sides against each other."""

from __future__ import annotations

from collections.abc import Mapping, Sequence

from ..pattern import Check, Fix, Piece, Seam
from ..wording import Percent, msg

# Closer than this no maker can cut (mm).
EQUAL = 0.3


def seam_checks(
    seams: Sequence[Seam], ease_in: float, fixes: Mapping[str, Fix], blocking: frozenset[str] = frozenset()
) -> list[Check]:
    """One check for all seams that match, and one for each that does not. ``ease_in`` is the share of a
    seam the cloth can take up; ``fixes`` offers a change by seam id; a seam in ``blocking``
    that cannot be eased stops the cutting."""
    found: list[Check] = []
    worst = 0.0
    for seam in seams:
        off = abs(seam.difference)
        if off <= EQUAL:
            worst = max(worst, off)
            continue
        share = off / min(seam.length_a, seam.length_b)
        eased = share <= ease_in
        found.append(
            Check(
                f"seam.{seam.id}",
                "note" if eased else "stop" if seam.id in blocking else "warn",
                msg("check.seam-eased") if eased else msg("check.seam-off"),
                msg(
                    "check.seam-eased.text" if eased else "check.seam-off.text",
                    seam=seam.name,
                    a=seam.length_a,
                    b=seam.length_b,
                    off=off,
                    share=Percent(share),
                    limit=Percent(ease_in),
                ),
                off,
                ease_in * min(seam.length_a, seam.length_b),
                fixes.get(seam.id),
            )
        )
    matching = len(seams) - len(found)
    if matching:
        words = "check.seams-all" if not found else "check.seams-some"
        title = msg(f"{words}-one") if matching == 1 else msg(words, count=matching)
        found.insert(0, Check("seams", "ok", title, msg("check.seams.text", off=worst), worst, EQUAL))
    return found


def allowance_checks(seams: Sequence[Seam], pieces: Sequence[Piece]) -> list[Check]:
    """Edges that are sewn together but carry different allowances, and seams with nothing to sew."""
    edges = {id: edge for piece in pieces for id, edge in piece.by_id.items()}
    found: list[Check] = []
    for seam in seams:
        a = {edges[use.edge].allowance for use in seam.a if not edges[use.edge].internal}
        b = {edges[use.edge].allowance for use in seam.b if not edges[use.edge].internal}
        if a and b and max(a | b) - min(a | b) > 1e-6:
            low, high = min(a | b), max(a | b)
            lining = next((u.edge for u in seam.b if u.edge.split(".")[0].endswith("-lining")), None)
            fix = None
            if lining is not None and seam.id == "rim":
                fix = Fix(msg("fix.allowance", allowance=max(a)), {"allowance.lining-top": max(a)})
            found.append(
                Check(
                    f"allowance.{seam.id}",
                    "warn",
                    msg("check.allowances-differ"),
                    msg("check.allowances-differ.text", seam=seam.name, low=low, high=high),
                    high - low,
                    0.0,
                    fix,
                )
            )
        if seam.allowance < 3.0:
            found.append(
                Check(
                    f"allowance.{seam.id}",
                    "warn",
                    msg("check.allowance-thin"),
                    msg("check.allowance-thin.text", seam=seam.name, allowance=seam.allowance),
                    seam.allowance,
                    3.0,
                )
            )
    return found
