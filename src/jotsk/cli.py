"""The command line: the same core without a window."""

from __future__ import annotations

import argparse
import difflib
import json
import sys
from collections.abc import Callable, Sequence
from dataclasses import replace
from pathlib import Path
from typing import TYPE_CHECKING, Any

from jotsk import __version__
from jotsk.core.errors import CannotRead, DamagedFile, JotskError, Refused
from jotsk.core.hex_color import color_as_typed
from jotsk.terminal import SHELLS, STANDARD_INPUT, as_file, completion, progress

if TYPE_CHECKING:
    from jotsk.core.marks import Stroke
    from jotsk.core.page import Page

BAD_INPUT = 1  # argparse ends with 2 on wrong usage
COMMANDS = (
    "demo", "replay", "export", "hand-over", "replay-page", "do", "check", "practice", "integrate", "completion",
)  # fmt: skip


def main(arguments: Sequence[str] | None = None) -> int:
    """Run one command; return its exit status: 0 done, 1 bad input, 2 wrong usage."""
    arguments = list(sys.argv[1:] if arguments is None else arguments)
    if arguments and _is_misspelt(arguments[0]):
        near = difflib.get_close_matches(arguments[0], COMMANDS, 1)
        meant = f" Did you mean {near[0]}?" if near else ""
        _parser().error(f"there is no command or file “{arguments[0]}”.{meant} Commands: {', '.join(COMMANDS)}")
    if not arguments or arguments[0] not in (*COMMANDS, "-h", "--help", "--version"):
        arguments.insert(0, "open")
    options = _parser().parse_args(arguments)
    try:
        return int(options.run(options) or 0)
    except JotskError as error:
        print(f"jotsk: {error}", file=sys.stderr)
        return BAD_INPUT
    except MemoryError:
        print("jotsk: there is not enough memory for this; nothing was written.", file=sys.stderr)
        return BAD_INPUT


def _is_misspelt(word: str) -> bool:
    """Whether a first word is neither a command nor an option nor anything like the name of a file."""
    is_name = "." in word or "/" in word or word.startswith("-") or Path(word).exists()
    return word not in COMMANDS and word != "open" and not is_name


