"""The order of sewing."""

from __future__ import annotations

from ...constructions.shared import finish_sewing, start_sewing
from ...constructions.zips import close_gap
from ...drafting.make import Make
from ...pattern import Role, Seam
from ...shop import TOPSTITCH
from ...words import Param, msg
from .sizes import Bowl


def add_steps(make: Make, bowl: Bowl) -> None:
    order, by = make.order, {seam.id: seam for seam in make.seams}
    quilted = make.spec.stack.of("padding") is not None and not make.quilting
    start_sewing(make, 1, apart=("padding",) if quilted else ())
    darts: list[Seam] = [by[f"dart-{n}"] for n in range(1, bowl.darts + 1)]
    # Opposite darts two by two; of an odd number neighbours, and the last by itself.
    half = bowl.darts // 2
    even = bowl.darts % 2 == 0
    pairs = [(darts[n], darts[n + half]) if even else tuple(darts[2 * n : 2 * n + 2]) for n in range(half)]
    pairs += [] if even else [(darts[-1],)]
    raw_length, raw_half = bowl.raw(make.allowance("rim"))
    layers: tuple[Role, ...] = ("outer", "lining") if make.lined else ("outer",)
    for layer in layers:
        say: dict[str, Param] = {
            "layer": msg(f"role.{layer}"),
            "half": raw_half,
            "length": raw_length,
            "trim": make.allowance("dart"),
        }
        if quilted:
            order.add(
                f"{layer}-quilt", "sew", 8, "bowl-quilt", say=say, layer=layer, check=msg("step.bowl-quilt.check")
            )
        for number, pair in enumerate(pairs):
            open_here = layer == "lining" and number == 0 and make.gaps and make.gaps[0].seam == "dart-1"
            words = "bowl-darts-gap" if open_here else "bowl-darts-next" if number else "bowl-darts"
            if len(pair) == 1:
                words = "bowl-darts-last"
            elif not even:
                words += "-beside"
            order.seam(
                f"{layer}-darts-{number + 1}",
                pair,
                words,
                say={**say, "gap": make.gaps[0].length if make.gaps else 0.0},
                layer=layer,
                dart=True,
                faces=msg("faces.right-together"),
                press=msg("press.darts"),
                check=msg("step.bowl-darts.check" if len(pair) > 1 else "step.bowl-darts-last.check"),
            )
            blade = msg("caution.blade")
            order.add(f"{layer}-trim-{number + 1}", "cut", 1, "dart-trim", say=say, layer=layer, caution=blade)
    if not make.lined:
        order.add(
            "hem", "sew", 6, "bowl-hem", say={"allowance": make.allowance("rim")}, seams=("hem",), stitch=TOPSTITCH
        )
        finish_sewing(make)
        return
    gap = make.gaps[0]
    words = "bowl-rim-gap" if gap.seam == "rim" else "bowl-rim"
    faces, press = msg("faces.right-together"), msg("press.to-outer")
    check = msg("step.bowl-rim.check")
    order.seam("rim", [by["rim"]], words, say={"gap": gap.length}, faces=faces, press=press, check=check)
    # The corners of a square, unless they were rounded, and the curve of a circle; padding where there is any.
    shape = "square" if make.option("blank_shape") == "square" and not make.finished.get("corner_radius") else "round"
    padded = "-padded" if make.spec.stack.of("padding") is not None else ""
    order.add("bowl-clip", "cut", 2, f"bowl-clip-{shape}{padded}", caution=msg("caution.blade"))
    if gap.seam == "rim":
        turn_check = msg("step.turn.check")
        order.add("turn", "finish", 4, say={"gap": gap.length}, check=turn_check, caution=msg("caution.points"))
        order.add("bowl-topstitch", "sew", 5, stitch=TOPSTITCH, why=msg("step.bowl-topstitch.why"))
    else:
        close_gap(order, gap)
        order.add("topstitch", "sew", 5, stitch=TOPSTITCH, why=msg("step.topstitch.why"))
    finish_sewing(make)
