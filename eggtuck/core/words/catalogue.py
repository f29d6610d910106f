"""The sentences of one language: Fluent files, read when the first of them is said."""

from __future__ import annotations

from collections.abc import Callable, Iterator, Mapping, Sequence
from functools import partial
from importlib.resources.abc import Traversable
from threading import RLock

from fluent.runtime import FluentBundle, resolver
from fluent.runtime.types import FluentType
from fluent.syntax import FluentParser
from fluent.syntax import ast as ftl

# The package lets no blank be longer than it thinks a sentence is; a list of two dozen places is, and what goes in is our own.
resolver.MAX_PART_LENGTH = 100_000
# Counts up to here are written alike in every language, without a mark for thousands.
_SMALL = 1000
# What is said in full, by the ends of their ids.
_IN_FULL = (".text", ".why", ".check")
# So many sentences that choose their words are remembered as they were said.
_MOST = 4096


class Blank(FluentType):
    """What fills a blank of a sentence: shown as ``text``. Where a message fills it a selection chooses by its ``id``."""

    __slots__ = ("id", "text")

    def __init__(self, text: str, id: str | None = None) -> None:
        self.text, self.id = text, id

    def __eq__(self, other: object) -> bool:
        return self.id is not None and self.id.replace(".", "-") == other

    def __format__(self, _: str) -> str:
        return self.text

    def format(self, locale: object) -> str:
        return self.text


Filled = Mapping[str, Blank | str | int]


