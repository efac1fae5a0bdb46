"""What several tests need."""

from __future__ import annotations

import numpy as np
import pytest
from hypothesis import settings
from numpy.typing import NDArray

from jotsk.core.hand import Trace, trace_from
from jotsk.core.hand.simulated_pen import Device, Hand, drawn
from jotsk.core.ink import pen_by_id
from jotsk.core.marks import Stroke

settings.register_profile("ours", deadline=None)  # no test is timed
settings.load_profile("ours")

# The hand the steadying figures are stated for: 1.5 px of tremor, 200 Hz, quarter-pixel steps.
SHAKY = Hand(tremor_px=1.5)
QUARTER = Device("quarter", grid_px=0.25, jitter_px=0.0, levels=2048)


def circle_path(radius: float, at: tuple[float, float] = (250.0, 250.0)) -> NDArray[np.float64]:
    a = np.linspace(0, 2 * np.pi, 2000)
    return np.column_stack([at[0] + radius * np.cos(a), at[1] + radius * np.sin(a)])


def line_path(*ends: tuple[float, float]) -> NDArray[np.float64]:
    return np.array(ends, np.float64)


def shaky(path: NDArray[np.float64], duration_s: float, seed: int, rate_hz: float = 200.0) -> Trace:
    return drawn(path, duration_s, rate_hz=rate_hz, hand=SHAKY, device=QUARTER, seed=seed)


def stroke_along(
    points: list[tuple[float, float]], *, pen: str = "plain-round", size: float = 10.0, after: float = 0.0,
    pressure: float = 1.0, color: tuple[int, int, int] = (0, 0, 0),
) -> Stroke:  # fmt: skip
    xy = np.array(points, np.float64)
    trace = trace_from(np.arange(len(xy)) * 0.05, xy[:, 0], xy[:, 1], pressure)
    return Stroke(trace, pen_by_id(pen), size, color, 0.0, after)


@pytest.fixture(autouse=True)
def own_folders(tmp_path, monkeypatch):
    """No test touches the settings, the state or the cache of the person who runs it."""
    for name in ("XDG_STATE_HOME", "XDG_CACHE_HOME", "XDG_CONFIG_HOME", "XDG_DATA_HOME"):
        monkeypatch.setenv(name, str(tmp_path / name.lower()))
