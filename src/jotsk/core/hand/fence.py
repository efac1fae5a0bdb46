"""A hand's motion kept near the page: seen whole at 1 %, a page is a stamp, and a stroke beside it is a million px."""

from __future__ import annotations

from jotsk.core.geometry import Rect
from jotsk.core.hand.trace import Sample


class Fence:
    """Holds samples inside `area`, page px. Inside it nothing changes.

    A motion that leaves goes on along the border, so that what comes back does so where the hand does: it is cut where
    it crosses the border (Liang and Barsky 1984), and each place beyond becomes the nearest one inside.
    """

    def __init__(self, area: Rect) -> None:
        self._low = float(area.x0), float(area.y0)
        self._high = float(area.x1), float(area.y1)
        self._last: Sample | None = None

    @classmethod
    def around(cls, page: Rect) -> Fence:
        """As far from the page on every side as it is wide and high."""
        w, h = page.width, page.height
        return cls(Rect(page.x0 - w, page.y0 - h, page.x1 + w, page.y1 + h))

    def held(self, sample: Sample) -> list[Sample]:
        """The sample, or what stands for it, after the places where the way to it crosses the border."""
        last, self._last = self._last, sample
        is_in = self._holds(sample)
        if is_in and (last is None or self._holds(last)):
            return [sample]
        crossings = self._crossings(last, sample) if last is not None else []
        return [*crossings, sample if is_in else self._nearest(sample)]

    def _holds(self, s: Sample) -> bool:
        return self._low[0] <= s.x <= self._high[0] and self._low[1] <= s.y <= self._high[1]

    def _nearest(self, s: Sample) -> Sample:
        x = min(self._high[0], max(self._low[0], s.x))
        return s._replace(x=x, y=min(self._high[1], max(self._low[1], s.y)))

    def _crossings(self, a: Sample, b: Sample) -> list[Sample]:
        """Where the way from a to b enters and leaves the area."""
        first, last = 0.0, 1.0
        for start, step, low, high in (
            (a.x, b.x - a.x, self._low[0], self._high[0]), (a.y, b.y - a.y, self._low[1], self._high[1]),
        ):  # fmt: skip
            if step == 0.0:
                if not low <= start <= high:
                    return []
                continue
            near, far = sorted(((low - start) / step, (high - start) / step))
            first, last = max(first, near), min(last, far)
        if first >= last:
            return []
        return [
            self._nearest(Sample(*(p + share * (q - p) for p, q in zip(a, b, strict=True))))
            for share in (first, last)
            if 0.0 < share < 1.0
        ]
