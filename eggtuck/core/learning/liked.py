"""What a maker likes: the ease that went on well, and the differences that did no harm."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from statistics import median

from ..frozen import frozen
from ..record.facts import Facts
from ..shop import EASE_LEAST, EASE_STEP, ENOUGH_LIKED, LEARNS_FROM, TAPE
from .made import Made

_GIRTH = "girth"


@frozen
class Liked:
    """Of a form round a kind of thing: the ease that is proposed as a share of the girth, what of it is ``real`` when it is sewn as this maker sews,
    and what was proposed before."""

    form: str
    thing: str
    share: float
    real: float
    before: float
    makes: tuple[Made, ...]
    why: str


def real_share(made: Made, sews: float | None = None) -> float | None:
    """The ease a make really has, as a share of the girth of its thing: as drafted, less what the finished girth fell short; of one that was not
    measured what it falls short when its maker ``sews`` so wide (mm)."""
    facts = made.facts
    if facts.ease is None or not facts.thing_girth:
        return None
    measured, drafted = made.measured.get(_GIRTH), facts.finished.get(_GIRTH)
    if measured is not None and drafted is not None:
        off = measured[0] - drafted
    else:
        off = -_taken(facts, 0.0 if sews is None else sews, facts.moved)
    return (facts.ease + off) / facts.thing_girth


def _taken(facts: Facts, sews: float, moved: float) -> float:
    """What seams that are sewn wide take of the girth (mm)."""
    return 2 * facts.crossing * (sews - moved) if facts.crossing else 0.0


def liked_eases(makes: Sequence[Made], habits: dict[str, float], sews: float | None, moved: float) -> Iterator[Liked]:
    """An ease for every form and kind of thing of which enough makes were tried: the middle of those that went on well; where all went on tight, a
    little more than the widest of them; where all were loose, a little less than the closest. Nothing where that is what is begun with already.

    Args:
        makes: the latest first.
        habits: eases that are begun with already, by `ease_key`.
        sews: by how much this maker sews wide, where that is known (mm): what is drafted has to make up for it,
        moved: as far as guides are not moved in for it (mm).
    """
    if sews is None:
        sews = moved
    groups: dict[tuple[str, str], list[tuple[Made, float]]] = {}
    for made in makes:
        share = real_share(made, sews)
        if share is not None and made.goes is not None and made.facts.thing is not None:
            groups.setdefault((made.facts.form, made.facts.thing), []).append((made, share))
    for (form, thing), every in groups.items():
        last = every[: int(LEARNS_FROM)]
        facts = last[0][0].facts
        usual = None if facts.ease_usual is None or not facts.thing_girth else facts.ease_usual / facts.thing_girth
        before = habits.get(ease_key(form, thing), usual)
        if before is None:
            continue
        right = [share for made, share in last if made.goes == "right"]
        tight = [share for made, share in last if made.goes in ("not", "tight")]
        loose = [share for made, share in last if made.goes == "loose"]
        if len(right) >= ENOUGH_LIKED:
            real, why, kept = median(right), "right", [made for made, _ in last if made.goes == "right"]
        elif len(tight) >= ENOUGH_LIKED and not right and not loose:
            real, why, kept = max(tight) + EASE_STEP, "tight", [made for made, _ in last]
        elif len(loose) >= ENOUGH_LIKED and not right and not tight:
            real, why, kept = min(loose) - EASE_STEP, "loose", [made for made, _ in last]
        else:
            continue
        share = real + _taken(facts, sews, moved) / facts.thing_girth if facts.thing_girth else real
        if abs(share - before) >= EASE_LEAST:
            yield Liked(form, thing, share, real, before, tuple(kept), why)


def ease_key(form: str, thing: str) -> str:
    """What an ease is kept for."""
    return f"{form} {thing}"


@frozen
class Borne:
    """Of a size of a form: by how much (mm) it may be off without harm, and what held before."""

    form: str
    name: str
    within: float
    before: float
    makes: tuple[Made, ...]
    why: str


def borne_differences(makes: Sequence[Made], habits: dict[str, float]) -> Iterator[Borne]:
    """How far off a size may be: what at least two makes were off by without harm, from enough that were; less than the least that did harm, where
    two did. A tape can tell no less than `TAPE`."""
    groups: dict[tuple[str, str], list[tuple[Made, float, bool]]] = {}
    for made in makes:
        for name, (mm, fine) in made.measured.items():
            drafted = made.facts.finished.get(name)
            if fine is not None and drafted is not None:
                groups.setdefault((made.facts.form, name), []).append((made, abs(mm - drafted), fine))
    for (form, name), every in groups.items():
        last = every[: int(LEARNS_FROM)]
        before = habits.get(borne_key(form, name), float(TAPE))
        harmed = sorted(off for _, off, fine in last if not fine)
        stood = sorted((off for _, off, fine in last if fine and (not harmed or off < harmed[0])), reverse=True)
        if len(stood) >= ENOUGH_LIKED and stood[1] - before >= TAPE / 2:
            yield Borne(form, name, stood[1], before, tuple(made for made, _, fine in last if fine), "wider")
        elif len(harmed) >= 2 and harmed[0] <= before and before > TAPE:
            within = max(float(TAPE), stood[0] if stood else harmed[0] / 2)
            yield Borne(form, name, within, before, tuple(made for made, _, fine in last if not fine), "closer")


def borne_key(form: str, name: str) -> str:
    """What a difference is kept for."""
    return f"{form} {name}"
