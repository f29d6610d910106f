"""What the maker gives and what is proposed: the sizes of a make, each with its sum and the state of its input."""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence
from dataclasses import replace

from ...lengths import RoundingWay
from ...pattern import Chain, Fix, InputState, SpecError
from ...pattern.draft import Direction
from ...plane import OffsetError
from ...words import Message, Param, msg
from ..asking import input_state
from ..description import LengthInput, Option
from ..spec import Spec

_WAYS: Mapping[str, RoundingWay] = {"at-least": "up", "at-most": "down"}
_OTHER_WAY: Mapping[RoundingWay, RoundingWay] = {"up": "down", "down": "up"}


def _said(label: str) -> str:
    """What the number in a button's label is called."""
    return {
        "ease": "ease",
        "ease-width": "ease",
        "ease-height": "ease",
        "gap": "gap",
        "channel": "channel",
        "flap": "flap",
        "opening": "opening",
        "regular": "height",
        "side-allowance": "allowance",
        "base-depth": "depth",
        "base-diameter": "diameter",
        "girth": "girth",
        "base-girth": "girth",
        "rim-girth": "girth",
        "neck-girth": "girth",
        "binding": "length",
        "elastic": "length",
        "wider": "width",
        "cord-width": "width",
        "elastic-width": "width",
        "zip-length": "length",
        "tie": "tie",
        "raise-wall": "wall",
        "mat-width": "width",
        "free-ends": "free",
        "mat-height": "height",
        "pocket-height": "height",
    }[label]


