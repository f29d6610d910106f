"""A make at the maker's own machine."""

from __future__ import annotations

from typing import Any

from ...core.bench import Tool, equip, read_bench
from ...core.bench.tools import FEET, TOOLS
from ...core.forms import CATALOGUE
from ...core.lengths import Ruler
from ...core.pattern.asked import SpecDoc
from ...core.pattern.document import check_document, length_document
from ...core.pattern.drawn import frame_document
from ...core.showing.lessons import LESSONS
from ...core.words import Speaker
from ..bench_model import BenchShown, BenchTools, Lessons
from ..drafting import drafted
from ..language import asked_language
from .settings import current_settings
from .table import API


@API.operation("GET", "/api/bench/tools", "Every tool and foot that makes ask for", answer=BenchTools, who="sewing")
def list_tools() -> dict[str, Any]:
    speaker = Speaker(Ruler(), asked_language())
    every = [*(Tool(id, True, (), None) for id in FEET), *(Tool(id, False, (), None) for id in TOOLS)]
    return {"tools": [_tool(tool, speaker) for tool in every]}


@API.operation(
    "POST",
    "/api/bench",
    "What a make asks of the maker's machine and tools",
    body=SpecDoc,
    answer=BenchShown,
    who="sewing",
)
def show_bench(body: SpecDoc) -> dict[str, Any]:
    draft = drafted(body)
    habits = current_settings()
    bench = read_bench(habits["machine"], Ruler(habits["unit"], habits["decimal"]), habits["sews_wide"])
    asks = tuple(option.id for option in CATALOGUE[draft.form].options)
    found = equip(draft, bench, asks)
    speaker = Speaker(draft.ruler, draft.language)
    return {
        "tools": [_tool(tool, speaker) for tool in found.tools],
        "guides": [
            {"allowance": length_document(guide.allowance, draft.ruler), "text": speaker.say(guide.text)}
            for guide in found.guides
        ],
        "gauges": [{"step": one.step, "text": speaker.say(one.text)} for one in found.gauges],
        "checks": [check_document(check, speaker) for check in found.checks],
        "changes": [{"step": n, "text": speaker.say(text)} for n, text in found.changes],
        "symptoms": [
            {
                "id": symptom.id,
                "name": speaker.say(symptom.name),
                "causes": [speaker.say(cause) for cause in symptom.causes],
                "remedy": speaker.say(symptom.remedy),
                "step": symptom.step,
            }
            for symptom in found.symptoms
        ],
    }


@API.operation("GET", "/api/lessons", "Hand stitches, each in three drawings", answer=Lessons, who="sewing")
def list_lessons() -> dict[str, Any]:
    speaker = Speaker(Ruler(), asked_language())
    return {
        "lessons": [
            {
                "id": lesson.id,
                "name": speaker.say(lesson.name),
                "use": speaker.say(lesson.use),
                "frames": [frame_document(frame, speaker) for frame in lesson.frames],
            }
            for lesson in LESSONS
        ]
    }


def _tool(tool: Tool, speaker: Speaker) -> dict[str, Any]:
    return {
        "id": tool.id,
        "foot": tool.foot,
        "name": speaker.say(tool.name),
        "job": speaker.say(tool.job),
        "steps": list(tool.steps),
        "here": tool.here,
        "instead": speaker.say(tool.instead),
        "lost": speaker.say(tool.lost),
    }
