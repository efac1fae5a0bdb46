"""What is measured on practice sheets, against what the simulated pen was told to draw; beside our wobble, the
band-pass of SciPy on the same lines."""

from __future__ import annotations

import time

import numpy as np
from scipy import signal

from jotsk.core.check.practice.figures import WOBBLE_HZ, WORDS, measured
from jotsk.core.check.practice.sheets import DPI, KINDS, sheet_of
from jotsk.core.check.practice.simulated import RATE_HZ, SKILLS, compared, drawn_sheet
from jotsk.core.page.frames import MM_PER_INCH

SEEDS = 5


def main() -> None:
    worst: dict[str, float] = {}
    for kind in KINDS:
        for skill in SKILLS.values():
            for seed in range(SEEDS):
                for name, (simulated, found) in compared(sheet_of(kind), skill, DPI, seed).items():
                    worst[name] = max(worst.get(name, 0.0), abs(found / simulated - 1) if simulated else 0.0)
    for name, share in worst.items():
        print(f"{WORDS[name][0]:18} at most {share:7.2%} off what was simulated [5 %]")
    sheet = sheet_of("lines", "large")
    strokes = drawn_sheet(sheet, SKILLS["beginner"], DPI)
    start = time.perf_counter()
    ours = [measured(sheet.tasks[each.task], each.trace, DPI).wobble for each in strokes]
    print(f"measuring a line    {(time.perf_counter() - start) / len(strokes) * 1e3:7.2f} ms")
    band = signal.butter(4, WOBBLE_HZ, "bandpass", fs=RATE_HZ, output="sos")
    theirs = []
    for each in strokes:
        path = sheet.tasks[each.task].path
        way = (path[-1] - path[0]) / np.hypot(*(path[-1] - path[0]))
        across = (each.trace.xy - path[0]) @ np.array([-way[1], way[0]])
        theirs.append(signal.sosfiltfilt(band, across).std() * MM_PER_INCH / DPI)
    print(f"wobble, mean        {np.mean(ours):.4f} mm; SciPy's band-pass {np.mean(theirs):.4f} mm")


if __name__ == "__main__":
    main()
