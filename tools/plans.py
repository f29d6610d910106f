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
        found += [tasks_of(f"{form}.{nth}", draft, Pace(), another=nth > 0) for nth in range(count)]
    return found


def searched(chains: list[tuple[Task, ...]], first: list[Task], seconds: float) -> float:
    began, best = time.monotonic(), first
    for order in ever_better(chains, EVENINGS, first):
        best = order
        if time.monotonic() - began > seconds:
            break
    return cost(best, EVENINGS)[1]


def main() -> None:
    print("| made together | steps | changing, make by make | at once | after 10 s | after 60 s | 10 s to at once |")
    print("|---|---|---|---|---|---|---|")
    for name, forms in SETS:
        chains = chains_of(forms)
        alone = cost([task for chain in chains for task in chain], EVENINGS)[1]
        began = time.perf_counter()
        first = greedy(chains, EVENINGS)
        took = time.perf_counter() - began
        once = cost(first, EVENINGS)[1]
        ten, sixty = searched(chains, first, 10), searched(chains, first, 60)
        print(
            f"| {name} | {sum(map(len, chains))} | {alone:.0f} min | {once:.0f} min ({took * 1000:.0f} ms) | {ten:.0f} min "
            f"| {sixty:.0f} min | {ten / once:.2f} |",
            flush=True,
        )
