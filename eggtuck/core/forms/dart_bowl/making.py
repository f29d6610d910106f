"""The order of sewing."""

from __future__ import annotations

from collections.abc import Iterable, Sequence

from ...constructions.shared import finish_sewing, start_sewing
from ...constructions.zips import close_gap
from ...drafting.make import Make
from ...making import Look, Order
from ...making.backing import quilt_lines
from ...making.bag_parts import matched, topstitch_rim, turn_through
from ...making.operation import Cutting
from ...pattern import Role, Seam
from ...shop import SHORT_STITCH, THICK_STITCH, TOPSTITCH, WITHIN
from ...words import Param, msg
from .layers import fuse_shaped, fuses_late
from .sizes import Bowl


def add_steps(make: Make, bowl: Bowl, inner: Bowl) -> None:
    order, by = make.order, {seam.id: seam for seam in make.seams}
    body = tuple(dict.fromkeys(use.piece for use in (*by["rim"].a, *by["rim"].b))) if make.lined else ("body",)
    late = fuses_late(make)
    start_sewing(make, 1, apart=("padding",), elsewhere={"interfacing": ("body", "body-lining")} if late else None)
    hosts = {role for padding in make.spec.stack.quilted for role in padding.hosts}
    _quilt(make, [role for role in ("outer", "lining") if role in hosts])
    layers: tuple[Role, ...] = ("outer", "lining") if make.lined else ("outer",)
    for layer in layers:
        own = layer == "lining" and make.apart
        pairs = _pairs([by[f"{'lining-' if own else ''}dart-{n}"] for n in range(1, bowl.darts + 1)])
        raw_length, raw_half = (inner if own else bowl).raw(make.allowance("rim", own))
        shell = tuple(dict.fromkeys(use.piece for pair in pairs for seam in pair for use in seam.a))
        say: dict[str, Param] = {
            "layer": msg(f"role.{layer}"),
            "half": raw_half,
            "length": raw_length,
            "trim": make.allowance("dart", own),
        }
        for number, pair in enumerate(pairs):
            words = "bowl-darts-next" if number else "bowl-darts"
            if len(pair) == 1:
                words = "bowl-darts-last"
            way = {**say, "darts": tuple(seam.name for seam in pair), "count": len(pair)}
            looked = msg("step.bowl-darts.check" if len(pair) > 1 else "step.bowl-darts-last.check")
            order.seam(
                f"{layer}-darts-{number + 1}",
                pair,
                words,
                say=say,
                gap=make.gaps[0] if layer == "lining" and make.gaps else None,
                layer=layer,
                dart=True,
                lay=msg("lay.dart", **way),
                along=msg("along.dart", **way),
                ends=msg(
                    "ends.dart-gap"
                    if layer == "lining" and number == 0 and make.gaps and make.gaps[0].seam.endswith("dart-1")
                    else "ends.dart"
                ),
                faces=msg("faces.right-together"),
                stitch=float(SHORT_STITCH),
                press=msg("press.darts" if make.lined else "press.darts-alone"),
                check=Look(looked, raw_length, float(WITHIN), (msg("cause.dart-end"),), msg("remedy.dart")),
            )
            blade = msg("caution.blade")
            order.add(
                f"{layer}-trim-{number + 1}",
                "cut",
                1,
                "dart-trim",
                say=say,
                pieces=shell,
                layer=layer,
                caution=blade,
                cuts="beside",
            )
    if late:
        fuse_shaped(make)
    if not make.lined:
        order.add(
            "hem",
            "sew",
            6,
            "bowl-hem" if _cornered(make) else "bowl-hem-round",
            say={"allowance": make.allowance("rim"), "edge": make.edge_stitch, "first": order.manner.hem_first("body")},
            pieces=body,
            hems=("hem",),
            stitch=float(TOPSTITCH),
        )
        finish_sewing(make)
        return
    gap = make.gaps[0]
    order.add(
        "turn-outer", "finish", 2, pieces=("body",), layer="outer", turns=("outer",), caution=msg("caution.points")
    )
    faces, press = msg("faces.right-together"), msg("press.to-outer")
    met = matched("step.bowl-rim.check")
    lay = msg("lay.bowl-rim")
    order.seam("rim", [by["rim"]], "bowl-rim", gap=gap, lay=lay, faces=faces, press=press, check=met)
    shape = "square" if _cornered(make) else "round"
    cuts: Cutting = "corners" if shape == "square" else "clips"
    order.add("bowl-clip", "cut", 2, f"bowl-clip-{shape}", pieces=body, caution=msg("caution.blade"), cuts=cuts)
    if gap.seam == "rim":
        turn_through(order, gap)
        order.add(
            "bowl-topstitch",
            "sew",
            5,
            say={"gap": gap.length, "edge": make.edge_stitch},
            pieces=body,
            edges=(*by["rim"].a, *by["rim"].b),
            stitch=float(TOPSTITCH),
            why=msg("step.bowl-topstitch.why"),
            closes=True,
            out=True,
        )
    else:
        close_gap(order, gap)
        topstitch_rim(order, (*by["rim"].a, *by["rim"].b), 5)
    finish_sewing(make)


def _pairs(darts: Sequence[Seam]) -> list[tuple[Seam, ...]]:
    """Opposite darts two by two; of an odd number neighbours, and the last by itself."""
    half, even = len(darts) // 2, len(darts) % 2 == 0
    pairs = [(darts[n], darts[n + half]) if even else tuple(darts[2 * n : 2 * n + 2]) for n in range(half)]
    return pairs if even else [*pairs, (darts[-1],)]


def _quilt(make: Make, layers: Iterable[Role]) -> None:
    """Each shell on its padding, before the darts are marked on that."""
    quilting = Order(make.order.manner)
    causes, remedy = (msg("cause.dense"),), msg("remedy.quilted-small")
    for layer in layers:
        quilting.add(
            f"{layer}-quilt",
            "sew",
            8,
            "bowl-quilt",
            say={"layer": msg(f"role.{layer}"), "shape": make.option("blank_shape")},
            later=quilt_lines,
            at=("mark.quilting",),
            pieces=("body-lining" if layer == "lining" and make.apart else "body",),
            layer=layer,
            lays="padding",
            foot="walking",
            stitch=float(THICK_STITCH),
            irons=True,
            check=Look(msg("step.bowl-quilt.check"), causes=causes, remedy=remedy),
        )
    make.order.put_in(make.order.at("mark"), quilting)


def _cornered(make: Make) -> bool:
    """Whether its rim has corners: those of a square, unless they were rounded; a circle has a curve."""
    return make.option("blank_shape") == "square" and not make.finished.get("corner_radius")
