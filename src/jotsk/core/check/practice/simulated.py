"""A sheet drawn by the simulated hand, in three skills: what is measured on it is known beforehand."""

from __future__ import annotations

import math
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from jotsk.core.check.practice.figures import FADED, Figures, evenness, measured, wobble_rms
from jotsk.core.check.practice.sheets import Sheet, Task
from jotsk.core.geometry import arc_lengths
from jotsk.core.hand import Trace, trace_from
from jotsk.core.hand.simulated_pen import minimum_jerk, tremor
from jotsk.core.page.frames import MM_PER_INCH

RATE_HZ = 250.0
LEAST_PRESSURE = 0.1


@dataclass(frozen=True, slots=True)
class Skill:
    """RMS tremor across the line, how far a line bows off what is to be drawn, and how far its end misses the zone
    (mean, standard deviation), mm; the share of a line over which it fades; mm/s; how uneven hatching is, as a share of
    its spacing and of its weight; how far the weight is off, as a share."""

    tremor: float
    drift: float
    beyond: tuple[float, float]
    fade: float
    speed: float
    spacing: float
    weight: float


SKILLS = {
    "beginner": Skill(0.16, 0.9, (1.6, 1.2), 0.3, 45.0, 0.3, 0.2),
    "practised": Skill(0.07, 0.4, (0.6, 0.6), 0.15, 90.0, 0.15, 0.1),
    "expert": Skill(0.03, 0.15, (0.2, 0.3), 0.06, 140.0, 0.06, 0.04),
}


@dataclass(frozen=True, eq=False)
class Drawn:
    """A stroke of the simulated hand, for the task of a number, and what is true of it."""

    task: int
    trace: Trace
    truth: Figures
    place: float = 0.0  # across its hatching, px


def drawn_sheet(sheet: Sheet, skill: Skill, dpi: float, seed: int = 1) -> list[Drawn]:
    rng = np.random.default_rng(seed)
    found = []
    for number, task in enumerate(sheet.tasks):
        offs = np.zeros(1)
        if task.repeats > 1:
            offs = np.arange(task.repeats) * task.spacing + rng.normal(0, skill.spacing * task.spacing, task.repeats)
        for off in offs:
            found.append(_stroke(number, task, float(off), skill, dpi, rng))
    return found


def _stroke(number: int, task: Task, off: float, skill: Skill, dpi: float, rng: np.random.Generator) -> Drawn:
    px = dpi / MM_PER_INCH
    if task.kind == "dots":
        way = rng.normal(0, skill.drift * px / 2, 2)
        at = task.path[0] + way
        trace = trace_from([0.0, 0.02], [at[0], at[0]], [at[1], at[1]], [0.6, 0.6])
        return Drawn(number, trace, Figures(off=float(np.hypot(*way)) / px))
    beyond = 0.0 if task.is_closed or not task.zone else rng.normal(*skill.beyond) * px
    path, length = task.path, task.length
    share = minimum_jerk(np.linspace(0, 1, max(60, int((length + beyond) / px / skill.speed * RATE_HZ))))
    at = share * (length + beyond)
    along = arc_lengths(path)
    whole = np.vstack([path, path[-1] + (path[-1] - path[-2]) / np.hypot(*(path[-1] - path[-2])) * max(1.0, beyond)])
    far = np.append(along, along[-1] + max(1.0, beyond))
    line = np.column_stack([np.interp(at, far, whole[:, k]) for k in (0, 1)])
    normals = _normals(line)
    drift = rng.normal(0, skill.drift) * px * np.sin(np.pi * share) * (0.0 if task.is_closed else 1.0)
    shaken = tremor(len(at), RATE_HZ, skill.tremor * px, rng)
    across = drift + shaken
    t = np.arange(len(at)) / RATE_HZ
    xy = line + normals * (across + off)[:, None]
    force = _force(task, share, skill, rng)
    trace = trace_from(t, xy[:, 0], xy[:, 1], force)
    truth = Figures(
        off=float(np.sqrt((across**2).mean())) / px if task.repeats == 1 else float(across.std()) / px,
        wobble=wobble_rms(t, shaken) / px,
        beyond=beyond / px if task.zone and not task.is_closed else math.nan,
        fade=math.nan if task.widths is not None else FADED * skill.fade * (length + beyond) / px,
        speed=float(arc_lengths(xy)[-1]) / max(1e-6, t[-1]) / px,
    )
    return Drawn(number, trace, truth, off + float(across.mean()))


def _force(task: Task, share: NDArray[np.float64], skill: Skill, rng: np.random.Generator) -> NDArray[np.float64]:
    level = 0.7 * (1 + rng.normal(0, skill.weight))
    if task.widths is not None:
        wanted = np.interp(share, np.linspace(0, 1, len(task.widths)), task.widths / task.widths.max())
        return np.clip(wanted * (1 + rng.normal(0, skill.weight)), 0.02, 1.0)
    left = np.clip((1 - share) / skill.fade, LEAST_PRESSURE, 1.0)
    return np.clip(level * left, 0.02, 1.0)


def _normals(line: NDArray[np.float64]) -> NDArray[np.float64]:
    way = np.gradient(line, axis=0)
    size = np.hypot(*way.T)
    good = size > 1e-6
    way[~good] = way[good][0] if good.any() else (1.0, 0.0)
    way /= np.maximum(np.hypot(*way.T), 1e-9)[:, None]
    return np.column_stack([-way[:, 1], way[:, 0]])


def compared(sheet: Sheet, skill: Skill, dpi: float, seed: int = 1) -> dict[str, tuple[float, float]]:
    """What was simulated on a sheet, and what is measured on it: by the root of the mean square over all strokes, of
    speeds and fading the mean; of hatching how uneven it is."""
    strokes = drawn_sheet(sheet, skill, dpi, seed)
    found = [measured(sheet.tasks[each.task], each.trace, dpi) for each in strokes]
    out = {}
    for name in ("off", "wobble", "beyond", "fade", "speed"):
        pairs = np.array([(getattr(s.truth, name), getattr(f, name)) for s, f in zip(strokes, found, strict=True)])
        pairs = pairs[~np.isnan(pairs).any(axis=1)]
        if len(pairs):
            both = pairs.mean(axis=0) if name in ("fade", "speed") else np.sqrt((pairs**2).mean(axis=0))
            out[name] = (float(both[0]), float(both[1]))
    hatched = [number for number, task in enumerate(sheet.tasks) if task.repeats > 1]
    if hatched:
        pairs = np.array([_spacings(sheet.tasks[n], [s for s in strokes if s.task == n]) for n in hatched])
        out["spacing"] = (float(pairs[:, 0].mean()), float(pairs[:, 1].mean()))
    return out


def _spacings(task: Task, strokes: list[Drawn]) -> tuple[float, float]:
    """How uneven hatching was simulated, and is measured, per cent."""
    gaps = np.diff(np.sort([each.place for each in strokes]))
    simulated = 100 * float(gaps.std(ddof=1) / gaps.mean())
    return simulated, evenness(task, [each.trace for each in strokes])[0]
