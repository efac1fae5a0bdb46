"""The command line: the same core without a window."""

from __future__ import annotations

import argparse
import gc
import json
import sys
from collections.abc import Callable, Sequence
from dataclasses import replace
from pathlib import Path
from typing import TYPE_CHECKING, Any

from jotsk import language
from jotsk.arguments import opening_parser, parser
from jotsk.core.errors import CannotRead, DamagedFile, JotskError, Refused
from jotsk.core.words import tr
from jotsk.terminal import STANDARD_INPUT, as_file, completion, progress

if TYPE_CHECKING:
    from jotsk.core.marks import Stroke
    from jotsk.core.page import Page

BAD_INPUT = 1  # argparse ends with 2 on wrong usage


def main(arguments: Sequence[str] | None = None) -> int:
    """Run one command; return its exit status: 0 done, 1 bad input, 2 wrong usage."""
    arguments = list(sys.argv[1:] if arguments is None else arguments)
    language.speak()
    if arguments and _is_misspelt(arguments[0]):
        import difflib  # here: it takes long to import, and so do others below

        near = difflib.get_close_matches(arguments[0], COMMANDS, 1)
        meant = " " + tr("Did you mean {name}?", name=near[0]) if near else ""
        known = tr("Commands: {names}", names=", ".join(COMMANDS))
        parser().error(tr("there is no command or file “{word}”.", word=arguments[0]) + f"{meant} {known}")
    if not arguments or arguments[0] not in (*COMMANDS, "open", "-h", "--help", "--version"):
        options = opening_parser().parse_args(arguments)
    else:
        options = parser().parse_args(arguments)
    try:
        return int(RUNS[options.command](options) or 0)
    except JotskError as error:
        print(f"jotsk: {error}", file=sys.stderr)
        return BAD_INPUT
    except MemoryError:
        print("jotsk: " + tr("there is not enough memory for this; nothing was written."), file=sys.stderr)
        return BAD_INPUT


def _is_misspelt(word: str) -> bool:
    """Whether a first word is neither a command nor an option nor anything like the name of a file."""
    is_name = "." in word or "/" in word or word.startswith("-") or Path(word).exists()
    return word not in COMMANDS and word != "open" and not is_name


def _start(**request: Any) -> int:
    gc.disable()  # nothing that is loaded goes again; `run` enables it
    from jotsk.desk.app.start import run

    return run(**request)


def _open(options: argparse.Namespace) -> int:
    return _start(file=options.file)


def _demo(options: argparse.Namespace) -> int:
    return _start(demo=True, play=options.play, finished=options.finished, shot=options.shot)


def _replay(options: argparse.Namespace) -> int:
    from jotsk.core.files.inkml import read_inkml, write_centre_lines
    from jotsk.core.files.openraster import read_page
    from jotsk.core.files.openraster_writing import write_page
    from jotsk.core.files.pictures import write_png
    from jotsk.core.guides import guides_of, read_guides
    from jotsk.core.hand import TremorMeter
    from jotsk.core.ink import pen_by_id
    from jotsk.core.marks import Stroke
    from jotsk.core.marks.guided import guided
    from jotsk.core.page import blank_page, flattened
    from jotsk.core.page.edits.mark_edits import drawable, with_mark

    try:
        pen = pen_by_id(options.pen)
    except ValueError as error:
        options.parser.error(str(error))
    if options.onto and options.page:
        options.parser.error(tr("--page and --onto exclude each other: the page given has its own size"))
    with as_file(options.traces, ".inkml") as file:
        traces = read_inkml(file)
    if not traces:
        raise Refused(tr("“{name}” holds no trace of a pen.", name=options.traces.name))
    if options.onto:
        page = read_page(options.onto)
        drawable(page)
        page = replace(page, dpi=options.dpi or page.dpi)
    else:
        width, height = options.page or (2480, 3508)
        page = blank_page(width, height, dpi=options.dpi or 300.0)
    meter = TremorMeter() if options.tremor is None else None
    strokes = [
        Stroke(
            trace,
            pen,
            options.size or pen.size_px,
            pen.own_color or options.color,
            pen.steady_now if options.steady_now is None else options.steady_now,
            pen.steady_after if options.steady_after is None else options.steady_after,
            tremor_px=options.tremor if meter is None else meter.judged(trace),
        )
        for trace in traces
    ]
    if options.settle:
        strokes = [_settled(stroke) for stroke in strokes]
    guides = guides_of(page.guides) + (read_guides(options.guides) if options.guides else [])
    layer = page.active
    holds, repeats = (True, True) if layer is None else (layer.follows_guides, layer.follows_symmetry)
    strokes = [guided(stroke, guides, holds=holds, repeats=repeats) for stroke in strokes]
    if pen.rubs:
        raise Refused(tr("An eraser leaves no line to replay; choose a pen that inks."))
    suffix = options.out.suffix.lower()
    if suffix == ".inkml":
        write_centre_lines(options.out, [s.ribbon for s in strokes])
    else:
        for stroke in strokes:
            page = with_mark(page, stroke)
        if suffix == ".ora":
            write_page(options.out, page)
        else:
            write_png(options.out, flattened(page), dpi=page.dpi, opaque=True)
    if options.json:
        print(json.dumps([_figures(s) for s in strokes], indent=1))
    return 0


