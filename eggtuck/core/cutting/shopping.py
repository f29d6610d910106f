"""What to buy for one make or several, less what the pile has, as it is sold; what it costs."""

from __future__ import annotations

import math
from collections.abc import Iterable, Iterator, Mapping, Sequence
from dataclasses import dataclass, field, replace

from ..frozen import frozen
from ..lengths import Grid, Ruler
from ..pattern import Need
from ..shop import CLOTH_MARGIN, CLOTH_SOLD, EIGHTH_YARD, GRAMS_SOLD, QUARTER_YARD, SPOOL, THREAD_MORE
from ..words import Message, Percent, msg
from .laying import Layout
from .notions import Told, is_unmeasured, kind_of, notion_key, notion_kind, size_in, size_of, told_by
from .table import NEW, Cloth, Make, Piled, fat_quarter


@frozen
class Stocked:
    """A notion on the pile: how much is ``left`` of what (mm, pieces or g), and what a mm, a piece or a g of it cost."""

    id: str
    name: str
    what: str
    left: float
    price: float | None = None


@frozen
class Priced:
    """What something costs, a metre, a yard or a piece of it, and how much of it (mm or pieces) is sold together."""

    price: float | None = None
    pack: float | None = None


@frozen
class Scoop:
    """Something of the house that filling is measured with, and what it holds (ml)."""

    name: str
    millilitres: float


@frozen
class SumPart:
    """A line of what is bought: what is added, and how much there is then (mm, or pieces)."""

    label: Message
    amount: float


@frozen
class Buying:
    """One row of the list: ``exact`` is what the makes take, ``have`` what of it lies on the pile, ``buy`` what is bought (mm, or pieces where it is
    ``counted``; fat quarters and packs are told in ``packs``). ``takes`` tells from what on the pile how much is taken; ``left`` what is left of
    what is bought; ``cost`` of all that is bought, ``used`` the worth of what the makes take of it."""

    id: str
    what: str
    role: str
    name: Message
    exact: float
    have: float
    buy: float
    told: Told
    size: float | None = None
    width: float | None = None
    notes: tuple[Message, ...] = ()
    sums: tuple[SumPart, ...] = ()
    packs: int | None = None
    pack: float | None = None
    quarter: tuple[float, float] | None = None
    takes: Mapping[str, float] = field(default_factory=dict)
    makes: tuple[str, ...] = ()
    # Of a notion, which share of it each make takes.
    shares: Mapping[str, float] = field(default_factory=dict)
    left: float = 0.0
    price: float | None = None
    cost: float | None = None
    used: float | None = None


def shopping(
    makes: Sequence[Make],
    laid: Sequence[tuple[Cloth, Layout]],
    pile: Mapping[str, Piled],
    stocked: Sequence[Stocked],
    priced: Mapping[str, Priced],
    ruler: Ruler,
    scoops: Sequence[Scoop] = (),
) -> Iterator[Buying]:
    """Cloth by cloth, then notion by notion."""
    for cloth, layout in laid:
        yield _cloth(cloth, layout, makes, pile, priced, ruler)
    yield from _notions(makes, stocked, priced, ruler, scoops)


def _cloth(
    cloth: Cloth,
    layout: Layout,
    makes: Sequence[Make],
    pile: Mapping[str, Piled],
    priced: Mapping[str, Priced],
    ruler: Ruler,
) -> Buying:
    named = {make.key: make.name for make in makes}
    there = list(dict.fromkeys(named[one.make.rsplit(".", 1)[0]] for one in cloth.task.cutouts))
    takes = {
        ground.id: layout.length(cloth.task, ground.id)
        for ground in cloth.task.grounds
        if ground.id in pile and layout.length(cloth.task, ground.id) > 0
    }
    new = [g for g in cloth.task.grounds if g.id not in pile and layout.length(cloth.task, g.id) > 0]
    row = Buying(
        id=f"cloth {cloth.key}",
        what=cloth.what,
        role=cloth.role,
        name=cloth.material,
        exact=0.0,
        have=0.0,
        buy=0.0,
        told="length",
        width=cloth.width,
        takes=takes,
        makes=tuple(there),
    )
    price = priced.get(cloth.what, Priced())
    worth = sum((pile[id].price or 0.0) * mm / ruler_price(ruler) for id, mm in takes.items())
    if cloth.wish.sold == "fat-quarter":
        count = len(new)
        across, along = fat_quarter(ruler)
        cost = None if price.price is None else price.price * count
        return replace(
            row,
            exact=float(count),
            buy=float(count),
            told="count",
            quarter=(across, along),
            price=price.price,
            cost=cost,
            used=None if cost is None and not worth else (cost or 0.0) + worth,
        )
    exact = layout.length(cloth.task, NEW)
    parts = list(_bought(exact, cloth, ruler)) if exact else []
    buy = parts[-1].amount if parts else 0.0
    cost = None if price.price is None else price.price * buy / ruler_price(ruler)
    used = None if price.price is None and not worth else (price.price or 0.0) * exact / ruler_price(ruler) + worth
    return replace(
        row,
        exact=exact,
        have=sum(takes.values()),
        buy=buy,
        sums=tuple(parts),
        left=max(0.0, buy * (1 - cloth.shrink) - exact),
        price=price.price,
        cost=cost,
        used=used,
    )


