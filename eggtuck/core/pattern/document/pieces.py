"""Pieces as they are written: their edges, cuts and marks."""

from __future__ import annotations

from ..draft import Draft
from ..piece import Cut, Edge, Mark, Piece
from ..written import CutDoc, EdgeDoc, MarkDoc, PieceDoc
from .numbers import closed_points, open_points, rounded, rounded_all
from .said import Said, cut_message

# Which seam or hem each copy of an edge is in, by piece and name.
SewnIn = dict[tuple[str, str], dict[str, str]]


class Pieces(Said):
    """Writes pieces."""

    def piece(self, piece: Piece, sewn: SewnIn, d: Draft) -> PieceDoc:
        width, height = piece.cut_size
        return {
            "id": piece.id,
            "letter": piece.letter,
            "copies": list(piece.copies),
            "name": self.say(piece.name),
            "cuts": [self.cut(piece, c) for c in piece.cuts],
            "cut_size": {"width": rounded(width), "height": rounded(height)},
            "told": {"width": self.length(width), "height": self.length(height)},
            "box": rounded_all(piece.cut_box),
            "stitch_outline": closed_points(piece.stitch_outline),
            "cut_outline": closed_points(piece.cut_outline),
            "edges": [self.edge(edge, sewn.get((edge.piece, edge.key), {})) for edge in (*piece.edges, *piece.lines)],
            "marks": [self.mark(mark, d.notch_numbers.get((piece.id, i))) for i, mark in enumerate(piece.marks)],
            "folds": [
                {"id": fold.id, "label": self.say(fold.name), "path": open_points([fold.line])} for fold in piece.folds
            ],
        }

    def cut(self, piece: Piece, cut: Cut) -> CutDoc:
        width, height = piece.size_for(cut)
        smaller = cut.net or cut.inset != 0 or cut.part is not None
        return {
            "role": cut.role,
            "count": cut.count,
            "on_fold": cut.on_fold,
            "mirrored": cut.mirrored,
            "inset": rounded(cut.inset),
            "net": cut.net,
            "nth": cut.nth,
            "on": cut.on,
            "rule": cut.rule,
            "text": self.say(cut_message(piece, cut)),
            "size": {"width": self.length(width), "height": self.length(height)},
            "outline": closed_points(piece.outline_for(cut)) if smaller else None,
        }

    def edge(self, edge: Edge, sewn: dict[str, str]) -> EdgeDoc:
        return {
            "id": edge.id,
            "name": self.say(edge.name),
            "length": rounded(edge.length),
            "told": self.length(edge.length),
            "allowance": rounded(edge.allowance),
            "seam": next(iter(sewn.values()), None),
            "copies": [{"panel": copy, "seam": seam} for copy, seam in sewn.items()],
            "internal": edge.internal,
            "path": open_points(edge.path),
        }

    def mark(self, mark: Mark, number: int | None) -> MarkDoc:
        return {
            "kind": mark.kind,
            # Notches that meet in a seam have one number.
            "number": number,
            "label": self.say(mark.label),
            "datum": self.said(mark.datum),
            "role": mark.role,
            "path": open_points(mark.path),
            "point": None if mark.point is None else [rounded(mark.point[0]), rounded(mark.point[1])],
        }