def _parser() -> argparse.ArgumentParser:
    parser = argparse.ArgumentParser(
        prog="jotsk", usage="%(prog)s [-h] [--version] [FILE | COMMAND ...]",
        description="Ink over a sketch. Without a command, opens the window, with FILE if it is given.",
    )  # fmt: skip
    parser.add_argument("--version", action="version", version=f"jotsk {__version__}")
    commands = parser.add_subparsers(required=True, metavar="COMMAND")

    opening = commands.add_parser("open", prog="jotsk")  # without help: it is not listed
    opening.add_argument("file", nargs="?", type=Path, metavar="FILE")
    opening.set_defaults(run=_open)

    demo = commands.add_parser("demo", help="open the demo page")
    demo.add_argument("--play", action="store_true", help="let the simulated pen ink over the sketch")
    demo.add_argument("--shot", type=_shot, metavar="OUT.png", help="write a picture of the window and end")
    demo.add_argument("--finished", action="store_true", help="open the finished panel instead")
    demo.set_defaults(run=_demo)

    replay = commands.add_parser("replay", help="run traces through the pens, without a window")
    replay.add_argument("traces", type=Path, metavar="TRACES.inkml")
    replay.add_argument("--out", type=_output, required=True, metavar="OUT", help=".png, .ora or .inkml")
    replay.add_argument("--page", type=_size, metavar="WxH", help="page in px (2480x3508)")
    replay.add_argument("--dpi", type=_number(1, 10_000), metavar="N", help="resolution (300)")
    replay.add_argument("--pen", default="plain-round", metavar="ID", help="a shipped pen (plain-round)")
    replay.add_argument("--size", type=_number(0.3, 500), metavar="PX", help="full width (the pen's own)")
    replay.add_argument("--steady-now", type=_number(0, 100), metavar="N", help="0..100 (the pen's own)")
    replay.add_argument("--steady-after", type=_number(0, 100), metavar="N", help="0..100 (the pen's own)")
    replay.add_argument("--tremor", type=_number(0, 100), metavar="PX", help="of the hand (learnt from slow traces)")
    replay.add_argument("--color", type=_color, default=(0, 0, 0), metavar="#rrggbb", help="ink (#000000)")
    replay.add_argument("--onto", type=Path, metavar="PAGE.ora", help="draw on the active layer of a page")
    replay.add_argument("--guides", type=Path, metavar="FILE.json", help="guides that hold and repeat the lines")
    replay.add_argument(
        "--settle", action="store_true", help="a trace that ends at rest becomes the shape it resembles"
    )
    replay.add_argument("--json", action="store_true", help="print the figures of every stroke")
    replay.set_defaults(run=_replay, parser=replay)

    export = commands.add_parser("export", help="write a page as a picture, shapes or motions")
    export.add_argument("page", type=Path, metavar="PAGE.ora")
    export.add_argument(
        "out", type=_picture_output, metavar="OUT", help=".png, .tif, .jpg, .webp, .pdf, .svg or .inkml"
    )
    export.add_argument("--color", choices=("rgba", "rgb", "grey", "bits"), help="colours (rgb)")
    export.add_argument("--profile", type=Path, metavar="PRESS.icc", help="of the press, for cmyk")
    export.add_argument("--shapes", action="store_true", help="lines as shapes, in a PDF")
    export.add_argument("--transparent", action="store_true", help="leave the paper out; needs rgba")
    export.add_argument("--frame", choices=("page", "bleed", "trim", "safe"), default="page", help="what to cut (page)")
    export.add_argument("--scale", type=_number(0.01, 8), default=1.0, metavar="K", help="share of the pixels (1)")
    export.add_argument(
        "--threshold", type=_number(1, 255), default=128, metavar="N", help="of bits: darker is ink (128)"
    )
    export.add_argument("--quality", type=_number(1, 100), default=92, metavar="N", help="for .jpg and .webp (92)")
    export.add_argument("--layer", action="append", metavar="NAME", help="only this layer; may be given again")
    export.set_defaults(run=_export)

    over = commands.add_parser("hand-over", help="write a page as several orders at once")
    over.add_argument("page", type=Path, metavar="PAGE.ora")
    over.add_argument("--to", type=Path, required=True, metavar="FOLDER", help="where the files go")
    over.add_argument("--orders", type=Path, metavar="ORDERS.json", help="your own orders, docs/handing-over.md")
    over.add_argument("--order", action="append", metavar="NAME", help="only this order; may be given again")
    over.set_defaults(run=_hand_over)

    again = commands.add_parser("replay-page", help="write a page being drawn again")
    again.add_argument("page", type=Path, metavar="PAGE.ora")
    again.add_argument("--out", type=Path, required=True, metavar="OUT", help=".webp, .png, or a new folder of frames")
    again.add_argument("--speed", type=_number(0.1, 10_000), metavar="K", help="times the hand's own pace")
    again.add_argument(
        "--seconds", type=_number(0.1, 3600), default=20.0, metavar="S", help="if no --speed is given (20)"
    )
    again.add_argument("--size", type=_number(16, 8000), default=800, metavar="PX", help="the longest side (800)")
    again.add_argument("--fps", type=_number(1, 60), default=25.0, metavar="N", help="frames a second (25)")
    again.set_defaults(run=_replay_page)

    do = commands.add_parser("do", help="run a list of steps on a page: mending and filling")
    do.add_argument("page", type=Path, metavar="PAGE.ora")
    do.add_argument("steps", type=Path, metavar="STEPS.json", help="docs/steps.md")
    do.add_argument("--out", type=_page_output, required=True, metavar="OUT.ora")
    do.add_argument("--json", action="store_true", help="print how many strokes or areas each step changed")
    do.set_defaults(run=_do)
    check = commands.add_parser("check", help="say what is wrong with a page before it is sent")
    check.add_argument("page", type=Path, metavar="PAGE.ora")
    check.add_argument("--json", action="store_true", help="print a list of findings")
    check.add_argument("--leaks", type=float, default=8.0, metavar="PX", help="gaps of up to so many px are leaks (8)")
    check.add_argument("--tangents", type=float, default=3.0, metavar="PX", help="lines so near are tangents (3)")
    check.set_defaults(run=_check)
    practice = commands.add_parser("practice", help="open a practice sheet, or measure one the simulated pen draws")
    practice.add_argument(
        "--sheet", default="lines", metavar="KIND", help="lines, points, curves, circles, ... (lines)"
    )
    practice.add_argument("--size", default="medium", metavar="SIZE", help="small, medium or large (medium)")
    practice.add_argument("--simulate", metavar="SKILL", help="beginner, practised or expert")
    practice.add_argument("--seed", type=int, default=1, metavar="N", help="of the simulated hand (1)")
    practice.add_argument("--json", action="store_true", help="print the figures as JSON")
    practice.set_defaults(run=_practice)
    integrate = commands.add_parser("integrate", help="put Jotsk into the menu of the desktop, for this user")
    integrate.add_argument("--remove", action="store_true", help="take it out again")
    integrate.set_defaults(run=_integrate)
    completion = commands.add_parser("completion", help="print a script that completes commands in a shell")
    completion.add_argument("shell", choices=SHELLS)
    completion.set_defaults(run=_completion)
    return parser


def _speak() -> None:
    """Take the language of the window, before anything that holds a text is imported; the command line is English."""
    from jotsk.desk.app.language import speak

    speak()


def _start(**request: Any) -> int:
    _speak()
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
        options.parser.error("--page and --onto exclude each other: the page given has its own size")
    with as_file(options.traces, ".inkml") as file:
        traces = read_inkml(file)
    if not traces:
        raise Refused(f"“{options.traces.name}” holds no trace of a pen.")
    if options.onto:
        page = read_page(options.onto)
        drawable(page)
        page = replace(page, dpi=options.dpi or page.dpi)
    else:
        page = blank_page(*(options.page or (2480, 3508)), dpi=options.dpi or 300.0)
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
        raise Refused("An eraser leaves no line to replay; choose a pen that inks.")
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
            raise Refused(f"“{options.page.name}” has no layer named “{missing[0]}”.")
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
    with progress("Writing") as report:
        write_export(options.out, page, export, progress=report)
    return 0


