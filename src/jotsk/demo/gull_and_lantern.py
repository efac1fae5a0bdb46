"""*Gull & Lantern*, page three: a lighthouse keeper and her clockwork gull."""

from __future__ import annotations

from collections.abc import Callable

from jotsk.core.guides import guide_from
from jotsk.core.marks import Stroke
from jotsk.core.page import InkLayer, Marks, Page, render
from jotsk.core.page.layers.layer import NON_PHOTO_BLUE
from jotsk.demo.boot import boot
from jotsk.demo.coloring import colored
from jotsk.demo.drafting import Line, inked, sketched, straight
from jotsk.demo.keeper import AXIS, keeper
from jotsk.demo.lettering import lettered
from jotsk.demo.mending import hair, laced_boot
from jotsk.demo.street import LEFT, RIGHT, street
from jotsk.demo.wheel import HUB, LENS, SPOKES, wheel

TITLE = "Gull & Lantern"
WIDTH, HEIGHT, DPI = 2480, 3508, 300.0
PANELS = ((150, 150, 1500, 1700), (1550, 150, 2330, 1700), (150, 1750, 1130, 3358), (1180, 1750, 2330, 3358))

# What the panels were drafted with, switched off until it is wanted.
GUIDES = tuple(
    {**guide_from({**guide, "name": name}).record(), "on": False, "shown": False}
    for name, guide in (
        ("Harbour street", {"kind": "perspective", "points": [LEFT.tolist(), RIGHT.tolist()], "density": 10}),
        ("The keeper's two sides", {"kind": "mirror", "at": [AXIS, 925.0], "angle": 90}),
        ("Rim of the wheel", {"kind": "rings", "at": HUB.tolist()}),
        ("Spokes of the wheel", {"kind": "spokes", "at": HUB.tolist(), "density": SPOKES}),
        ("Lens of the lamp", {"kind": "rings", "at": LENS.tolist(), "spacing": 48.0}),
    )
)


def demo_page(progress: Callable[[float], None] = lambda _: None) -> Page:
    """Build the page: the sketch of all four panels, the frames, panel one inked, and in panels two and four lines that
    wait to be mended."""
    title = lettered("GULL & LANTERN", 214, 268, 50)
    panel_one = street() + title
    sketch = [*panel_one, *keeper(), *wheel(), *boot(), *frames()]
    bounds = Page(WIDTH, HEIGHT).bounds
    drafts = {
        "Pencils": sketched(sketch, seed=1),
        "Frames": inked(frames(), seed=2),
        "Street": inked(panel_one, seed=3),
        "Boot": laced_boot(),
        "Hair": hair(),
    }
    total = sum(map(len, drafts.values()))
    done = 0
    layers = []
    for number, (name, strokes) in enumerate(drafts.items(), 1):
        for stroke in strokes:
            _ = stroke.ribbon  # computed here, so that progress can be told and the work stopped
            done += 1
            if done % 16 == 0:
                progress(0.8 * done / total)
        layers.append(_layer(number, name, strokes, bounds))
    keeper_uid = len(layers) + 1
    layers.append(InkLayer(keeper_uid, "Keeper"))
    page = colored(Page(WIDTH, HEIGHT, DPI, layers=tuple(layers), active_uid=keeper_uid, guides=GUIDES))
    progress(1.0)
    return page


def frames() -> list[Line]:
    """The panel borders, ruled by hand with corners that meet."""
    lines = []
    for x0, y0, x1, y1 in PANELS:
        corners = ((x0, y0), (x1, y0), (x1, y1), (x0, y1))
        for a, b in zip(corners, corners[1:] + corners[:1], strict=True):
            lines.append(straight(a, b, weight="black"))
    return lines


def _layer(uid: int, name: str, strokes: list[Stroke], bounds: object) -> InkLayer:
    tiles = render(strokes, bounds)
    is_sketch = name == "Pencils"
    return InkLayer(
        uid, name, tiles, marks=Marks(strokes), is_sketch=is_sketch, locked=is_sketch,
        opacity=0.55 if is_sketch else 1.0, tint=NON_PHOTO_BLUE if is_sketch else None,
    )  # fmt: skip
