"""The order of sewing."""

from __future__ import annotations

from ...constructions.shared import finish_sewing, start_sewing
from ...constructions.zips import close_gap, open_zip, zip_steps
from ...drafting.make import Make
from ...words import msg


def add_steps(make: Make, recessed: bool) -> None:
    order, by = make.order, {seam.id: seam for seam in make.seams}
    start_sewing(make, 3)
    right = msg("faces.right-together")
    if make.option("piping") == "piped":
        say = {"piping": make.sums["piping"].total / 2}
        order.add("piping-on", "sew", 10, say=say, check=msg("step.piping-on.check"), why=msg("step.piping-on.why"))
    gap = make.gaps[0] if make.gaps else None
    if recessed:
        faces = msg("faces.zip-between")
        zip_caution = msg("caution.zip-teeth")
        order.seam(
            "recessed-zip",
            [by["facing-front"], by["facing-back"]],
            "recessed-zip" if make.lined else "recessed-zip-unlined",
            faces=faces,
            caution=zip_caution,
            press=msg("press.from-zip"),
        )
        order.add("recessed-tack", "sew", 3, check=msg("step.recessed-tack.check"))
        if gap is not None:
            ends = [by["gusset-end-left"], by["gusset-end-right"]]
            order.seam("gusset-ends", ends, "gusset-ends", faces=right)
        else:
            order.add("gusset-ends", "sew", 3, "gusset-ends-hem", seams=("gusset-ends",))
        open_zip(order)
        order.seam(
            "outer-round",
            [by["round-front"], by["round-back"]],
            "gusset-round",
            faces=right,
            check=msg("step.gusset-round.check"),
            why=msg("step.gusset-round.why"),
        )
        order.seam(
            "mouth",
            [by["mouth-front"], by["mouth-back"]],
            "mouth-facing",
            faces=right,
            check=msg("step.mouth-facing.check"),
        )
        if gap is not None:
            order.seam(
                "lining-round",
                [by["lining-round-front"], by["lining-round-back"]],
                "gusset-round-gap",
                say={"gap": gap.length},
                layer="lining",
                faces=right,
                check=msg("step.gusset-round.check"),
            )
    else:
        zip_steps(make)
        order.seam(
            "ring",
            [by["ring-left"], by["ring-right"]],
            "ring",
            faces=right,
            press=msg("press.from-zip"),
            check=msg("step.ring.check", ring=make.finished["circumference"] or 0.0),
        )
        open_zip(order)
        for layer in ("outer", "lining") if make.lined else ("outer",):
            words = "gusset-round-gap" if gap is not None and layer == "lining" else "gusset-round"
            say = {"gap": gap.length if gap else 0.0}
            order.seam(
                f"{layer}-round",
                [by["round-front"], by["round-back"]],
                words,
                say=say,
                layer=layer,
                faces=right,
                check=msg("step.gusset-round.check"),
                why=msg("step.gusset-round.why"),
            )
    order.add("clip-curve", "cut", 3, caution=msg("caution.blade"))
    if gap is not None:
        close_gap(order, gap)
    else:
        order.add("overcast", "finish", 6, why=msg("step.overcast.why"))
    finish_sewing(make, put=False)
