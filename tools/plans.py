"""How long batches take: make by make, as they are planned at once, and after a search. Prints a table for docs/benchmarks.md."""

from __future__ import annotations

import time

from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.learning.pace import Pace
from eggtuck.core.lengths import Ruler
from eggtuck.core.plan.batch import Evenings, Task, cost, ever_better, greedy, tasks_of

# What is made together, and how many of each.
SETS = (
    ("six boxed bags", {"boxed-bag": 6}),
    ("two each of three", {"boxed-bag": 2, "mug-bag": 2, "wedge": 2}),
    ("one of every form", dict.fromkeys(CATALOGUE, 1)),
    ("a market table", {"weight": 6, "boxed-bag": 4, "round-pouch": 4, "bookmark": 6}),
)
EVENINGS = Evenings(120.0, 1320.0)


def chains_of(forms: dict[str, int]) -> list[tuple[Task, ...]]:
    found = []
    for form, count in forms.items():
        draft = draft_spec(starting_spec(CATALOGUE[form], Ruler("cm"), None))
        found += [tasks_of(f"{form}.{nth}", draft, Pace(), f"{form}.0" if nth else "") for nth in range(count)]
    return found


def told(order: list[Task]) -> str:
    """When everything is done, evenings put end to end, and what of that is changing."""
    finish, changes = cost(order, EVENINGS)
    return f"{finish:.0f} ({changes:.0f})"


def searched(chains: list[tuple[Task, ...]], first: list[Task], seconds: float) -> list[Task]:
    began, best = time.monotonic(), first
    for order in ever_better(chains, EVENINGS, first):
        best = order
        if time.monotonic() - began > seconds:
            break
    return best


def main() -> None:
    print("| made together | steps | make by make | at once | after 10 s | after 60 s | 60 s to at once |")
    print("|---|---|---|---|---|---|---|")
    for name, forms in SETS:
        chains = chains_of(forms)
        alone = [task for chain in chains for task in chain]
        began = time.perf_counter()
        first = greedy(chains, EVENINGS)
        took = time.perf_counter() - began
        ten, sixty = searched(chains, first, 10), searched(chains, first, 60)
        share = cost(sixty, EVENINGS)[0] / cost(first, EVENINGS)[0]
        print(
            f"| {name} | {sum(map(len, chains))} | {told(alone)} | {told(first)}, {took * 1000:.0f} ms | {told(ten)} "
            f"| {told(sixty)} | {share:.3f} |",
            flush=True,
        )
