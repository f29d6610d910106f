"""What lies on the cutting table: the cloths of one make or several, with everything that is cut from each."""

from __future__ import annotations

import hashlib
from collections.abc import Iterable, Iterator, Mapping, Sequence
from dataclasses import dataclass, field, replace
from typing import Literal

from ..frozen import frozen
from ..lay.laying import plain_rows
from ..lengths import Ruler
from ..pattern import Draft, Role
from ..pattern.lay import Lay
from ..plane import Point
from ..shop import FAT_ACROSS, FAT_ACROSS_INCH, FAT_ALONG, FAT_ALONG_INCH, SELVEDGE
from ..words import Message
from .cutout import Cutout, cutouts_of
from .faults import faults_of
from .ground import Ground, Spot
from .laying import Layout, Repeat, Task, lay_out

Sold = Literal["length", "fat-quarter"]
First = Literal["least", "small", "large"]
# What nothing lies on: where a spot is kept for something that found no place.
NOWHERE = ""
# Cloth off the roll; fat quarters are numbered after it.
NEW = "new"
# So many fat quarters are bought at most.
_MOST_QUARTERS = 40


@frozen
class Make:
    """A make that is cut here, so often: what it is called by, its name and its draft. Of the first of them the pieces that are ``ready`` were made
    ahead: they are not cut."""

    key: str
    name: str
    count: int
    draft: Draft
    ready: frozenset[str] = frozenset()

    def laid(self, nth: int) -> Iterator[Lay]:
        """The cloths that the ``nth`` of them is cut from, with what is cut of it."""
        for lay in self.draft.lays:
            if nth > 0 or not self.ready:
                yield lay
            elif left := tuple(one for one in lay.laid if one.piece not in self.ready):
                yield replace(lay, laid=left, rows=min(lay.rows, plain_rows(left, lay.usable)))


@frozen
class Piled:
    """A cloth on the pile: ``width`` from selvedge to selvedge, ``length`` left of it (mm). A scrap has an ``outline`` with ``holes``."""

    id: str
    name: str
    what: str
    width: float
    length: float
    outline: tuple[Point, ...] | None = None
    holes: tuple[tuple[Point, ...], ...] = ()
    directional: bool = False
    washed: bool = False
    price: float | None = None
    # The share of its length it still loses in its first wash: it is washed before it is cut.
    loses: float = 0.0

    @property
    def there(self) -> float:
        """How much of its length there is to cut from (mm)."""
        return self.length * (1 - self.loses)

    @property
    def ground(self) -> Ground:
        """What can be cut from."""
        if self.outline is not None:
            return Ground(self.id, self.width, self.length, self.outline, self.holes)
        return Ground(self.id, max(0.0, self.width - 2 * SELVEDGE), self.there)


@frozen
class Wish:
    """How a maker wants a cloth laid: on what of the pile, before any is bought; folded lengthwise; with pieces ``across`` the grain (None: as
    the make says); ``gap`` mm between two; matched to a ``repeat``; from the same cloth ``as_`` another; how it is sold; which of the pile is
    used up first: so that the least is bought, small scraps, or one cloth as far as it goes."""

    on: tuple[str, ...] = ()
    fold: bool = False
    across: bool | None = None
    gap: float = 0.0
    repeat: Repeat = field(default_factory=Repeat)
    as_: str | None = None
    sold: Sold = "length"
    first: First = "least"
    buy: bool = True


@frozen
class Cloth:
    """One cloth on the table: everything that is cut from it, for which roles, and what plain rows would take (mm)."""

    key: str
    role: Role
    nth: int
    material: Message
    what: str
    width: float
    directional: bool
    shrink: float
    metal: bool
    grain: bool
    stretches: bool
    wish: Wish
    task: Task
    rows: float
    also: tuple[str, ...] = ()

    @property
    def usable(self) -> float:
        """Between the selvedges, of a folded cloth from the fold to them (mm)."""
        return self.task.grounds[-1].width if self.task.grounds else 0.0


