"""How areas are found, and what they are filled with."""

from __future__ import annotations

from PySide6.QtWidgets import QCheckBox, QComboBox, QHBoxLayout, QWidget

from jotsk.core.words import tr
from jotsk.desk.pens.hand import Hand
from jotsk.desk.trays.options import below, choice, titled
from jotsk.desk.widgets import Track, TrackKind

LOOKS = (("ink", tr("The ink")), ("layer", tr("This layer")), ("all", tr("Everything")))
UNDER = ((None, tr("To its middle")), (0.0, tr("Not at all")), (2.0, tr("2 px")), (4.0, tr("4 px")), (8.0, tr("8 px")))
KINDS = (
    ("flat", tr("Flat colour")), ("tone", tr("Tone")), ("gradient", tr("Gradient")), ("pattern", tr("Pattern")),
    ("black", tr("Black that runs out")),
    ("hatch", tr("Hatching")), ("contour", tr("Lines along the edge")), ("stipple", tr("Stipple")),
)  # fmt: skip
SHAPES = (("dots", tr("Dots")), ("lines", tr("Lines")), ("crosses", tr("Crosses")), ("noise", tr("Noise")))
DIRECTIONS = ((1, tr("One way")), (2, tr("Crosswise")), (3, tr("Three ways")))
FINDS = ("look", "gap", "under")
OPTIONS: dict[str, tuple[str, ...]] = {  # by kind of filling
    "flat": (), "tone": ("shape", "fineness", "angle"), "gradient": ("light", "manner", "led"), "pattern": (),
    "black": ("strokes", "length", "light"), "hatch": ("directions", "strokes", "angle", "light", "led"),
    "contour": ("strokes",), "stipple": ("strokes", "light"),
}  # fmt: skip
OUTLINES = (
    ("free", tr("A loop")), ("corners", tr("Corners")), ("curve", tr("A curve")), ("box", tr("A box")),
    ("ellipse", tr("An ellipse")),
    ("color", tr("A colour")),
)  # fmt: skip
WAYS = (
    ("new", tr("Is a new area")),
    ("add", tr("Is added")),
    ("take", tr("Is taken away")),
    ("overlap", tr("Keeps the overlap")),
)
HOLDS = ("outline", "way", "edge")
TOOLS = ("pour", "fill_inside", "join_areas", "by_hand", "place_light")