def _bought(exact: float, cloth: Cloth, ruler: Ruler) -> Iterator[SumPart]:
    """From what the pieces take to what is bought, each thing that makes it more a line of its own."""
    yield SumPart(msg("shopping.pieces-take"), exact)
    length = exact * (1 + CLOTH_MARGIN)
    yield SumPart(msg("shopping.squaring", share=Percent(CLOTH_MARGIN)), length)
    if cloth.task.repeat.up:
        length += cloth.task.repeat.up
        yield SumPart(msg("shopping.repeat"), length)
    if cloth.shrink:
        length /= 1 - cloth.shrink
        yield SumPart(msg("shopping.shrinks", share=Percent(cloth.shrink)), length)
    sold = Grid(EIGHTH_YARD if ruler.unit == "in" else CLOTH_SOLD)
    yield SumPart(msg("shopping.sold", step=ruler.sold(float(sold.step))), sold.round(length, "up"))


def ruler_price(ruler: Ruler) -> float:
    """For how much (mm) a price of something sold by length stands: a metre, or a yard."""
    return 36 * 25.4 if ruler.unit == "in" else 1000.0


@dataclass(slots=True)
class Wanted:
    """What makes want of a notion: mm, pieces or g of it, by make."""

    role: str
    name: Message
    told: Told
    size: float | None
    notes: tuple[Message, ...]
    amount: float = 0.0
    makes: dict[str, None] = field(default_factory=dict)
    each: dict[str, float] = field(default_factory=dict)
    # What is cut to fit may be longer than what is bought, but no shorter than this (mm).
    least: float | None = None


def _notions(
    makes: Sequence[Make],
    stocked: Sequence[Stocked],
    priced: Mapping[str, Priced],
    ruler: Ruler,
    scoops: Sequence[Scoop],
) -> Iterator[Buying]:
    wanted: dict[str, Wanted] = {}
    for make in makes:
        for key, one, each in _wants(make, scoops):
            kept = wanted.setdefault(key, one)
            kept.amount += each * make.count
            # What one zip must be another of its length need not: both are told.
            kept.notes += tuple(note for note in one.notes if note not in kept.notes)
            kept.makes[make.name] = None
            kept.each[make.key] = kept.each.get(make.key, 0.0) + each * make.count
            kept.least = None if kept.least is None or one.least is None else max(kept.least, one.least)
    taken = from_pile(wanted, stocked)
    for key, one in wanted.items():
        # A price told before a width was asked stands for all of its kind.
        price = priced.get(key) or priced.get(notion_kind(key)) or Priced()
        yield _notion(key, one, taken[key], stocked, price, ruler)


def from_pile(wanted: Mapping[str, Wanted], stocked: Sequence[Stocked]) -> dict[str, dict[str, float]]:
    """How much of what on the pile each takes: of the very thing first; then of what is longer the shortest that will do, for the shortest
    first, so that as few as can be are bought; last of what nobody has told the width of. Nothing is taken twice."""
    left = {piled.id: piled.left for piled in stocked}
    taken: dict[str, dict[str, float]] = {key: {} for key in wanted}

    def take(key: str, lying: Iterable[Stocked]) -> None:
        for piled in lying:
            amount = min(wanted[key].amount - sum(taken[key].values()), left[piled.id])
            if amount > 0:
                taken[key][piled.id] = amount
                left[piled.id] -= amount

    for key in wanted:
        take(key, [piled for piled in stocked if piled.what == key])
    sized = {piled.id: size_in(piled.what) or 0.0 for piled in stocked}
    longest = sorted(stocked, key=lambda piled: sized[piled.id])
    for least, key in sorted((one.least, key) for key, one in wanted.items() if one.least is not None):
        kind = notion_kind(key)
        take(key, [one for one in longest if notion_kind(one.what) == kind and sized[one.id] >= least - 1e-6])
    for key in wanted:
        take(key, [one for one in stocked if is_unmeasured(one.what) and one.what == notion_kind(key)])
    return taken