def _settled(stroke: Stroke) -> Stroke:
    """The shape a stroke becomes if it ends at rest, without that rest; else the stroke."""
    from jotsk.core.guides.settling import settled

    found = settled(stroke.trace)
    if found is None:
        return stroke
    motion, readings = found
    return replace(stroke, trace=motion).settled(readings[0].hold)


def _figures(stroke: Stroke) -> dict[str, object]:
    from jotsk.core.marks.figures import figures_of

    f = figures_of(stroke)
    return {
        "samples": f.samples,
        "duration_s": f.duration_s,
        "length_px": f.length_px,
        "width_px": {"min": f.width_min_px, "median": f.width_median_px, "max": f.width_max_px},
        "wobble_before_px": f.wobble_before_px,
        "wobble_after_px": f.wobble_after_px,
    }


def _export(options: argparse.Namespace) -> int:
    from jotsk.core.files.export import Export, format_of, read_profile, write_export
    from jotsk.core.page.layers.tree import ancestors, inside

    page = _page(options.page)
    layers: set[int] | None = None
    if options.layer:
        named = [layer for layer in page.layers if layer.name in options.layer]
        missing = sorted(set(options.layer) - {layer.name for layer in named})
        if missing:
            raise Refused(tr("“{name}” has no layer named “{layer}”.", name=options.page.name, layer=missing[0]))
        layers = inside(page.layers, [layer.uid for layer in named])
        layers |= {group.uid for layer in named for group in ancestors(page.layers, layer)}
    export = Export(
        format_of(options.out),
        options.color or ("rgba" if options.transparent else "rgb"),
        options.frame,
        options.scale,
        options.transparent,
        round(options.threshold),
        round(options.quality),
        layers,
        _stem(options.page),
        read_profile(options.profile) if options.profile else None,
        options.shapes,
    )
    with progress(tr("Writing")) as report:
        write_export(options.out, page, export, progress=report)
    return 0


def _hand_over(options: argparse.Namespace) -> int:
    """Print what was written, and to standard error what somebody might send back."""
    from jotsk.core.files.orders import USUAL, doubts_about, orders_from, write_orders

    orders = orders_from(_json_of(options.orders)) if options.orders else list(USUAL)
    if options.order:
        missing = sorted(set(options.order) - {order.name for order in orders})
        if missing:
            known = ", ".join(order.name for order in orders)
            raise Refused(tr("There is no order “{name}”; there are {known}.", name=missing[0], known=known))
        orders = [order for order in orders if order.name in options.order]
    page = _page(options.page)
    for order in orders:
        for doubt in doubts_about(page, order):
            print(f"{order.name}: {doubt}", file=sys.stderr)
    with progress(tr("Writing")) as report:
        files = write_orders(options.to, _stem(options.page), page, orders, progress=report)
    for file in files:
        print(file)
    return 0


def _replay_page(options: argparse.Namespace) -> int:
    from jotsk.core.files.drawn_again import Pace, write_drawn_again

    pace = Pace(round(options.size), options.fps, options.speed, options.seconds)
    page = _page(options.page)
    with progress(tr("Drawing")) as report:
        write_drawn_again(options.out, page, pace, progress=report)
    return 0