class Catalogue:
    """The sentences of ``language``. What the program calls ``step.cut.why`` is the attribute ``.why`` of the message ``step-cut``; where
    that has none it is the message ``step-cut-why``. ``change`` is done to every file that is read, ``finish`` to every sentence whose
    blanks are filled, ``listed`` to what is to stand in a list."""

    def __init__(
        self,
        language: str,
        change: Callable[[ftl.Resource], None] | None = None,
        finish: Callable[[str], str] | None = None,
        listed: Callable[[Sequence[str]], list[str]] = list,
    ) -> None:
        self.language = language
        self._finish, self._listed = finish, listed
        self._sentences: dict[str, ftl.Pattern] = {}
        self._messages: dict[str, ftl.Message] = {}
        self._change = change
        self._unread: list[Traversable] = []
        self._kept: dict[str, Callable[[Filled], str]] = {}
        self._selected: dict[tuple[object, ...], str] = {}
        self._blanks: dict[str, frozenset[str]] = {}
        self._reading = RLock()
        self._bundle: FluentBundle | None = None

    def read(self) -> None:
        """Reads what was learnt, which else waits for the first sentence. Raises as `learn`."""
        with self._reading:
            bundle = self._bundle or FluentBundle([self.language], use_isolating=False)
            while self._unread:
                self._add(bundle, self._unread.pop(0))
            self._bundle = bundle

    def learn(self, file: Traversable) -> None:
        """Adds a file. Raises ValueError, at once or when the catalogue is first asked, for a sentence that is there already and
        says something else, and for what is not Fluent."""
        with self._reading:
            self._unread.append(file)
            if self._bundle is not None:
                self.read()

    def __contains__(self, id: str) -> bool:
        return self._place(id) is not None

    @property
    def sentences(self) -> dict[str, ftl.Pattern]:
        """What can be said, by how Fluent calls it: ``step-cut``, ``step-cut.why``."""
        if self._bundle is None:
            self.read()
        return self._sentences

    def __iter__(self) -> Iterator[str]:
        return iter(self.sentences)

    def pattern(self, id: str) -> ftl.Pattern:
        """How a sentence is written. Raises KeyError for one that is not there."""
        place = self._place(id)
        if place is None:
            raise KeyError(id)
        return self.sentences[place]

    def blanks(self, id: str) -> frozenset[str]:
        """What the blanks of a sentence are called, in any of its choices. Raises KeyError for one that is not there."""
        try:
            return self._blanks[id]
        except KeyError:
            found = self._blanks[id] = frozenset(_variables(self.pattern(id)))
            return found

    def say(self, id: str, blanks: Filled) -> str:
        """The sentence with its blanks filled. Raises KeyError for one that is not there and for a blank that nothing fills."""
        said = self._filled(id, blanks)
        if self._finish is not None:
            said = self._finish(said)
        # What is said in full begins with a capital, whatever fills its first blank.
        return said[:1].upper() + said[1:] if id.endswith(_IN_FULL) else said

    def join(self, items: Sequence[str]) -> str:
        """Several as one list, to fill a blank."""
        if len(items) < 2:
            return "".join(items)
        *before, last = self._listed(items)
        return self._filled("list.and", {"before": ", ".join(before), "last": last})

    def _filled(self, id: str, blanks: Filled) -> str:
        try:
            said = self._kept[id]
        except KeyError:
            said = self._kept[id] = self._prepared(self.pattern(id), id)
        return said(blanks)

    def _place(self, id: str) -> str | None:
        head, _, last = id.rpartition(".")
        places = (f"{head.replace('.', '-')}.{last}", id.replace(".", "-"))
        return next((place for place in places if place in self.sentences), None)

    def _add(self, bundle: FluentBundle, file: Traversable) -> None:
        resource = FluentParser(with_spans=False).parse(file.read_text("utf-8"))
        if self._change is not None:
            self._change(resource)
        for entry in resource.body:
            if isinstance(entry, ftl.Junk):
                raise ValueError(f"{file}: this is not Fluent: {entry.content}")
            if not isinstance(entry, ftl.Message):
                continue
            name = entry.id.name
            # A message stands whole in one place; forms that share one say the same.
            if not self._messages.setdefault(name, entry).equals(entry, ignored_fields=["span", "comment"]):
                raise ValueError(f"{file}: {name} is said twice")
            if entry.value is not None:
                self._sentences[name] = entry.value
            self._sentences.update({f"{name}.{attribute.id.name}": attribute.value for attribute in entry.attributes})
        bundle.add_resource(resource, allow_overrides=True)

    def _prepared(self, pattern: ftl.Pattern, id: str) -> Callable[[Filled], str]:
        # A sentence without selections is put together here: the same words as Fluent's own, in a fraction of the time.
        parts: list[str] = []
        for element in pattern.elements:
            if isinstance(element, ftl.TextElement):
                parts.append(element.value.replace("{", "{{").replace("}", "}}"))
            elif isinstance(element.expression, ftl.VariableReference):
                parts.append(f"{{{element.expression.id.name}}}")
            else:
                return partial(self._chosen, id)
        written = "".join(parts)
        if len(parts) == 1 and "{" not in written:
            return lambda _: written
        return written.format_map

    def _chosen(self, id: str, blanks: Filled) -> str:
        # The same things are counted and named again and again, and choosing takes its time.
        key = (id, *((n, (b.text, b.id) if isinstance(b, Blank) else b) for n, b in blanks.items()))
        said = self._selected.get(key)
        if said is None:
            if len(self._selected) >= _MOST:
                self._selected.clear()
            said = self._selected[key] = self._select(id, blanks)
        return said

    def _select(self, id: str, blanks: Filled) -> str:
        place = self._place(id) or id
        name, _, attribute = place.partition(".")
        assert self._bundle is not None
        message = self._bundle.get_message(name)
        pattern = message.attributes.get(attribute, message.value)
        assert pattern is not None
        # Fluent counts; what is only shown is not to be cut short or written in thousands by it.
        counts = {n: b for n, b in blanks.items() if isinstance(b, int) and abs(b) < _SMALL}
        given = {n: b if isinstance(b, Blank) else Blank(str(b), str(b)) for n, b in blanks.items()} | counts
        said, errors = self._bundle.format_pattern(pattern, given)
        if errors:
            raise KeyError(f"{id}: {errors[0]}")
        return str(said)


def _variables(node: object) -> Iterator[str]:
    """The names of all blanks below a node of a sentence."""
    if isinstance(node, ftl.VariableReference):
        yield node.id.name
    elif isinstance(node, ftl.BaseNode):
        for part in vars(node).values():
            yield from _variables(part)
    elif isinstance(node, list):
        for part in node:
            yield from _variables(part)