def _wants(make: Make, scoops: Sequence[Scoop]) -> Iterator[tuple[str, Wanted, float]]:
    """What one make needs besides cloth, and how much of it."""
    for need in make.draft.needs:
        if need.width is not None:
            continue
        if need.grams is not None:
            yield _filling(make, need, scoops)
            continue
        told, size = told_by(need), size_of(need)
        each = need.exact if told == "length" else float(need.count or 1)
        yield (
            notion_key(need.role, size),
            Wanted(
                need.role,
                need.name,
                told,
                size,
                (need.note,) if need.note else (),
                least=need.exact if need.longer else None,
            ),
            each,
        )


def _filling(make: Make, need: Need, scoops: Sequence[Scoop]) -> tuple[str, Wanted, float]:
    """By what it is; measured with something of the house where that is known."""
    volume = make.draft.finished.get("fill_volume") or 0.0
    # The one that needs the fewest without being larger than what goes in.
    scoop = max((one for one in scoops if one.millilitres <= volume), key=lambda one: one.millilitres, default=None)
    note = msg("shopping.filling", millilitres=round(volume))
    if scoop is not None:
        count = round(volume / scoop.millilitres)
        note = msg(
            "shopping.scoops", count=count, thing=scoop.name, millilitres=round(scoop.millilitres), volume=round(volume)
        )
    notes = (note, *(check.message for check in make.draft.checks if check.id == "caution.filling"))
    return (kind_of(need), Wanted("filling", need.name, "grams", None, notes), need.grams or 0.0)


def _notion(
    key: str, one: Wanted, takes: Mapping[str, float], stocked: Sequence[Stocked], price: Priced, ruler: Ruler
) -> Buying:
    lacks = max(0.0, one.amount - sum(takes.values()))
    longer = {size_in(piled.what): None for piled in stocked if piled.id in takes and piled.what != key}
    notes = [*one.notes, *(msg("shopping.longer", size=size) for size in longer if size is not None)]
    if None in longer:
        notes.append(msg("shopping.unmeasured"))
    parts = [SumPart(msg("shopping.makes-take"), one.amount)]
    if takes:
        parts.append(SumPart(msg("shopping.from-pile"), lacks))
    packs, buy = None, lacks
    if lacks > 0 and one.role == "thread":
        buy = lacks * THREAD_MORE
        parts.append(SumPart(msg("shopping.thread-more"), buy))
    if lacks > 0 and price.pack:
        packs = math.ceil(buy / price.pack - 1e-9)
        buy = packs * price.pack
        parts.append(SumPart(msg("shopping.in-packs", count=packs), buy))
    elif lacks > 0 and one.told == "length":
        step = SPOOL if one.role == "thread" else QUARTER_YARD if ruler.unit == "in" else CLOTH_SOLD
        buy = Grid(step).round(buy, "up")
        parts.append(SumPart(msg("shopping.sold", step=ruler.sold(float(step))), buy))
    elif lacks > 0 and one.told == "grams":
        buy = math.ceil(buy / GRAMS_SOLD) * GRAMS_SOLD
    per = price.pack or (ruler_price(ruler) if one.told == "length" else GRAMS_SOLD if one.told == "grams" else 1.0)
    worth = sum((piled.price or 0.0) * takes[piled.id] for piled in stocked if piled.id in takes)
    return Buying(
        id=f"notion {key}",
        what=key,
        role=one.role,
        name=one.name,
        exact=one.amount,
        have=sum(takes.values()),
        buy=buy,
        told=one.told,
        size=one.size,
        notes=tuple(notes),
        sums=tuple(parts) if len(parts) > 1 else (),
        packs=packs,
        pack=price.pack,
        takes=takes,
        makes=tuple(one.makes),
        shares={key: each / one.amount for key, each in one.each.items()} if one.amount else {},
        left=max(0.0, buy - lacks),
        price=price.price,
        cost=None if price.price is None else price.price * buy / per,
        used=None if price.price is None and not worth else (price.price or 0.0) * lacks / per + worth,
    )
