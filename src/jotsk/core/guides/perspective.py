"""Perspective on the drawing: vanishing points from the sketch, rows at equal depth, circles that lie in a plane.

A plane in perspective is a projective image of a square grid, so straight lines stay straight and the cross-ratio
(A, B; C, D) = (AC / BC) / (AD / BD) of four points on a line is that of the real ones.
"""

from __future__ import annotations

import math
from collections.abc import Iterable

import numpy as np
from numpy.typing import ArrayLike, NDArray

from jotsk.core.errors import Refused
from jotsk.core.guides.rails import Ellipse, Point, degrees_of
from jotsk.core.words import tr

CONE_DEG = 60.0  # common practice: what lies outside looks stretched
MOST_POSTS = 100
NO_PLANE = tr("These four corners do not span a plane; move one off the line of the others.")
BEHIND = tr("This circle reaches behind the eye, where it is no ellipse; make the square smaller.")
PARALLEL = tr("These lines are parallel on the page, so they have no vanishing point; use the parallel rule.")


def meeting_point(a: tuple[Point, Point], b: tuple[Point, Point]) -> Point:
    """Where two lines, each through two points, meet: the vanishing point of edges that are parallel in reality.

    Raises Refused for lines that are parallel on the page, or for one through one point only.
    """
    one, two = (np.cross((*p, 1.0), (*q, 1.0)) for p, q in (a, b))
    for line, (p, q) in ((one, a), (two, b)):
        if math.dist(p, q) < 1e-9:
            raise Refused(tr("A line needs two points that are apart; both lie at {x:.0f}, {y:.0f}.", x=p[0], y=p[1]))
        line /= math.hypot(line[0], line[1])
    x, y, w = np.cross(one, two)
    if abs(w) < 1e-9:
        raise Refused(
            tr("These two lines are parallel on the page, so they have no vanishing point; use the parallel rule.")
        )
    return float(x / w), float(y / w)


def focal_length(v1: Point, v2: Point, center: Point) -> float | None:
    """How far the eye is from the picture, px, if the two are of directions at right angles: (v1 - c)(v2 - c) = -f^2.

    None where no eye sees them so: the middle of the picture is not between them.
    """
    product = (v1[0] - center[0]) * (v2[0] - center[0]) + (v1[1] - center[1]) * (v2[1] - center[1])
    return math.sqrt(-product) if product < 0 else None


def nearest_on_horizon(v1: Point, v2: Point, at: Point) -> Point:
    """The place of the horizon that lies nearest to a point: what the eye looks at straight ahead."""
    along = np.array(v2) - v1
    length = float(along @ along)
    if length < 1e-12:
        return v1
    t = float((np.array(at) - v1) @ along) / length
    return v1[0] + t * float(along[0]), v1[1] + t * float(along[1])


def outside_cone(points: ArrayLike, v1: Point, v2: Point, center: Point) -> NDArray[np.bool_]:
    """Which of (N, 2) points an eye sees more than 30 degrees from straight ahead."""
    radius = cone_radius(v1, v2, center)
    xy = np.asarray(points, np.float64)
    if radius is None:
        return np.ones(len(xy), np.bool_)
    return np.hypot(*(xy - center).T) > radius


def cone_radius(v1: Point, v2: Point, center: Point) -> float | None:
    """How far from straight ahead an eye sees 30 degrees aside, px; None where the points have no answer."""
    f = focal_length(v1, v2, center)
    return None if f is None else f * math.tan(math.radians(CONE_DEG / 2))


def row(first: Point, second: Point, vanishing: Point, count: int) -> list[Point]:
    """Where `count` more posts stand, as far apart in reality as the first two, on the line to `vanishing`.

    With t the share of the way from the first post to the vanishing point, what is n steps away lies at
    t(n) = n t1 / (1 + (n - 1) t1), t1 that of the second: the projective scale with t(0) = 0, t(1) = t1, t(inf) = 1.
    """
    if not 1 <= count <= MOST_POSTS:
        raise Refused(tr("A row has 1 to {most_posts} more posts, not {count}.", most_posts=MOST_POSTS, count=count))
    return _at_depths(
        first, second, vanishing, range(2, count + 2),
        tr("The first post stands on the vanishing point; a row needs one that is nearer."),
        tr("The second post must stand between the first and the vanishing point, or on the near side."),
    )  # fmt: skip