def _hand_over(options: argparse.Namespace) -> int:
    """Print what was written, and to standard error what somebody might send back."""
    from jotsk.core.files.orders import USUAL, doubts_about, orders_from, write_orders

    orders = orders_from(_json_of(options.orders)) if options.orders else list(USUAL)
    if options.order:
        missing = sorted(set(options.order) - {order.name for order in orders})
        if missing:
            raise Refused(f"There is no order “{missing[0]}”; there are {', '.join(order.name for order in orders)}.")
        orders = [order for order in orders if order.name in options.order]
    page = _page(options.page)
    for order in orders:
        for doubt in doubts_about(page, order):
            print(f"{order.name}: {doubt}", file=sys.stderr)
    with progress("Writing") as report:
        files = write_orders(options.to, _stem(options.page), page, orders, progress=report)
    for file in files:
        print(file)
    return 0


def _replay_page(options: argparse.Namespace) -> int:
    from jotsk.core.files.drawn_again import Pace, write_drawn_again

    pace = Pace(round(options.size), options.fps, options.speed, options.seconds)
    page = _page(options.page)
    with progress("Drawing") as report:
        write_drawn_again(options.out, page, pace, progress=report)
    return 0


def _page(path: Path) -> Page:
    """The page of a file, or of the standard input."""
    from jotsk.core.files.openraster import read_page

    with as_file(path, ".ora") as file, progress("Reading") as report:
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
        raise DamagedFile(path, "it is no JSON") from error


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

    page, leak, tangent = _page(options.page), max(0.0, options.leaks), max(0.0, options.tangents)
    with progress("Checking") as report:
        found = checked(page, leak_px=leak, tangent_px=tangent, report=report)
    if options.json:
        print(json.dumps([finding.record() for finding in found], indent=1))
    else:
        for finding in found:
            x, y = (round(v) for v in finding.at)
            print(f"{finding.kind:8} ({x}, {y}) {finding.layer}: {finding.sentence}")
    return 3 if found else 0


def _practice(options: argparse.Namespace) -> int:
    """Open a practice sheet; or print what was simulated on one beside what is measured on it."""
    if options.simulate is None:
        _speak()
    from jotsk.core.check.practice.figures import WORDS
    from jotsk.core.check.practice.sheets import DPI, KINDS, SIZES, sheet_of
    from jotsk.core.check.practice.simulated import SKILLS, compared

    for value, known in ((options.sheet, KINDS), (options.size, SIZES), (options.simulate, SKILLS)):
        if value is not None and value not in known:
            raise Refused(f"“{value}” is none of {', '.join(known)}.")
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
            print(f"{words:18} simulated {simulated:8.3f} {unit:5} measured {measured:8.3f} {unit}")
    return 0


def _integrate(options: argparse.Namespace) -> int:
    """Print the files that were written, or taken away."""
    from jotsk.integration import integrate, remove

    for path in remove() if options.remove else integrate():
        print(path)
    return 0


def _completion(options: argparse.Namespace) -> int:
    print(completion(options.shell, _parser()), end="")
    return 0


def _shot(text: str) -> Path:
    path = Path(text)
    if path.suffix.lower() != ".png":
        raise argparse.ArgumentTypeError(f"a picture of the window is written as .png, not {path.suffix or 'nothing'}")
    if not path.absolute().parent.is_dir():
        raise argparse.ArgumentTypeError(f"there is no folder {path.parent}")
    return path


def _page_output(text: str) -> Path:
    path = Path(text)
    if path.suffix.lower() != ".ora":
        raise argparse.ArgumentTypeError(f"a page is written as .ora, not {path.suffix or 'nothing'}")
    return path


def _output(text: str) -> Path:
    path = Path(text)
    if path.suffix.lower() not in (".png", ".ora", ".inkml"):
        raise argparse.ArgumentTypeError(f"“{text}” ends in none of .png, .ora, .inkml")
    return path


def _picture_output(text: str) -> Path:
    from jotsk.core.files.export import format_of

    try:
        format_of(Path(text))
    except Refused as error:
        raise argparse.ArgumentTypeError(str(error)) from None
    return Path(text)


def _size(text: str) -> tuple[int, int]:
    try:
        width, height = (int(v) for v in text.lower().split("x"))
    except ValueError:
        raise argparse.ArgumentTypeError(f"“{text}” is no size such as 2480x3508") from None
    return width, height


def _number(low: float, high: float) -> Callable[[str], float]:
    def number(text: str) -> float:
        try:
            value = float(text)
        except ValueError:
            raise argparse.ArgumentTypeError(f"“{text}” is no number") from None
        if not low <= value <= high:
            raise argparse.ArgumentTypeError(f"{text} is not between {low:g} and {high:g}")
        return value

    return number


def _color(text: str) -> tuple[int, int, int]:
    try:
        return color_as_typed(text)
    except ValueError as error:
        raise argparse.ArgumentTypeError(str(error)) from None


if __name__ == "__main__":
    sys.exit(main())