@dataclass(slots=True)
class _Gathered:
    lay: Lay
    parts: list[tuple[Draft, Lay, str]] = field(default_factory=list)
    rows: float = 0.0


def cloth_key(lay: Lay) -> str:
    """What is cut from one cloth: the same role, material, width and way up."""
    return f"{lay.role}:{lay.cloth}:{lay.width:g}:{'up' if lay.directional else 'plain'}"


def cloths_of(
    makes: Iterable[Make], wishes: Mapping[str, Wish], pile: Mapping[str, Piled], ruler: Ruler
) -> Iterator[Cloth]:
    """The cloths everything is cut from, in the order of the makes' layers. What is wished to be cut from the same cloth as another is laid with it."""
    gathered: dict[str, _Gathered] = {}
    for make in makes:
        for nth in range(make.count):
            for lay in make.laid(nth):
                one = gathered.setdefault(cloth_key(lay), _Gathered(lay))
                one.parts.append((make.draft, lay, f"{make.key}.{nth}"))
                one.rows += lay.rows
    hosts = {key: _host(key, wishes, gathered) for key in gathered}
    for key, one in gathered.items():
        if hosts[key] != key:
            continue
        guests = [other for other, host in hosts.items() if host == key and other != key]
        yield _cloth(key, one, [gathered[guest] for guest in guests], guests, wishes.get(key, Wish()), pile, ruler)


def _host(key: str, wishes: Mapping[str, Wish], gathered: Mapping[str, object]) -> str:
    """Which cloth one is cut from: its own, unless it is wished to be that of another that is cut from its own."""
    wanted = wishes.get(key, Wish()).as_
    if wanted in (None, key) or wanted not in gathered or wishes.get(str(wanted), Wish()).as_ is not None:
        return key
    return str(wanted)


def _cloth(
    key: str,
    one: _Gathered,
    guests: Sequence[_Gathered],
    also: Sequence[str],
    wish: Wish,
    pile: Mapping[str, Piled],
    ruler: Ruler,
) -> Cloth:
    lay = one.lay
    every = [part for each in (one, *guests) for part in each.parts]
    chosen = [pile[id] for id in wish.on if id in pile]
    # A print that goes one way does so on whatever is cut from it.
    upright = any(part.directional for _, part, _ in every) or any(piled.directional for piled in chosen)
    shaped = any(piled.outline is not None for piled in chosen)
    folded = wish.fold and not shaped and wish.sold == "length"
    # Copies of one make, however often it is cut, are alike, but for what of one of them is made already.
    alike: dict[tuple[int, Role, int, int], list[tuple[Draft, Lay, str]]] = {}
    for draft, part, make in every:
        alike.setdefault((id(draft), part.role, part.nth, len(part.laid)), []).append((draft, part, make))
    half = lay.width / 2 - SELVEDGE if folded else None
    # What has no threads lies as it fits.
    grain = any(part.grain for _, part, _ in every)
    # What stretches does so across its width: no piece of it lies across, whoever wishes it.
    stretches = any(part.stretches for _, part, _ in every)
    wished = wish.across if wish.across is not None else not grain or any(part.turned for _, part, _ in every)
    across = wished and not stretches
    cutouts = tuple(
        replace(cutout, upright=upright)
        for group in alike.values()
        for cutout in cutouts_of(group[0][0], group[0][1], [make for _, _, make in group], half, across)
    )
    grounds = [*_from_pile(chosen, wish, folded), *(_new(lay, wish, folded, ruler, cutouts) if wish.buy else ())]
    task = Task(cutouts, tuple(grounds), wish.gap, wish.repeat, across and not upright, wish.first == "least")
    return Cloth(
        key,
        lay.role,
        lay.nth,
        lay.material,
        lay.cloth,
        lay.width,
        upright,
        lay.shrink,
        lay.metal,
        grain,
        stretches,
        replace(wish, fold=folded),
        task,
        one.rows + sum(guest.rows for guest in guests),
        tuple(also),
    )


