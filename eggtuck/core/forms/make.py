"""A draft being put together: what every form does alike, so that a form reads like a recipe."""

from __future__ import annotations

import math
from collections.abc import Iterable, Mapping, Sequence

from ..assembly import Sequence as Order
from ..checks.cautions import caution_checks
from ..checks.cutting import outline_checks
from ..checks.seams import allowance_checks, seam_checks
from ..fit.ease import usual_ease
from ..lay.needs import cloth_needs, thread_need
from ..pattern import (
    Chain,
    Check,
    Cut,
    Draft,
    Edge,
    EdgeUse,
    Facet,
    Fix,
    Gap,
    Hem,
    InputState,
    Mark,
    Need,
    Piece,
    Problem,
    Role,
    Seam,
    Solid,
    Span,
    SpecError,
)
from ..pattern.piece import Fold
from ..plane import OffsetError
from ..wording import msg
from .description import LengthInput
from .spec import ALLOWANCE_LIMITS, Spec


def given_or(given: float | None, proposed: Chain | None) -> Chain:
    """A size as the maker gave it, else the chain that proposes it."""
    if given is not None:
        return Chain.start(msg("sum.given"), given)
    assert proposed is not None
    return proposed


def need_sizes(spec: Spec, *names: str) -> None:
    """Without a thing to measure them from, these sizes must be given. Raises `SpecError`."""
    missing = [
        Problem(f"size.{name}", msg("problem.size-missing", label=msg(f"input.size.{name}")))
        for name in names
        if name not in spec.size
    ]
    if missing and spec.thing is None:
        raise SpecError(missing)


def wrap_girth(spec: Spec, inside: float) -> Chain | None:
    """``C + e + 2 pi t``: the girth of a wrap round the spec's thing, with ``inside`` mm of layers."""
    if spec.thing is None:
        return None
    return (
        Chain.start(msg("sum.object-girth"), spec.thing.girth)
        .plus_some(msg("sum.ease"), ease_of(spec))
        .plus_some(msg("sum.turn-of-cloth", thickness=inside), 2 * math.pi * inside)
    )


def ease_of(spec: Spec) -> float:
    """The girth ease asked for, else the usual one for the thing (mm)."""
    assert spec.thing is not None
    return spec.ease.get("girth", usual_ease(spec.thing.girth, spec.grid.step or spec.ruler.step))


def input_state(
    spec: Spec,
    item: LengthInput,
    value: float,
    proposed: float | None,
    low: float | None = None,
    high: float | None = None,
) -> InputState:
    """The state of one described input; limits not given are the description's."""
    low, high = (item.low if low is None else low), (item.high if high is None else high)
    return InputState(item.field, value, proposed, low, high, item.direction, spec.typed.get(item.field))


def allowance_states(spec: Spec, keys: Sequence[str]) -> list[InputState]:
    """The states of the default allowance and of each kind of edge."""
    default = spec.seam_allowance("default")
    return [
        InputState(f, spec.seam_allowance(key), default, *ALLOWANCE_LIMITS, "either-way", spec.typed.get(f))
        for key in ("default", *keys)
        for f in [f"allowance.{key}"]
    ]


class Make:
    """Collects pieces, seams, sums and sentences of one make, and gives the draft.

    ``allowances`` are the keys the form's edges carry; ``inputs`` its description's.
    """

    def __init__(self, spec: Spec, inputs: Sequence[LengthInput], allowances: Sequence[str]) -> None:
        self.spec = spec
        self.allowances = tuple(allowances)
        self.described = {item.field: item for item in inputs}
        self.finished: dict[str, float | None] = {}
        self.sums: dict[str, Chain] = {}
        self.pieces: list[Piece] = []
        self.seams: list[Seam] = []
        self.hems: list[Hem] = []
        self.gaps: list[Gap] = []
        self.checks: list[Check] = []
        self.needs: list[Need] = []
        self.facets: list[Facet] = []
        self.spans: list[Span] = []
        self.states: list[InputState] = list(spec.thing.inputs(spec.typed)) if spec.thing else []
        self.order = Order()

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

    def piece(
        self,
        id: str,
        letter: str,
        edges: Iterable[Edge],
        cuts: Sequence[Cut],
        marks: Sequence[Mark] = (),
        folds: Sequence[Fold] = (),
    ) -> Piece:
        """A piece whose outlines can be made. Raises `SpecError` when an allowance swallows an edge."""
        made = Piece(id, letter, msg(f"piece.{id}"), tuple(edges), tuple(cuts), (), tuple(marks), tuple(folds))
        try:
            for cut in made.cuts:
                made.outline_for(cut)
        except OffsetError as error:
            raise SpecError.of("allowance.default", msg("problem.allowance-swallows")) from error
        self.pieces.append(made)
        return made

    def seam(
        self,
        id: str,
        a: Sequence[EdgeUse],
        b: Sequence[EdgeUse],
        allowance: float,
        layers: tuple[Role, ...],
        wording: str | None = None,
    ) -> Seam:
        """A seam between edges of pieces already made."""
        seam = Seam(
            id, msg(f"seam.{wording or id}"), tuple(a), tuple(b), self._length(a), self._length(b), allowance, layers
        )
        self.seams.append(seam)
        return seam

    def hem(self, id: str, edges: Sequence[EdgeUse], depth: float) -> None:
        self.hems.append(Hem(id, msg(f"seam.{id}"), tuple(edges), depth))

    def _length(self, uses: Iterable[EdgeUse]) -> float:
        edges = {id: edge for piece in self.pieces for id, edge in piece.by_id.items()}
        return sum(edges[use.edge].length for use in uses)

    def draft(
        self,
        girth: float,
        ribbon: bool = False,
        fixes: Mapping[str, Fix] | None = None,
        blocking: frozenset[str] = frozenset(),
    ) -> Draft:
        """The draft, with the checks every form carries; ``girth`` is what is topstitched round the
        top (mm); a seam in ``blocking`` that cannot be eased stops the cutting."""
        spec = self.spec
        self.states += allowance_states(spec, self.allowances)
        checks = [*(spec.thing.checks() if spec.thing else []), *self.checks]
        checks += seam_checks(self.seams, spec.stack.ease_in, fixes or {}, blocking)
        checks += allowance_checks(self.seams, self.pieces)
        checks += outline_checks(self.pieces)
        checks += caution_checks(spec.thing, ribbon)
        needs = [*cloth_needs(self.pieces, spec.stack, spec.ruler), *self.needs]
        needs.append(thread_need(self.seams, self.hems, girth))
        return Draft(
            form=spec.form,
            spec=spec.understood,
            ruler=spec.ruler,
            language=spec.language,
            finished=self.finished,
            pieces=tuple(sorted(self.pieces, key=lambda piece: piece.letter)),
            seams=tuple(self.seams),
            hems=tuple(self.hems),
            gaps=tuple(self.gaps),
            checks=tuple(checks),
            steps=tuple(self.order.steps),
            needs=tuple(needs),
            solid=Solid(tuple(self.facets), tuple(self.spans)),
            sums=self.sums,
            inputs=tuple(self.states),
            object=spec.thing.view() if spec.thing else None,
        )
