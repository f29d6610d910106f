"""Which cut number tells which size, form by form, and solving for the sizes.

A form drafts sizes into cut numbers. Reading backwards solves those same equations: each size is paired with the one number
that tells it, and the pairs are solved together (Newton; most pairs are sums, so one step is exact). Sizes that no cut number tells
are asked for.
"""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass, field, replace

from ..pattern import Draft, SpecError

Numbers = Mapping[str, float]
_STEP, _CLOSE, _ROUNDS = 0.5, 1e-9, 30


@dataclass(frozen=True, slots=True)
class Reads:
    """``pairs``: the size and the number that tells it, and ``also`` other numbers that tell it as well, in the order they are looked
    for. ``asked``: sizes no cut number tells. ``settled``: sizes that follow from which numbers are equal (mm)."""

    pairs: Mapping[str, str]
    asked: tuple[str, ...] = ()
    also: Mapping[str, tuple[str, ...]] = field(default_factory=dict)
    settled: Mapping[str, float] = field(default_factory=dict)

    def given(self, numbers: Numbers) -> Reads:
        """Each size paired with the first of its numbers that was given."""
        pairs = {}
        for size, usual in self.pairs.items():
            every = (usual, *self.also.get(size, ()))
            pairs[size] = next((name for name in every if name in numbers), usual)
        equal = self.equal_halves(numbers)
        if equal is not None:
            del pairs[equal]
            return replace(self, pairs=pairs, settled={equal: 0.0})
        return replace(self, pairs=pairs)

    def equal_halves(self, numbers: Numbers) -> str | None:
        """The size that is nothing because two halves are given as equal: a zip in the middle."""
        upper, lower = numbers.get("front-upper.height"), numbers.get("front-lower.height")
        alike = upper is not None and lower is not None and abs(upper - lower) < 0.5
        return "zip_offset" if alike and "zip_offset" in self.pairs else None


def reads(form: str, options: Mapping[str, str]) -> Reads:
    """How to read a form made with these choices backwards."""
    return _READS[form](options)


# Lengths that are cut as long as anybody likes: another number is no disagreement.
FREE = ("ribbon", "cord", "loop", "pen_loop")


def _boxed(o: Mapping[str, str]) -> Reads:
    pairs = {"girth": "body.width", "wall_height": "body.height", "base_depth": _CORNER[o["boxing"]][0]}
    return Reads(pairs, _turned(o), {"base_depth": _CORNER[o["boxing"]][1:]})


# The corner of a boxed base as it is told: the square cut out, from the raw edges or the fold; or the line across it, from the tip,
# along the side or the base, or by its length.
_CORNER = {
    "cut-first": ("cutout.width", "cutout.height", "cutout.fold"),
    "sew-first": ("line.length", "line.tip", "line.along_side", "line.along_base"),
}


def _turned(o: Mapping[str, str]) -> tuple[str, ...]:
    return {"cuff-out": ("cuff_depth",), "deep-hem": ("hem_depth",)}.get(o["top"], ())


def _cylinder(o: Mapping[str, str]) -> Reads:
    pairs = {"girth": "wall.width", "wall_height": "wall.height", "base_diameter": "base.width"}
    if o["top"] == "drawstring":
        pairs["collar_height"] = "collar.height"
    return Reads(pairs, _turned(o))


def _tetra(o: Mapping[str, str]) -> Reads:
    pairs = {"width": "body.width", "height": "body.height"}
    if o["mouth"] == "spring-frame":
        return Reads({**pairs, "channel": "casing.height", "frame_length": "casing.width"}, ("frame_depth",))
    if o["mouth"] == "zip-end" and o["zip_ends"] == "fabric-tabs":
        pairs["tab_length"] = "zip-tab.width"
    return Reads(pairs, ("zip_width",))


def _wedge(o: Mapping[str, str]) -> Reads:
    first = o["boxing"] == "cut-first"
    corner = ("cutout.tip", "cutout.width", "cutout.height") if first else _CORNER["sew-first"][1:]
    pairs = {"bottom_width": "body.width", "top_width": "body.zip", "slant": "body.height", "base_depth": corner[0]}
    if o["zip_ends"] == "fabric-tabs":
        pairs["tab_length"] = "zip-tab.width"
    return Reads(pairs, ("zip_width",), {"base_depth": corner[1:]})