def divided(first: Point, last: Point, vanishing: Point, parts: int) -> list[Point]:
    """The places that divide the way from `first` to `last` into equal parts in depth, those two not among them."""
    if not 2 <= parts <= MOST_POSTS:
        raise Refused(
            tr("A length is divided into 2 to {most_posts} parts, not {parts}.", most_posts=MOST_POSTS, parts=parts)
        )
    return _at_depths(
        first, last, vanishing, [k / parts for k in range(1, parts)],
        tr("What is to be divided begins at its vanishing point."),
        tr("What is to be divided must end before its vanishing point."),
    )  # fmt: skip


def _at_depths(
    first: Point, one: Point, vanishing: Point, depths: Iterable[float], at_the_point: str, beyond_it: str
) -> list[Point]:  # fmt: skip
    """Places on the line from `first` to `vanishing`, as many times as deep as `one`; the last two are refusals.

    With t the share of the way to the vanishing point, t / (1 - t) grows evenly with depth. A depth that is level with
    the eye is nowhere on the page, and left out.
    """
    along = np.array(vanishing) - first
    length = float(along @ along)
    if length < 1e-12:
        raise Refused(at_the_point)
    t = float((np.array(one) - first) @ along) / length
    if not 1e-9 < abs(t) < 1 - 1e-9:
        raise Refused(beyond_it)
    shares = [n * t / (1 - t + n * t) for n in depths if 1 - t + n * t]
    return [(first[0] + share * along[0], first[1] + share * along[1]) for share in shares]


def square_map(corners: ArrayLike) -> NDArray[np.float64]:
    """The (3, 3) homography from the square -1..1 to four corners, in order round it.

    Each corner gives two equations in the eight unknowns (direct linear transform; Hartley and Zisserman 2004, 4.1).
    """
    q = np.asarray(corners, np.float64)
    rows, right = [], []
    for (x, y), (u, v) in zip(((-1, -1), (1, -1), (1, 1), (-1, 1)), q.tolist(), strict=True):
        rows += [[x, y, 1, 0, 0, 0, -u * x, -u * y], [0, 0, 0, x, y, 1, -v * x, -v * y]]
        right += [u, v]
    try:
        h = np.linalg.solve(np.array(rows, float), np.array(right))
    except np.linalg.LinAlgError:
        raise Refused(NO_PLANE) from None
    return np.append(h, 1.0).reshape(3, 3)


def circle_in(corners: ArrayLike) -> Ellipse:
    """The ellipse that is the circle touching all sides of a square whose picture has these four corners.

    A conic x^T C x = 0 goes to H^-T C H^-1 under the homography H; its middle solves A c = -b and its radii come from
    the eigenvalues of A, where A and b are the blocks of the new conic.
    """
    try:
        back = np.linalg.inv(square_map(corners))
    except np.linalg.LinAlgError:
        raise Refused(NO_PLANE) from None
    conic = back.T @ np.diag([1.0, 1.0, -1.0]) @ back
    a, b = conic[:2, :2], conic[:2, 2]
    if not np.isfinite(conic).all():
        raise Refused(NO_PLANE)
    if np.linalg.det(a) <= 1e-300:
        raise Refused(BEHIND)
    center = np.linalg.solve(a, -b)
    level = float(conic[2, 2] + b @ center)
    if not np.isfinite(level) or level == 0.0:
        raise Refused(NO_PLANE)
    values, vectors = np.linalg.eigh(a / -level)
    if not (values > 0).all():
        raise Refused(BEHIND)
    radii = 1 / np.sqrt(values)
    angle = degrees_of(*vectors[:, 0].tolist())
    return Ellipse((float(center[0]), float(center[1])), (float(radii[0]), float(radii[1])), angle)
