"""PDF: one page of the picture's true size with its boxes (ISO 32000-1, 14.11.2)."""

from __future__ import annotations

import io
from datetime import UTC, datetime
from typing import IO, TYPE_CHECKING

import numpy as np

from jotsk.core.files.export.options import Export, Format, Progress
from jotsk.core.files.export.pdf_shapes import profile_stream, shapes_into
from jotsk.core.files.export.pixels import dpi_of, pixels_for
from jotsk.core.geometry import Rect
from jotsk.core.page import Page
from jotsk.core.page.frames import frame

if TYPE_CHECKING:
    import pikepdf

POINTS_PER_INCH = 72.0
SRGB = "sRGB IEC61966-2.1"


def write(stream: IO[bytes], page: Page, export: Export, report: Progress) -> None:
    import pikepdf

    width, height = export.size(page)
    to_points = POINTS_PER_INCH / dpi_of(page, export)
    with pikepdf.new() as pdf:
        area = frame(page, export.frame)
        around = area | frame(page, "trim")  # a box of what is cut must lie on the sheet
        scale = export.scale * to_points

        def box(inner: Rect) -> list[float]:
            """A part of the page in points from the lower left corner of the sheet."""
            low = (inner.x0 - around.x0) * scale, (around.y1 - inner.y1) * scale
            return [*low, low[0] + inner.width * scale, low[1] + inner.height * scale]

        whole = [0.0, 0.0, width * to_points, height * to_points] if around == area else box(around)
        sheet = pdf.add_blank_page(page_size=(whole[2], whole[3]))
        x, y, *_ = box(area)
        if export.shapes:
            content = shapes_into(pdf, sheet, page, export, area, report)
            to_px = b"q %.9f 0 0 %.9f %.6f %.6f cm\n" % (
                scale, -scale, x - area.x0 * scale, y + (area.height + area.y0) * scale,
            )  # fmt: skip
            sheet.Contents = pdf.make_stream(to_px + content + b"Q")
        else:
            _put_picture(pdf, sheet, page, export, report, (x, y, to_points))
        if around != area:
            sheet["/CropBox"] = pikepdf.Array(box(area))
        for kind in ("trim", "bleed"):
            sheet[f"/{kind.title()}Box"] = pikepdf.Array(box(frame(page, kind) & around))
        _describe(pdf, export)
        buffer = io.BytesIO()
        pdf.save(buffer, compress_streams=True, min_version="1.6" if export.color == "cmyk" else "")
    stream.write(buffer.getvalue())


def _put_picture(
    pdf: pikepdf.Pdf, sheet: pikepdf.Page, page: Page, export: Export, report: Progress,
    at: tuple[float, float, float],
) -> None:  # fmt: skip
    """The pixels of a page, at a place of a sheet, so many points a px."""
    import pikepdf

    x, y, to_points = at
    pixels = pixels_for(page, export, report)
    height, width = pixels.shape[:2]
    picture = pikepdf.Stream(pdf, b"")
    if export.color == "bits":
        picture.write(np.packbits(pixels > 0, axis=1).tobytes())
    else:
        picture.write(np.ascontiguousarray(pixels).tobytes())
    picture.Type, picture.Subtype = pikepdf.Name.XObject, pikepdf.Name.Image
    picture.Width, picture.Height = width, height
    picture.BitsPerComponent = 1 if export.color == "bits" else 8
    if export.color in ("rgb", "cmyk"):
        profile = pdf.make_indirect(profile_stream(pdf, export))
        picture.ColorSpace = pikepdf.Array([pikepdf.Name.ICCBased, profile])
    else:
        picture.ColorSpace = pikepdf.Name.DeviceGray
    name = sheet.add_resource(picture, pikepdf.Name.XObject)
    sheet.Contents = pdf.make_stream(
        b"q %.6f 0 0 %.6f %.6f %.6f cm %s Do Q" % (width * to_points, height * to_points, x, y, str(name).encode())
    )


def _describe(pdf: pikepdf.Pdf, export: Export) -> None:
    """The title, and for which colours the page is meant: sRGB, as ISO 32000-1, 14.11.5 has it, or those of a press, as
    PDF/X-4 (ISO 15930-7) asks for it: a profile, a title, dates, and that nothing was trapped."""
    import pikepdf

    is_press = export.color == "cmyk" and export.profile is not None
    name = export.profile.name if is_press and export.profile else SRGB
    intent = pikepdf.Dictionary(
        Type=pikepdf.Name.OutputIntent,
        S=pikepdf.Name("/GTS_PDFX" if is_press else "/GTS_PDFA1"),
        OutputConditionIdentifier=pikepdf.String(name),
        Info=pikepdf.String(name),
        DestOutputProfile=pdf.make_indirect(profile_stream(pdf, export)),
    )
    pdf.Root.OutputIntents = pikepdf.Array([pdf.make_indirect(intent)])
    with pdf.open_metadata(set_pikepdf_as_editor=False) as metadata:
        metadata["pdf:Producer"] = "Jotsk"
        if export.title or is_press:
            metadata["dc:title"] = export.title or "Page"
        if is_press:
            now = datetime.now(UTC).isoformat(timespec="seconds")
            metadata.register_xml_namespace("http://www.npes.org/pdfx/ns/id/", "pdfxid")
            metadata["{http://www.npes.org/pdfx/ns/id/}GTS_PDFXVersion"] = "PDF/X-4"
            for field in ("xmp:CreateDate", "xmp:ModifyDate", "xmp:MetadataDate"):
                metadata[field] = now
            metadata["pdf:Trapped"] = "False"
    if is_press:
        pdf.docinfo["/Trapped"] = pikepdf.Name("/False")
        pdf.docinfo["/GTS_PDFXVersion"] = pikepdf.String("PDF/X-4")
    if export.title:
        pdf.Root.ViewerPreferences = pikepdf.Dictionary(DisplayDocTitle=True)


PDF = Format("pdf", "PDF", (".pdf",), ("rgb", "grey", "bits", "cmyk"), write, may_have_shapes=True)