def _dart_bowl(o: Mapping[str, str]) -> Reads:
    pairs = {"blank": "body.width", "dart_length": "dart.raw_length", "dart_half_width": "dart.raw_half"}
    also = {"dart_length": ("dart.length",), "dart_half_width": ("dart.raw_width", "dart.half")}
    return Reads(pairs, ("darts",) if o["blank_shape"] == "circle" else (), also)


def _gusset(o: Mapping[str, str]) -> Reads:
    pairs = {"diameter": "panel.width", "gusset_width": "gusset.height"}
    if o["mouth"] == "recessed-zip":
        return Reads({**pairs, "opening": "gusset.width", "facing_depth": "facing.height"}, ("zip_width",))
    pairs["opening"] = "zip-strip.width"
    if o["zip_ends"] == "fabric-tabs":
        pairs["tab_length"] = "zip-tab.width"
    return Reads(pairs, ("zip_width",))


def _book(o: Mapping[str, str]) -> Reads:
    pairs = {"ease_width": "cover.width", "ease_height": "cover.height", "flap": "flap.width"}
    if o["make"] == "bound":
        pairs |= {"strip_width": "binding.height", "binding_length": "binding.width"}
    if o["pockets"] == "slip-pocket":
        pairs["pocket_height"] = "pocket.height"
    if o["tab"] == "tab":
        pairs |= {"tab_overlap": "tab.width", "tab_width": "tab.height"}
    return Reads(pairs, ("board_width", "board_height", "spine", "flap_hem"))


def _weight(o: Mapping[str, str]) -> Reads:
    pairs = {"base_side": "panel.width", "top_side": "top.width", "slant": "panel.height"}
    if o["handle"] == "strap":
        pairs |= {"handle_length": "handle.width", "handle_width": "handle.height"}
    return Reads(pairs)


def _mug(o: Mapping[str, str]) -> Reads:
    pairs = {"girth": "body.width", "wall_height": "body.height", "base_depth": "cutout.width", "flap": "wrap.height"}
    pairs |= {"handle_length": "handle.width", "handle_width": "handle.height"}
    if o["pockets"] != "none":
        pairs["pocket_height"] = "pocket.height"
    return Reads(pairs)


def _mat(o: Mapping[str, str]) -> Reads:
    pairs = {
        "width": "top.width",
        "height": "top.height",
        "strip_width": "binding.height",
        "binding_length": "binding.width",
    }
    if o["patchwork"] == "corner-squares":
        return Reads({**pairs, "corner": "corner.width"}, ("rows", "columns"))
    return Reads(pairs)


_CONE = {"girth_bottom": "wall.base", "girth_top": "wall.top", "height": "wall.side-left"}
_NECK_ASKED = ("base_diameter", "neck_height", "headroom", "top_fold")
_SLEEVE = {"girth": "body.end_width", "girth_mouth": "body.mouth_width", "length": "body.height"}
_READS: Mapping[str, Callable[[Mapping[str, str]], Reads]] = {
    "boxed-bag": _boxed,
    "cylinder": _cylinder,
    "cone": lambda o: Reads(_CONE),
    "neck-bag": lambda o: Reads({"girth": "body.width", "object_height": "body.height"}, _NECK_ASKED),
    "mug-bag": _mug,
    "dart-bowl": _dart_bowl,
    "lid-cover": lambda o: Reads({"frill": "circle.width"}, ("mouth_diameter", "drop", "channel")),
    "sleeve": lambda o: Reads(_SLEEVE),
    "tetra": _tetra,
    "wedge": _wedge,
    "round-pouch": lambda o: Reads({"diameter": "back.width", "zip_offset": "front-upper.height"}, ("zip_width",)),
    "gusset-bag": _gusset,
    "book-cover": _book,
    "bookmark": lambda o: Reads({"width": "body.width", "length": "body.height"}),
    "weight": _weight,
    "mat": _mat,
}