class Sizes:
    """The finished sizes, the sums they come from and the inputs they were asked by.

    ``inputs`` are the form's description's, ``allowances`` the keys its edges carry.
    """

    def __init__(
        self, spec: Spec, inputs: Sequence[LengthInput], allowances: Sequence[str], options: Sequence[Option] = ()
    ) -> None:
        self.spec = spec
        self.offered = {option.id: option.choices for option in options}
        self.allowances = tuple(allowances)
        # Whether anything is sewn that is of none of these kinds.
        self.else_sewn = False
        self.described = {item.field: item for item in inputs}
        self.finished: dict[str, float | None] = {}
        self.sums: dict[str, Chain] = {}
        self.states: list[InputState] = list(spec.thing.inputs(spec.typed)) if spec.thing else []
        # What became of given sizes on the ruler.
        self.made: dict[str, float] = {}

    def ask(
        self,
        name: str,
        proposed: Chain | float | None = None,
        *,
        low: float | None = None,
        high: float | None = None,
        added: float | None = None,
        share: float = 1.0,
        finished: bool = True,
        way: RoundingWay | None = None,
    ) -> float:
        """A size as the maker gave it, else as proposed, within ``low`` and ``high`` (mm).

        With ``added`` it is moved so that what is cut, ``share * size + added``, lies on the maker's ruler: up
        for sizes that are at least, down for those at most, else to the nearest mark, or the ``way`` told. Raises `SpecError`.
        """
        item = self.described[f"size.{name}"]
        given = self.spec.size.get(name)
        if isinstance(proposed, (int, float)) and item.of == "length":
            proposed = self.spec.ruler.usual(proposed)
        start = Chain.start(msg("sum.usual"), proposed) if isinstance(proposed, (int, float)) else proposed
        if given is None and start is None:
            raise SpecError.of(item.field, msg("problem.size-missing", label=item.label))
        chain = start if given is None else Chain.start(msg("sum.given"), given)
        assert chain is not None
        least, most = (item.low if low is None else low), (item.high if high is None else high)
        if not least - 1e-9 <= chain.total <= most + 1e-9:
            told: dict[str, Param] = {"label": item.label, "value": chain.total, "low": least, "high": most}
            key = "problem.range-here" if most > least else "problem.no-room"
            raise SpecError.of(item.field, msg(key, **told))
        if added is not None:
            asked = chain.total
            chain = self.on_ruler(chain, added, share, way or _WAYS.get(item.direction, "nearest"))
            if given is not None:
                self.made[name] = chain.total
            if not least - 1e-9 <= chain.total <= most + 1e-9:
                chain = Chain.start(msg("sum.given"), asked)
        if finished:
            self.size(name, chain)
        self.input(item.field, chain.total, start.total if start else None, low, high)
        return chain.total

    def on_ruler(self, chain: Chain, added: float, share: float = 1.0, way: RoundingWay = "nearest") -> Chain:
        """The size whose cut, ``share * size + added``, lies on the maker's ruler."""
        cut = share * chain.total + added
        if share < 0:
            way = _OTHER_WAY.get(way, way)
        made = self.spec.grid.round(cut, way)
        # Nothing that is cut is rounded away.
        gain = ((made if made > 0 or cut <= 0 else self.spec.grid.round(cut, "up")) - cut) / share
        if abs(chain.total + gain) < 1e-9:
            # Nothing is nothing: an arc of next to no radius has no middle.
            gain = -chain.total
        return chain if abs(gain) < 1e-9 else chain.plus(msg("sum.rounding-gain"), gain)

    def fit_cut(self, name: str, value: float, cut: Callable[[float], float]) -> float:
        """A size whose ``cut`` (mm) on a slanted or stepped outline follows no plain sum, moved until what is cut lies on the ruler.
        The size is left where it cannot."""
        start, now, slope = value, value, 1.0
        try:
            made = cut(now)
            for _ in range(24):
                off = self.spec.grid.round(made) - made
                if abs(off) < 1e-7:
                    break
                # Along the secant: what is cut grows by no plain share of the size.
                step = off / slope
                before, made = made, cut(now + step)
                now += step
                slope = min(4.0, max(0.25, (made - before) / step))
            else:
                return start
        except OffsetError:
            return start
        self.moved(name, start, now)
        return now

    def moved(self, name: str, before: float, after: float) -> None:
        """A size that was asked already and went on to a mark of the ruler: its sum, its input and what is told of it follow."""
        if abs(after - before) <= 1e-9:
            return
        self.size(name, self.sums[f"finished.{name}"].plus(msg("sum.rounding-gain"), after - before))
        self.settled(name, after)
        at = next(i for i, state in enumerate(self.states) if state.field == f"size.{name}")
        self.states[at] = replace(self.states[at], value=after)

    def settled(self, name: str, value: float) -> None:
        """What became of a size on the ruler, so that a given one that changed is told."""
        if name in self.spec.size:
            self.made[name] = value

    def size(self, name: str, chain: Chain | float) -> float:
        """A finished size; as a chain it can be opened."""
        if isinstance(chain, Chain):
            self.sums[f"finished.{name}"] = chain
            chain = chain.total
        self.finished[name] = chain
        return chain

    def input(
        self, field: str, value: float, proposed: float | None, low: float | None = None, high: float | None = None
    ) -> None:
        """The state of a length the maker may give."""
        self.states.append(input_state(self.spec, self.described[field], value, proposed, low, high))

    def follow(self, field: str, more: float, *told: str) -> None:
        """An input that is not in force where the maker told any of these sizes: it comes to so much ``more`` (mm) than was asked or is
        usual, and is asked again when they are let go of."""
        instead = tuple((name, self.described[name].label) for name in told if name in self.spec.typed)
        if instead:
            at = next(i for i, state in enumerate(self.states) if state.field == field)
            state = self.states[at]
            self.states[at] = replace(state, value=state.value + more, typed=None, instead=instead)

    @property
    def tolerances(self) -> Mapping[str, Direction]:
        """Which way each finished size may be off when it is made, by its name."""
        asked = ((name.partition(".")[2], item.tolerance) for name, item in self.described.items())
        return {name: tolerance for name, tolerance in asked if tolerance is not None and name in self.finished}

    def choices(self, name: str) -> tuple[str, ...]:
        """What can be chosen for an option of this form."""
        return self.offered.get(name, ())

    def lacks(self, *kinds: str) -> None:
        """No edge of this make is of these kinds: how wide they would be is not asked, and makes no difference."""
        self.allowances = tuple(key for key in self.allowances if key not in kinds)

    def allowance(self, key: str, lining: bool = False) -> float:
        self.else_sewn |= key == "default"
        return self.spec.seam_allowance(key, lining)

    def fix(self, label: str, field: str, mm: float, way: RoundingWay = "nearest", **also: float) -> Fix:
        """A button that sets one length, on a mark of the maker's ruler; its label tells the same number."""
        value = self.spec.on_mark(mm, way)
        name = _said(label)
        return Fix(msg(f"fix.{label}", **{name: value}), {field: value, **also})

    def label_of(self, size: str) -> Message:
        """What the form itself calls a size."""
        return self.described[f"size.{size}"].label
