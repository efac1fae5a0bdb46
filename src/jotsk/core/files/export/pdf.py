"""PDF: one page of the picture's true size with its boxes (ISO 32000-1, 14.11.2)."""

from __future__ import annotations

import io
from typing import IO

import numpy as np

from jotsk.core.files.export.options import Export, Format, Progress
from jotsk.core.files.export.pixels import dpi_of, pixels_for, srgb_profile
from jotsk.core.page import Page
from jotsk.core.page.frames import frame

POINTS_PER_INCH = 72.0


def write(stream: IO[bytes], page: Page, export: Export, report: Progress) -> None:
    import pikepdf

    pixels = pixels_for(page, export, report)
    height, width = pixels.shape[:2]
    to_points = POINTS_PER_INCH / dpi_of(page, export)
    with pikepdf.new() as pdf:
        sheet = pdf.add_blank_page(page_size=(width * to_points, height * to_points))
        picture = pikepdf.Stream(pdf, b"")
        if export.color == "bits":
            picture.write(np.packbits(pixels > 0, axis=1).tobytes())
        else:
            picture.write(np.ascontiguousarray(pixels).tobytes())
        picture.Type, picture.Subtype = pikepdf.Name.XObject, pikepdf.Name.Image
        picture.Width, picture.Height = width, height
        picture.BitsPerComponent = 1 if export.color == "bits" else 8
        if export.color == "rgb":
            profile = pikepdf.Stream(pdf, srgb_profile())
            profile.N = 3
            picture.ColorSpace = pikepdf.Array([pikepdf.Name.ICCBased, pdf.make_indirect(profile)])
        else:
            picture.ColorSpace = pikepdf.Name.DeviceGray
        name = sheet.add_resource(picture, pikepdf.Name.XObject)
        sheet.Contents = pdf.make_stream(
            b"q %.6f 0 0 %.6f 0 0 cm %s Do Q" % (width * to_points, height * to_points, str(name).encode())
        )
        area = frame(page, export.frame)
        for box in ("trim", "bleed"):
            inner = frame(page, box) & area
            if inner:
                scale = export.scale * to_points
                low = (inner.x0 - area.x0) * scale, (area.y1 - inner.y1) * scale
                high = (inner.x1 - area.x0) * scale, (area.y1 - inner.y0) * scale
                sheet[f"/{box.title()}Box"] = pikepdf.Array([*low, *high])
        buffer = io.BytesIO()
        pdf.save(buffer, compress_streams=True)
    stream.write(buffer.getvalue())


PDF = Format("pdf", "PDF", (".pdf",), ("rgb", "grey", "bits"), write)
