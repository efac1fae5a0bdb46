"""What the simulated pen draws when it plays: lines of the keeper, over her sketch."""

from __future__ import annotations

import numpy as np

from jotsk.core.geometry import View, arc_lengths
from jotsk.core.hand import Trace
from jotsk.core.hand.simulated_pen import Device, Hand, drawn
from jotsk.demo.drafting import PROFILES, Line
from jotsk.demo.keeper import keeper

PX_PER_S = 900.0
SCREEN_HAND = Hand(tremor_px=0.5, pressure_noise=0.02)


def lines_to_play(count: int) -> list[Line]:
    """The longest inked lines of the keeper, from the top of the page down."""
    lines = [line for line in keeper() if not line.construction and line.drafted]
    longest = sorted(lines, key=lambda line: -arc_lengths(line.points)[-1])[:count]
    return sorted(longest, key=lambda line: float(line.points[:, 1].min()))


def traces_on_screen(
    view: View, ratio: float, device: Device, *, count: int = 36, rate_hz: float = 250.0
) -> list[Trace]:
    """Traces, in logical px of the board, that follow those lines as the view shows them."""
    traces = []
    m = view.matrix / ratio
    for seed, line in enumerate(lines_to_play(count)):
        path = line.points @ m[:, :2].T + m[:, 2]
        length_px = arc_lengths(line.points)[-1]
        traces.append(
            drawn(
                path, 0.15 + length_px / PX_PER_S, pressure=np.array(PROFILES[line.profile]), rate_hz=rate_hz,
                hand=SCREEN_HAND, device=device, seed=seed,
            )
        )  # fmt: skip
    return traces
