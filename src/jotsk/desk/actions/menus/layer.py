"""The menu of layers."""

from __future__ import annotations

from jotsk.core.words import tr
from jotsk.desk.actions.entry import Entry

ENTRIES = (
    Entry("layer.trace_under", tr("Trace under"), "E", tr("Dim this layer, turn it blue, lock it, and ink above it")),
    Entry("layer.add", tr("Fresh layer"), "N", tr("Add an ink layer above this one, for the next line")),
    Entry("layer.above", tr("Layer above"), "PgUp", tr("Draw on the next layer up")),
    Entry("layer.below", tr("Layer below"), "PgDown", tr("Draw on the next layer down")),
    Entry("layer.add_sketch", tr("Add sketch layer"), "", tr("Add a layer for pencil below the ink")),
    Entry("layer.add_paint", tr("Add paint layer"), "", tr("Add a layer of pixels without strokes above this one")),
    Entry("layer.merge_down", tr("Merge down"), "M", tr("Merge this layer onto the one below; ink keeps its strokes")),
    Entry("layer.merge_visible", tr("Merge what is visible"), "", tr("Merge all visible layers into one")),
    Entry("layer.flat_copy", tr("Flat copy"), "", tr("Add all that is visible as one layer on top")),
    Entry("layer.duplicate", tr("Duplicate layer"), "Ctrl+D", tr("Add a copy of the chosen layers")),
    Entry("layer.rename", tr("Rename layer…"), "", tr("Give this layer another name")),
    Entry("layer.group", tr("Group layers"), "", tr("Put the chosen layers into a group")),
    Entry("layer.ungroup", tr("Take the group apart"), "", tr("Dissolve this group; its layers stay")),
    Entry("layer.solo", tr("Show this layer alone"), "", tr("Hide everything else while you look")),
    Entry("layer.delete", tr("Delete layer"), "", tr("Delete the chosen layers")),
    Entry(
        "layer.shift",
        tr("Move what is on the layer"),
        "B",
        tr("Drag to move the chosen layers"),
        hold=True,
        icon="layers",
    ),
    Entry("layer.flip", tr("Flip the layer left to right"), "", tr("Flip what is on the chosen layers")),
    Entry("layer.flip_down", tr("Flip the layer upside down"), "", tr("Flip what is on the chosen layers")),
    Entry(
        "layer.place",
        tr("Place the picture…"),
        "",
        tr("Move, scale and turn the picture on this layer by its handles"),
    ),
    Entry(
        "layer.lift",
        tr("Move pixels inside"),
        "",
        tr("Draw around pixels of a paint layer, then move, scale and turn them by their handles"),
        hold=True,
        icon="lasso-select",
    ),
    Entry("layer.effects", tr("Effects"), "", tr("Live effects of this layer, below the layers"), checkable=True),
    Entry(
        "layer.inside",
        tr("Show only inside"),
        "",
        tr("Draw around what of this layer is to be seen; the rest stays, unseen"),
        hold=True,
        icon="lasso",
    ),
    Entry("layer.up", tr("Move layer up"), "Ctrl+PgUp", tr("Move this layer up")),
    Entry("layer.down", tr("Move layer down"), "Ctrl+PgDown", tr("Move this layer down")),
)
