"""What is done to the layers of the page, and which of them are chosen."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Sequence
from dataclasses import replace
from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, Signal

from jotsk.core.errors import Refused
from jotsk.core.page import GroupLayer, Layer, Page
from jotsk.core.page.edits import layer_edits, resizing
from jotsk.core.page.layers.effects import Effect
from jotsk.core.page.layers.tree import inside
from jotsk.core.words import tr
from jotsk.desk.document.track_drag import TrackDrag

if TYPE_CHECKING:
    from jotsk.desk.document.document import Document


class LayerCommands(QObject):
    """Each is a step of the page's history."""

    chosen_changed = Signal()

    def __init__(self, document: Document) -> None:
        super().__init__(document)
        self._document = document
        self._more: set[int] = set()  # chosen besides the active one
        self._track_drag = TrackDrag(document)
        document.changed.connect(self._page_changed)

    def _page_changed(self, before: Page, after: Page) -> None:
        """A new layer ends the choice of several."""
        if self._more and {x.uid for x in after.layers} - {x.uid for x in before.layers}:
            self._more = set()
            self.chosen_changed.emit()

    def change_one(self, uid: int, label: str, *, finished: bool = True, **values: object) -> None:
        """Change properties of a layer; not `finished` while a handle is dragged."""
        self.change(label, uids={uid}, finished=finished, **values)

    def change(self, label: str, *, uids: Iterable[int] | None = None, finished: bool = True, **values: object) -> None:
        """Change properties of the chosen layers, or of those given."""
        chosen = self.chosen if uids is None else set(uids)

        def changed(page: Page) -> Page:
            for uid in chosen:
                layer = page.layer(uid)
                if layer is not None and any(getattr(layer, name) != value for name, value in values.items()):
                    page = page.with_layer(replace(layer, **values))  # type: ignore[arg-type]
            return page

        self._document.edit_when_dry(label, changed, finished=finished)

    def set_effects(self, uid: int, effects: tuple[Effect, ...], label: str) -> None:
        """Give a layer other effects; they are worked out beside the interface."""

        def change(page: Page, _: object) -> Page:
            layer = page.layer(uid)
            if layer is None or layer.effects == effects:
                return page
            if isinstance(layer, GroupLayer):
                raise Refused(tr("A group has no effects of its own; give them to its layers."))
            return page.with_layer(replace(layer, effects=effects))

        self._document.edit_slowly(label, change)

    def drag_effects(self, uid: int, effects: tuple[Effect, ...], label: str, *, finished: bool) -> None:
        """As `set_effects`, while a track is dragged and when it ends: one step, shown whenever the hand rests."""

        def change(page: Page) -> Page:
            layer = page.layer(uid)
            return (
                page if layer is None or layer.effects == effects else page.with_layer(replace(layer, effects=effects))
            )

        self._track_drag.set(change, label, finished=finished)

    def add_effect(self, kind: str) -> None:
        """Put an effect on the active layer, on top of those it has."""

        def with_one_more(layer: Layer) -> tuple[Effect, ...]:
            bounds = layer.tiles.bounds
            effect = Effect.of(kind, axis=float(bounds.y1)) if kind == "mirror" else Effect.of(kind)
            return *layer.effects, effect

        self._change_effects(with_one_more, tr("Add effect"))

    def show_inside(self, outline: Sequence[tuple[float, float]], soften_px: float = 0.0) -> None:
        """Show the active layer only inside an outline."""
        inside_of = replace(Effect.of("inside", soften=soften_px), outline=tuple(outline))
        self._change_effects(
            lambda layer: (*(effect for effect in layer.effects if effect.kind != "inside"), inside_of),
            tr("Show inside"),
        )

    def _change_effects(self, changed: Callable[[Layer], tuple[Effect, ...]], label: str) -> None:
        """Change the effects of the active layer, when nothing dries on it any more."""

        def change() -> None:
            layer = self._document.page.active
            if layer is not None:
                self.set_effects(layer.uid, changed(layer), label)

        self._document.when_dry(change)

    @property
    def chosen(self) -> set[int]:
        """The active layer, and those chosen with it."""
        page = self._document.page_as_arranged()
        return {page.active_uid} | {uid for uid in self._more if page.layer(uid) is not None}

    def choose_several(self, uids: set[int]) -> None:
        """Choose several layers; the active one stays active if it is among them."""
        if not uids:
            return
        self._more = set(uids)
        page = self._document.page_as_arranged()
        if page.active_uid not in uids:
            self._activate(max(uids, key=page.index))
        self.chosen_changed.emit()

    def choose(self, uid: int) -> None:
        """Make a layer the active one. Part of the page, but not a step to undo."""
        several, self._more = self._more, set()
        self._activate(uid)
        if several:
            self.chosen_changed.emit()

    def _activate(self, uid: int) -> None:
        before = self._document.page_when_dry()
        if uid != before.active_uid and before.layer(uid) is not None:
            self._document.activate(uid)

    def add(self) -> None:
        self._document.edit_when_dry(tr("Add layer"), layer_edits.with_new_layer)

    def add_paint(self) -> None:
        self._document.edit_when_dry(tr("Add paint layer"), layer_edits.with_paint_layer)

    def _edit_chosen(self, label: str, change: Callable[[Page, set[int]], Page]) -> None:
        chosen = self.chosen
        self._document.edit_when_dry(label, lambda page: change(page, chosen))

    def delete(self) -> None:
        self._edit_chosen(tr("Delete layer"), layer_edits.without_layers)

    def duplicate(self) -> None:
        self._edit_chosen(tr("Duplicate layer"), layer_edits.duplicated)

    def group(self) -> None:
        self._edit_chosen(tr("Group layers"), layer_edits.grouped)

    def ungroup(self) -> None:
        self._document.edit_when_dry(
            tr("Take the group apart"), lambda page: layer_edits.ungrouped(page, page.active_uid)
        )

    def merge_down(self) -> None:
        self._document.edit_slowly(tr("Merge down"), lambda page, _: layer_edits.merged_down(page, page.active_uid))

    def merge_visible(self) -> None:
        self._document.edit_slowly(tr("Merge what is visible"), lambda page, _: layer_edits.merged_visible(page))

    def add_flat_copy(self) -> None:
        self._document.edit_slowly(tr("Flat copy"), lambda page, _: layer_edits.with_flat_copy(page))

    def go(self, up: bool) -> None:
        """Make the next layer above or below the active one."""
        page = self._document.page_as_arranged()
        at = page.index(page.active_uid) + (1 if up else -1)
        if page.active is not None and 0 <= at < len(page.layers):
            self.choose(page.layers[at].uid)

    def add_sketch(self) -> None:
        self._document.edit_when_dry(tr("Add sketch layer"), layer_edits.with_sketch_layer)

    def step(self, up: bool) -> None:
        """Move the active layer one place up or down."""
        self._document.edit_when_dry(tr("Move layer"), lambda page: layer_edits.stepped(page, page.active_uid, up))

    def place(self, uids: Iterable[int], parent: int, above: int | None) -> None:
        """Move layers into a group, or out of it, directly above one there."""
        placed = list(uids)
        self._document.edit_when_dry(tr("Move layer"), lambda page: layer_edits.placed(page, placed, parent, above))

    def trace_under(self) -> None:
        self._document.edit_when_dry(tr("Trace under"), lambda page: layer_edits.traced_under(page, page.active_uid))

    def flip(self, *, upside_down: bool) -> None:
        """Flip what is on the chosen layers, groups with all that is in them, about the middle of the page."""
        uids = inside(self._document.page_as_arranged().layers, self.chosen)
        self._document.edit_slowly(
            tr("Flip the layer upside down") if upside_down else tr("Flip the layer"),
            lambda page, p: resizing.flipped(page, uids, upside_down=upside_down, progress=p),
        )

    def shift(self, dx: int, dy: int) -> None:
        """Move what is on the chosen layers, groups with all that is in them, by whole px."""
        uids = inside(self._document.page_as_arranged().layers, self.chosen)
        if dx or dy:
            self._document.edit_slowly(
                tr("Move what is on the layer"), lambda page, p: resizing.shifted(page, uids, dx, dy, p)
            )
