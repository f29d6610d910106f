"""The order of sewing."""

from __future__ import annotations

from ...constructions.shared import clip_curve, clips_apart, finish_sewing, start_sewing, trim_corners
from ...constructions.zips import close_gap, open_zip, zip_ends, zip_steps
from ...drafting.make import Make
from ...drafting.panel import Panel
from ...making import Look
from ...making.bag_parts import matched
from ...pattern import EdgeUse
from ...shop import STITCH, TOPSTITCH, WITHIN
from ...words import Param, msg
from .checks import snipped
from .pieces import by_panels


def ring_look(ring: float) -> Look:
    """Whether the closed ring is as long as the panels it goes round."""
    causes = (msg("cause.allowance"), msg("cause.slipped"))
    return Look(msg("step.ring.check", ring=ring), ring, float(WITHIN), causes, msg("remedy.resew"))


def add_steps(make: Make, recessed: bool, own: Panel) -> None:
    order, by = make.order, {seam.id: seam for seam in make.seams}
    start_sewing(make, 3)
    clips: dict[str, Param] = {"apart": clips_apart(make, [seam for id, seam in by.items() if "round" in id])}
    right = msg("faces.right-together")
    if make.option("piping") == "piped":
        order.add(
            "piping-on",
            "sew",
            10,
            say={"piping": make.sums["piping"].total / 2},
            pieces=("panel",),
            layer="outer",
            foot="zip",
            stitch=float(STITCH),
            pipes=True,
            check=msg("step.piping-on.check"),
            edges=tuple(make.each(make.piece_of("panel"))),
            why=msg("step.piping-on.why"),
        )
    gap = make.gaps[0] if make.gaps else None
    if recessed:
        zip_ends(make, free=True)
        clear = ((make.finished["chord"] or 0.0) - (make.finished["zip_opening"] or 0.0)) / 2
        order.seam(
            "recessed-zip",
            [by["facing-front"], by["facing-back"]],
            "recessed-zip",
            during=("zip-slider",),
            say={"tape": make.finished["tape_seam"] or 0.0},
            lay=msg("lay.recessed-zip", clear=clear),
            foot="zip",
            faces=msg("faces.zip-between"),
            caution=msg("caution.zip-teeth"),
            press=msg("press.from-zip"),
            why=msg("step.recessed-zip.why"),
        )
        if not make.lined:
            free = tuple({use.piece: None for hem in make.hems if hem.id == "lining-free" for use in hem.edges})
            say: dict[str, Param] = {"edge": make.edge_stitch, "count": len(free), "allowance": make.allowance("rim")}
            say["first"] = order.manner.hem_first("panel-lining")
            order.add("lining-free", "sew", 6, say=say, pieces=free, hems=("lining-free",))
        if gap is not None:
            ends = [by["gusset-end-left"], by["gusset-end-right"]]
            order.seam("gusset-ends", ends, "gusset-ends", then=("turn-and-press",), faces=right, irons=True)
        else:
            order.add(
                "gusset-ends",
                "sew",
                3,
                "gusset-ends-hem",
                say={"allowance": make.allowance("end")},
                pieces=("gusset",),
                hems=("gusset-ends",),
                stitch=float(TOPSTITCH),
            )
        open_zip(make)
        order.seam(
            "outer-round",
            [by["round-front"], by["round-back"]],
            "gusset-round",
            how=("clip-gusset", "gusset-on-top"),
            say=clips,
            faces=right,
            check=matched("step.gusset-round.check"),
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
                "gusset-round",
                how=("clip-gusset", "gusset-on-top"),
                say=clips,
                gap=gap,
                layer="lining",
                faces=right,
                why=msg("step.gusset-round.why"),
            )
    else:
        zip_steps(make)
        order.seam(
            "ring",
            [by["ring-left"], by["ring-right"]],
            "ring",
            then=("ring-topstitch",),
            say={"edge": make.edge_stitch},
            faces=right,
            lay=msg("lay.ring-lined") if make.lined else None,
            press=msg("press.from-zip"),
            check=ring_look(make.finished["circumference"] or 0.0),
            # Between outer and lining of the gusset its allowances are hidden: it comes out right side out.
            stays=by_panels(make),
        )
        if by_panels(make):
            _panels(make)
            finish_sewing(make, put=False)
            return
        open_zip(make)
        for layer in ("outer", "lining") if make.lined else ("outer",):
            here = gap if layer == "lining" else None
            order.seam(
                f"{layer}-round",
                [by["round-front"], by["round-back"]],
                "gusset-round",
                how=("clip-gusset", *snipped(own), "gusset-on-top"),
                say=clips,
                gap=here,
                layer=layer,
                faces=right,
                check=None if here else matched("step.gusset-round.check"),
                why=msg("step.gusset-round.why"),
            )
    clip_curve(make)
    if own.points()[0]:
        trim_corners(make, "trim-corners" if gap is not None else "trim-corners-whole", "panel")
    if gap is not None:
        close_gap(order, gap)
    finish_sewing(make, put=False)


def _panels(make: Make) -> None:
    """The other school: the ring's edges folded in, each panel sewn to its lining and turned, and the two put edge to edge, which closes the
    gaps."""
    order, by = make.order, {seam.id: seam for seam in make.seams}
    padded = "-padded" if make.spec.stack.of("padding") is not None else ""
    edge: dict[str, Param] = {"edge": make.edge_stitch, "side": make.allowance("side")}
    ring = ("gusset", "zip-strip")
    rims = tuple(use for seam in make.seams if seam.id.startswith("round") for use in seam.b if use.piece in ring)
    check = msg("step.ring-edges.check", width=make.finished["gusset_width"] or 0.0)
    order.add(
        "ring-edges", "sew", 12, f"ring-edges{padded}", say=edge, pieces=ring, irons=True, check=check, edges=rims
    )
    for copy, gap in zip(("front", "back"), make.gaps, strict=True):
        order.add(
            f"panel-{copy}",
            "sew",
            8,
            f"panel-lined{padded}",
            say={"allowance": make.allowance("rim")},
            pieces=("panel",),
            single=(("panel", copy),),
            edges=(EdgeUse("panel", "rim", copy),),
            gap=gap,
            check=msg("step.panel-lined.check"),
        )
    clip_curve(make)
    say: dict[str, Param] = {"gap": make.gaps[0].length}
    gaps, why = tuple(use for gap in make.gaps for use in gap.edges), msg("step.press-gap.why")
    order.add("press-gap", "press", 2, say=say, pieces=("panel",), edges=gaps, irons=True, why=why)
    check = msg("step.turn.check")
    order.add("turn-panels", "finish", 6, say=say, pieces=("panel",), check=check, caution=msg("caution.points"))
    by_hand = order.manner.closing == "hand"
    way = "hand" if by_hand else "machine"
    order.seam(
        "join",
        [by["round-front"], by["round-back"]],
        "join-panels",
        lay=msg("lay.join-panels"),
        faces=msg("faces.wrong-together"),
        along=msg(f"along.join-{way}"),
        then=("join-closes",),
        say=say,
        check=matched("step.join-panels.check"),
        why=msg("step.join-panels.why"),
        closes=True,
        hand=by_hand,
        stitches=("knot", "ladder") if by_hand else (),
        out=True,
    )