def _page(path: Path) -> Page:
    """The page of a file, or of the standard input."""
    from jotsk.core.files.openraster import read_page

    with as_file(path, ".ora") as file, progress(tr("Reading")) as report:
        return read_page(file, progress=report)


def _stem(path: Path) -> str:
    return "page" if path == STANDARD_INPUT else path.stem


def _json_of(path: Path) -> Any:
    """What a JSON file says. Raises CannotRead or DamagedFile."""
    from jotsk.core.errors import why_unreadable
    from jotsk.core.json_text import json_from

    try:
        return json_from(path.read_bytes())
    except OSError as error:
        raise CannotRead(path, why_unreadable(error)) from error
    except (ValueError, RecursionError) as error:
        raise DamagedFile(path, tr("it is no JSON")) from error


def _do(options: argparse.Namespace) -> int:
    from jotsk.core.files.openraster_writing import write_page
    from jotsk.core.fill.steps import STEPS, run
    from jotsk.core.ink import pen_by_id

    steps = _json_of(options.steps)
    page, counts = run(_page(options.page), steps, pen_by_id, table=STEPS)
    write_page(options.out, page)
    if options.json:
        done = [{"do": step["do"], "changed": count} for step, count in zip(steps, counts, strict=True)]
        print(json.dumps(done, indent=1))
    return 0


def _check(options: argparse.Namespace) -> int:
    """Print what was found; 3 if there is anything, so that a script can stop."""
    from jotsk.core.check.checks import checked
    from jotsk.core.check.finding import Limits

    page, limits = _page(options.page), Limits(max(0.0, options.leaks), max(0.0, options.tangents))
    with progress(tr("Checking")) as report:
        found = checked(page, limits, report=report)
    if options.json:
        print(json.dumps([finding.record() for finding in found], indent=1))
    else:
        for finding in found:
            x, y = (round(v) for v in finding.at)
            print(f"{finding.kind:8} ({x}, {y}) {finding.layer}: {finding.sentence}")
    return 3 if found else 0


def _practice(options: argparse.Namespace) -> int:
    """Open a practice sheet; or print what was simulated on one beside what is measured on it."""
    from jotsk.core.check.practice.figures import WORDS
    from jotsk.core.check.practice.sheets import DPI, KINDS, SIZES, sheet_of
    from jotsk.core.check.practice.simulated import SKILLS, compared

    for value, known in ((options.sheet, KINDS), (options.size, SIZES), (options.simulate, SKILLS)):
        if value is not None and value not in known:
            raise Refused(tr("“{value}” is none of {known}.", value=value, known=", ".join(known)))
    if options.simulate is None:
        return _start(sheet=(options.sheet, options.size))
    found = compared(sheet_of(options.sheet, options.size), SKILLS[options.simulate], DPI, options.seed)
    if options.json:
        figures = {name: {"simulated": a, "measured": b, "unit": WORDS[name][1]} for name, (a, b) in found.items()}
        told = {"sheet": options.sheet, "size": options.size, "skill": options.simulate, "figures": figures}
        print(json.dumps(told, indent=1))
    else:
        for name, (simulated, measured) in found.items():
            words, unit = WORDS[name]
            print(
                tr(
                    "{words:18} simulated {simulated:8.3f} {unit:5} measured {measured:8.3f} {unit}",
                    words=words, simulated=simulated, measured=measured, unit=unit,
                )
            )  # fmt: skip
    return 0


def _integrate(options: argparse.Namespace) -> int:
    """Print the files that were written, or taken away."""
    from jotsk.integration import integrate, remove

    for path in remove() if options.remove else integrate():
        print(path)
    return 0


def _completion(options: argparse.Namespace) -> int:
    print(completion(options.shell, parser()), end="")
    return 0


RUNS: dict[str, Callable[[argparse.Namespace], int | None]] = {
    "open": _open,
    "demo": _demo,
    "replay": _replay,
    "export": _export,
    "hand-over": _hand_over,
    "replay-page": _replay_page,
    "do": _do,
    "check": _check,
    "practice": _practice,
    "integrate": _integrate,
    "completion": _completion,
}
COMMANDS = tuple(name for name in RUNS if name != "open")  # which is none: a file is opened by its name


if __name__ == "__main__":
    sys.exit(main())