def _from_pile(chosen: Sequence[Piled], wish: Wish, folded: bool) -> Iterator[Ground]:
    order = sorted(chosen, key=lambda piled: piled.ground.area, reverse=wish.first == "large")
    for piled in order:
        if piled.length <= 0:
            continue
        ground = piled.ground
        yield replace(ground, width=max(0.0, piled.width / 2 - SELVEDGE)) if folded else ground


def _new(lay: Lay, wish: Wish, folded: bool, ruler: Ruler, cutouts: Sequence[Cutout]) -> Iterator[Ground]:
    if wish.sold == "length":
        yield Ground(NEW, lay.width / 2 - SELVEDGE if folded else lay.usable, bought=True)
        return
    across, along = fat_quarter(ruler)
    # Only one of its sides is a selvedge.
    for nth in range(min(_MOST_QUARTERS, len(cutouts))):
        yield Ground(f"{NEW}.{nth + 1}", across - SELVEDGE, along, bought=True)


def fat_quarter(ruler: Ruler) -> tuple[float, float]:
    """How wide and long a fat quarter is where it is measured with this ruler (mm)."""
    return (FAT_ACROSS_INCH, FAT_ALONG_INCH) if ruler.unit == "in" else (FAT_ACROSS, FAT_ALONG)


def asked_of(cloth: Cloth) -> str:
    """What a layout answers, in short: other outlines, wishes or grounds are another. How much is left of a ground is not part of it: what still
    lies rightly there stays."""
    task = cloth.task
    asked = (
        [(one.id, one.outline, one.upright, one.through, one.on_fold) for one in task.cutouts],
        [(ground.id, round(ground.width, 3), ground.outline, ground.holes) for ground in task.grounds],
        (task.gap, task.repeat, task.across, task.either_way),
    )
    return hashlib.sha256(repr(asked).encode()).hexdigest()[:24]


def laid(cloth: Cloth, kept: Sequence[Spot], same: bool = True) -> tuple[Layout, bool]:
    """How a cloth lies: as it was kept, where that was for the ``same`` (`asked_of`) and still does, or laid anew round what is still pinned rightly;
    and whether it was laid anew."""
    by_id, grounds = cloth.task.by_id, cloth.task.ground_ids
    there = [spot for spot in kept if spot.cutout in by_id and spot.ground in grounds]
    nowhere = {spot.cutout for spot in kept if spot.ground == NOWHERE and spot.cutout in by_id}
    whole = len(there) + len(nowhere) == len(by_id) == len({spot.cutout for spot in there} | nowhere)
    if same and whole and not any(faults_of(there, by_id, grounds, cloth.task.gap)):
        return Layout(tuple(there), tuple(nowhere)), False
    pinned: list[Spot] = []
    for spot in there:
        if spot.pinned and not any(faults_of([*pinned, spot], by_id, grounds, cloth.task.gap)):
            pinned.append(spot)
    return lay_out(cloth.task, pinned), True


def with_nowhere(layout: Layout) -> tuple[Spot, ...]:
    """Every spot to keep, of what found no place too."""
    return (*layout.spots, *(Spot(id, NOWHERE, 0.0, 0.0) for id in layout.left))


def uses_of(cloth: Cloth, layout: Layout, pile: Mapping[str, Piled]) -> dict[str, float]:
    """How much of what lies on the pile a layout takes: of a roll a length, of a scrap all of it (mm)."""
    found = {}
    for ground in cloth.task.grounds:
        if ground.id in pile:
            length = layout.length(cloth.task, ground.id)
            piled = pile[ground.id]
            if length > 0:
                # It is told as it lies on the pile, unwashed or not.
                found[ground.id] = length / (1 - piled.loses) if ground.outline is None else piled.length
    return found
