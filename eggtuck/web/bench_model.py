"""What stands on the bench: tools, guides and lessons."""

from __future__ import annotations

from ..core.pattern.drawn import FrameDoc
from ..core.pattern.written import CheckDoc, LengthDoc
from .models import Given


class BenchTool(Given):
    """A tool or foot that a make asks for: by which steps, and whether it is there; null where nobody told."""

    id: str
    foot: bool
    name: str
    job: str
    steps: list[int]
    here: bool | None
    instead: str
    lost: str


class BenchGuide(Given):
    allowance: LengthDoc
    text: str


class BenchChange(Given):
    step: int
    text: str


class LessonInfo(Given):
    """A hand stitch in drawings, one after the other."""

    id: str
    name: str
    use: str
    frames: list[FrameDoc]


class Lessons(Given):
    lessons: list[LessonInfo]


class BenchSymptom(Given):
    """What may go wrong: its likely causes, what mends it, and the number of the step to go back to."""

    id: str
    name: str
    causes: list[str]
    remedy: str
    step: int


class BenchGauge(Given):
    """What a length of a step is by the maker's own hand."""

    step: int
    text: str


class BenchShown(Given):
    """What a make asks of the maker's machine and tools."""

    tools: list[BenchTool]
    guides: list[BenchGuide]
    gauges: list[BenchGauge]
    checks: list[CheckDoc]
    changes: list[BenchChange]
    symptoms: list[BenchSymptom]


class BenchTools(Given):
    """Every tool and foot there is."""

    tools: list[BenchTool]