class FillingTray(QWidget):
    """Where size and steadiness stand while one draws; only what counts for the chosen filling is shown."""

    def __init__(self, hand: Hand, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._hand, self._tool = hand, ""
        size, share = TrackKind.SIZE, TrackKind.OPACITY
        self.kind = choice(tr("Filled with"), KINDS, tr("What an area is filled with"))
        self.look = choice(tr("Looks at"), LOOKS, tr("What bounds an area; sketches are left out of the ink"))
        self.under = choice(
            tr("Under the line"), UNDER, tr("How far a fill goes under its lines, so that no pale rim is left")
        )
        self.shape = choice(tr("Tone of"), SHAPES, tr("What a tone is made of"))
        self.directions = choice(tr("Hatched"), DIRECTIONS, tr("In how many directions"))
        self.gap = Track(
            tr("Closes gaps"), size, 0.5, 100, unit="px", tooltip=tr("Slits of up to this width are not passed")
        )
        self.lpi = Track(
            tr("Fineness"), size, 5, 120, unit="lpi", tooltip=tr("Lines of the tone per inch"), remark=False
        )
        self.density = Track(
            tr("Density"), share, 1, 99, unit="%", tooltip=tr("How much of the tone is inked"), remark=False
        )
        self.angle = Track(
            tr("Angle"), share, 0, 180, unit="°", tooltip=tr("Of the tone or of the hatching"), remark=False
        )
        self.weight = Track(
            tr("Weight"), size, 0.5, 60, unit="px", tooltip=tr("Full width of the strokes or dots"), remark=False
        )
        self.spacing = Track(
            tr("Spacing"), size, 2, 120, unit="px", tooltip=tr("From one stroke or dot to the next"), remark=False
        )
        self.length = Track(
            tr("Length"), size, 5, 600, unit="px", tooltip=tr("Of the strokes that a black runs out in"), remark=False
        )
        self.light_at = Track(
            tr("Light from"), share, 0, 360, unit="°", tooltip=tr("Counted from the right, against the clock")
        )
        self.outline = choice(
            tr("Drawn as"), OUTLINES, tr("What one draws: a loop, corners one by one, a box, or px of a colour")
        )
        self.way = choice(
            tr("What one draws"),
            WAYS,
            tr("What becomes of the area that is held (Shift adds, Alt takes, both overlap)"),
        )
        self.step = Track(
            tr("Step"),
            size,
            0.5,
            100,
            unit="px",
            tooltip=tr("By which Larger and Smaller change the area"),
            remark=False,
        )
        self.soften = Track(tr("Soft edge"), share, 0, 60, unit="px", tooltip=tr("How soft its edge is"), remark=False)
        self.lit = QCheckBox(tr("By the light"), toolTip=tr("Strokes and dots run out towards the light"))
        self.round = QCheckBox(tr("Round"), toolTip=tr("From the middle outwards"))
        self.fades = QCheckBox(tr("To nothing"), toolTip=tr("Fades out instead of ending in the colour before"))
        self.follows = QCheckBox(tr("Along a line"), toolTip=tr("Pull the line that it is to follow through the area"))
        self._options: dict[str, QWidget] = {
            "kind": titled(self.kind), "look": titled(self.look), "gap": self.gap, "under": titled(self.under),
            "shape": titled(self.shape), "directions": titled(self.directions),
            "fineness": below(self.lpi, self.density), "strokes": below(self.weight, self.spacing), "angle": self.angle,
            "outline": titled(self.outline), "way": titled(self.way), "edge": below(self.step, self.soften),
            "length": self.length, "light": below(self.light_at, self.lit), "manner": below(self.round, self.fades),
            "led": below(self.follows),
        }  # fmt: skip
        layout = QHBoxLayout(self)
        layout.setContentsMargins(20, 8, 20, 6)
        layout.setSpacing(18)
        for option in self._options.values():
            layout.addWidget(option, 1)
        layout.addStretch(1)
        put = hand.set_filling
        self._boxes: dict[str, QComboBox] = {
            "kind": self.kind, "look": self.look, "grow_px": self.under, "shape": self.shape,
            "directions": self.directions, "outline": self.outline, "way": self.way,
        }  # fmt: skip
        for name, box in self._boxes.items():
            box.activated.connect(lambda k, n=name, b=box: put(**{n: b.itemData(k)}))
        self._tracks: dict[str, tuple[Track, float]] = {
            "gap_px": (self.gap, 1), "lpi": (self.lpi, 1), "density": (self.density, 100), "angle": (self.angle, 1),
            "weight_px": (self.weight, 1), "spacing_px": (self.spacing, 1), "length_px": (self.length, 1),
            "light": (self.light_at, 1), "step_px": (self.step, 1), "soften_px": (self.soften, 1),
        }  # fmt: skip
        for name, (track, times) in self._tracks.items():
            track.changed.connect(lambda value, _, n=name, t=times: put(**{n: value / t}))
        self._switches = {"uses_light": self.lit, "round": self.round, "fades": self.fades, "follows": self.follows}
        for name, switch in self._switches.items():
            switch.clicked.connect(lambda on, n=name: put(**{n: on}))
        hand.changed.connect(self._show)
        self._show()

    def show_tool(self, tool_id: str) -> None:
        """Show what a tool is set to."""
        self._tool = tool_id
        self._show()

    def _show(self) -> None:
        filling = self._hand.filling
        shown = {"kind", *OPTIONS[filling.kind]} if self._tool not in ("join_areas", "place_light") else set()
        if self._tool == "place_light":
            shown = {"light"}
        if self._tool == "pour":
            shown |= set(FINDS)
        if self._tool == "by_hand":
            shown |= set(HOLDS)
        for name, option in self._options.items():
            option.setVisible(name in shown)
        for name, box in self._boxes.items():
            box.setCurrentIndex(max(0, box.findData(getattr(filling, name))))
        for name, (track, times) in self._tracks.items():
            track.set_value(getattr(filling, name) * times)
        for name, switch in self._switches.items():
            switch.setChecked(getattr(filling, name))
        self.gap.remark.setText(tr("corners are reached"))
        self.lit.setVisible(filling.kind in ("hatch", "stipple"))
