"""What stands behind the numbers, as it is written: sums, inputs, checks, and what is needed."""

from __future__ import annotations

from collections.abc import Collection, Mapping
from dataclasses import replace

from ...lengths import SumLine, shown_sums
from ...shop import VOLUME_STEP
from ...words import Speaker, msg
from ..chain import Chain
from ..draft import Check, Direction, InputState, Need
from ..solid import Span
from ..source import source_of, sum_label
from ..written import CheckDoc, FixDoc, InputDoc, LengthDoc, NeedDoc, SpanDoc, SumDoc, ToleranceDoc
from .numbers import rounded, rounded_all
from .said import Said, need_text


class Figures(Said):
    """Writes sums, inputs, checks and needs. ``assumed`` are the inputs nobody gave."""

    def __init__(self, speaker: Speaker, assumed: Collection[str] = ()) -> None:
        super().__init__(speaker)
        self.exactly = Speaker(replace(speaker.ruler, mark=0.0), speaker.language)
        self.assumed = assumed

    def check(self, check: Check) -> CheckDoc:
        fix: FixDoc | None = None
        if check.fix is not None:
            fix = {
                "label": self.say(check.fix.label),
                "set": {
                    name: self.speaker.ruler.exact(value) if isinstance(value, float) else value
                    for name, value in check.fix.changes.items()
                },
            }
        return {
            "id": check.id,
            "verdict": check.verdict,
            "stage": check.stage,
            "title": self.say(check.title),
            "message": self.say(check.message),
            "value": None if check.value is None else rounded(check.value),
            "limit": None if check.limit is None else rounded(check.limit),
            "fix": fix,
        }

    def chain(
        self, name: str, chain: Chain, fields: Collection[str], letters: Mapping[str, str], way: Direction | None = None
    ) -> SumDoc:
        ruler, label = self.speaker.ruler, sum_label(name)
        letter = letters.get(name.partition(".")[0])
        if letter is not None and "part" in label.params:
            # There may be several of a kind.
            label = msg("sum.lettered", sum=label, letter=letter)
        shown = shown_sums([SumLine(line.operation, line.amount, line.total) for line in chain.lines], ruler)
        sources = [source_of(line.label.id, name, fields) for line in chain.lines]
        return {
            "name": self.speaker.say(label),
            "tolerance": self.tolerance(way),
            "lines": [
                {
                    "operation": line.operation,
                    # What a line is made of is said as exactly as the line itself.
                    "label": self.exactly.say(line.label),
                    "amount": amount,
                    "total": total,
                    "field": source,
                    "assumed": source in self.assumed,
                }
                for line, (amount, total), source in zip(chain.lines, shown, sources, strict=True)
            ],
            "total": {"mm": rounded(chain.total), "text": f"{shown[-1][1]} {ruler.unit}"},
        }

    def tolerance(self, way: Direction | None) -> ToleranceDoc | None:
        if way is None:
            return None
        return {"short": self.say(msg(f"tolerance.{way}")), "why": self.say(msg(f"tolerance.{way}.why"))}

    def input(self, state: InputState) -> InputDoc:
        ruler = self.speaker.ruler
        step = {"count": 1.0, "volume": VOLUME_STEP}.get(state.of, ruler.step)

        def said(value: float) -> LengthDoc:
            if state.of == "volume":
                return {"mm": rounded(value), "text": self.speaker.volume(value)}
            return {"mm": rounded(value), "text": f"{value:g}"} if state.of == "count" else self.length(value)

        def stepped(way: int) -> str:
            on_mark = round(state.value / step) * step
            return str(said(min(max(on_mark + way * step, state.low), state.high))["text"])

        return {
            "field": state.field,
            "value": said(state.value),
            "typed": state.typed,
            "assumed": state.assumed,
            "proposed": None if state.proposed is None else said(state.proposed),
            "low": said(state.low),
            "high": said(state.high),
            "up": stepped(1),
            "down": stepped(-1),
            "tolerance": self.tolerance(state.tolerance),
            "usual": None if state.usual is None else [said(value) for value in state.usual],
            "instead": [{"field": field, "label": self.say(label)} for field, label in state.instead],
        }

    def need(self, need: Need) -> NeedDoc:
        return {
            "id": need.id,
            "role": need.role,
            "role_text": "" if need.width is None else self.say(msg(f"role.{need.role}")),
            "name": self.say(need.name),
            "exact": {"mm": rounded(need.exact), "text": need_text(need, need.exact, self.speaker)},
            "buy": {"mm": rounded(need.buy), "text": need_text(need, need.buy, self.speaker)},
            "count": need.count,
            "width": None if need.width is None else self.length(need.width),
            "note": self.said(need.note),
        }

    def span(self, span: Span) -> SpanDoc:
        return {
            "field": span.field,
            "name": self.say(sum_label(span.field)) if span.field.startswith("finished.") else None,
            "start": rounded_all(span.start),
            "end": rounded_all(span.end),
            "value": self.length(span.value),
        }
