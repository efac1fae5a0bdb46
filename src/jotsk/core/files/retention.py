"""Which kept states may go when there are many: the older they are, the farther apart they need to be."""

from __future__ import annotations

from collections.abc import Sequence

from jotsk.core.files.store import State

# Age up to which states are kept this far apart, in seconds.
STEPS = ((3600.0, 0.0), (24 * 3600.0, 3600.0), (30 * 24 * 3600.0, 24 * 3600.0), (float("inf"), 7 * 24 * 3600.0))


def too_close(states: Sequence[State], now: float, kind: str) -> list[int]:
    """Return the ids of those states of `kind` that others stand for.

    All of the last hour stay, then one an hour for a day, one a day for 30 days, and one a week. In each span the
    oldest stays, so that thinning out again takes nothing more as time goes on within it.
    """
    gone: list[int] = []
    last = float("-inf")
    for state in sorted((s for s in states if s.kind == kind), key=lambda s: (s.at, s.id)):
        apart = next(apart for age, apart in STEPS if now - state.at <= age)
        if state.at - last < apart:
            gone.append(state.id)
        else:
            last = state.at
    return gone