def numbers_of(draft: Draft) -> dict[str, float]:
    """Every number a cut list can give, by name (mm): cut sizes of pieces (``wall.width``), lengths and cut-outs by the name of
    their sum (``cutout.width``, ``elastic``), and net edges by their id (``wall.base``)."""
    found: dict[str, float] = {}
    for piece in draft.pieces:
        for edge in (*piece.edges, *piece.lines):
            found[edge.id] = edge.length
    found |= {name: chain.total for name, chain in draft.sums.items() if not name.startswith("finished.")}
    for piece in draft.pieces:
        found[f"{piece.id}.width"], found[f"{piece.id}.height"] = piece.cut_size
    return found


def told_numbers(draft: Draft) -> list[str]:
    """The numbers instructions usually give: cut sizes of what is cut, cut-outs and lengths, and what the sizes are read
    from."""
    told = [f"{p.id}.{side}" for p in draft.pieces if p.cuts for side in ("width", "height")]
    told += [name for name in draft.sums if not name.startswith("finished.") and ".cut_" not in name]
    how = reads(draft.form, draft.spec["options"])
    told += how.pairs.values()
    told += [name for names in how.also.values() for name in names if name in draft.sums]
    return list(dict.fromkeys(told))


def solve(
    draft: Callable[[Mapping[str, float]], Draft], pairs: Mapping[str, str], given: Numbers, start: Numbers
) -> dict[str, float]:
    """Sizes (mm) whose draft has the given numbers. Raises `SpecError` with what stands in the way when the numbers make
    nothing, `Unsolved` when they do not settle."""
    names = list(pairs)
    wanted = [given[pairs[name]] for name in names]

    def off(sizes: Sequence[float]) -> list[float]:
        got = numbers_of(draft(dict(zip(names, sizes, strict=True))))
        return [got[pairs[name]] - want for name, want in zip(names, wanted, strict=True)]

    at = [start[name] for name in names]
    now = off(at)
    for _ in range(_ROUNDS):
        if max((abs(v) for v in now), default=0.0) < _CLOSE:
            return dict(zip(names, at, strict=True))
        columns: list[list[float]] = []
        for i in range(len(names)):
            moved, step = _nudged(off, at, i)
            columns.append([(m - n) / step for m, n in zip(moved, now, strict=True)])
        change = _linear([[column[row] for column in columns] for row in range(len(names))], [-v for v in now])
        if change is None:
            break
        at, now = _stepped(off, at, now, change)
    if max(abs(v) for v in now) < 1e-4:
        return dict(zip(names, at, strict=True))
    raise Unsolved


class Unsolved(ValueError):
    """The numbers cannot be read together."""


def _nudged(off: Callable[[Sequence[float]], list[float]], at: Sequence[float], i: int) -> tuple[list[float], float]:
    for step in (_STEP, -_STEP, _STEP / 50, -_STEP / 50):
        tried = [v + step if k == i else v for k, v in enumerate(at)]
        try:
            return off(tried), step
        except SpecError:
            continue
    raise Unsolved


def _stepped(
    off: Callable[[Sequence[float]], list[float]], at: Sequence[float], now: Sequence[float], change: Sequence[float]
) -> tuple[list[float], list[float]]:
    """The whole step where it can be drafted and comes closer, else a shorter one."""
    share, stopped = 1.0, None
    before = sum(v * v for v in now)
    for _ in range(12):
        tried = [a + share * c for a, c in zip(at, change, strict=True)]
        try:
            found = off(tried)
        except SpecError as error:
            stopped = stopped or error
        else:
            if sum(v * v for v in found) < before:
                return tried, found
        share /= 2
    if stopped is not None:
        raise stopped
    raise Unsolved


def _linear(rows: list[list[float]], right: list[float]) -> list[float] | None:
    """Solves a small square system by elimination; None when it has no single solution."""
    size = len(right)
    table = [[*row, value] for row, value in zip(rows, right, strict=True)]
    for column in range(size):
        pivot = max(range(column, size), key=lambda r: abs(table[r][column]))
        if abs(table[pivot][column]) < 1e-9:
            return None
        table[column], table[pivot] = table[pivot], table[column]
        for row in range(size):
            if row != column:
                factor = table[row][column] / table[column][column]
                table[row] = [a - factor * b for a, b in zip(table[row], table[column], strict=True)]
    return [table[i][size] / table[i][i] for i in range(size)]
