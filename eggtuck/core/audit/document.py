"""An audit as plain data, in the maker's language and unit."""

from __future__ import annotations

from collections.abc import Iterable
from typing import Final

from ..lengths import Ruler
from ..pattern.asked import SpecDoc
from ..pattern.document import length_document
from ..pattern.written import LengthDoc
from ..words import Speaker
from .audit import Audit
from .fitting import Fitting
from .written import AuditDoc, FitDoc

FORMAT: Final = "egg-tuck-audit"
VERSION: Final = 1


def audit_document(found: Audit) -> AuditDoc:
    """``missing`` is asked for before anything is judged; ``numbers`` keeps each given number and the right one; ``spec`` drafts the
    corrected make (None while there is none)."""
    cuts = found.cuts
    speaker = Speaker(cuts.spec.ruler, cuts.spec.language)
    ruler, say = cuts.spec.ruler, speaker.say

    def length(mm: float) -> LengthDoc:
        return length_document(mm, ruler)

    how = cuts.form.reads(cuts.spec.options)
    return {
        "format": FORMAT,
        "version": VERSION,
        "form": cuts.form.id,
        "missing": [{"field": field, "label": say(label)} for field, label in found.missing],
        "asked": [*(f"numbers.{number}" for number in how.pairs.values()), *(f"size.{name}" for name in how.asked)],
        "size": {name: length(mm) for name, mm in found.sizes.items()},
        "finished": {n: v for n, v in found.draft.finished.items() if v is not None} if found.draft else {},
        "numbers": [
            {
                "name": r.name,
                "label": say(r.label),
                "typed": r.typed,
                "given": length(r.given),
                "right": length(r.right),
                "difference": round(r.given - r.right, 6) + 0.0,
            }
            for r in found.readings
        ],
        "known": [{"name": name, "label": say(label)} for name, label in found.known],
        "findings": [
            {
                "id": f.id,
                "verdict": f.verdict,
                "title": say(f.title),
                "message": say(f.message),
                "name": f.name,
                "given": None if f.given is None else length(f.given),
                "right": None if f.right is None else length(f.right),
                "others": [{"name": name, "right": length(mm)} for name, mm in f.others],
            }
            for f in found.findings
        ],
        "fits": fits_document(found.fits, speaker),
        "spec": _spec(found, ruler) if found.draft else None,
    }


def fits_document(fits: Iterable[Fitting], speaker: Speaker) -> list[FitDoc]:
    """Fittings as plain data, each check with what would mend it."""
    say = speaker.say
    return [
        {
            "thing": fit.name,
            "verdict": fit.verdict,
            "checks": [
                {
                    "id": c.id,
                    "verdict": c.verdict,
                    "title": say(c.title),
                    "message": say(c.message),
                    "fix": None if c.fix is None else say(c.fix.label),
                }
                for c in fit.checks
            ],
        }
        for fit in fits
    ]


def _spec(found: Audit, ruler: Ruler) -> SpecDoc:
    """The spec whose draft is the corrected make, its sizes written so that they read back exactly."""
    spec = found.cuts.spec.understood.copy()
    counts = {item.field.removeprefix("size.") for item in found.cuts.form.inputs if item.of == "count"}
    told = {**found.cuts.spec.size, **found.sizes}
    spec["size"] = {name: f"{mm:g}" if name in counts else ruler.exact(mm) for name, mm in told.items()}
    return spec
