"""What the command line takes: its commands, their arguments, and what an argument may be."""

from __future__ import annotations

import argparse
from collections.abc import Callable
from pathlib import Path

from jotsk import __version__
from jotsk.core.errors import Refused
from jotsk.core.hex_color import color_as_typed
from jotsk.core.words import mark, tr
from jotsk.terminal import SHELLS

OF_ARGPARSE = (  # its own texts that a person may meet
    mark("usage: "), mark("options"), mark("positional arguments"), mark("show this help message and exit"),
    mark("%(prog)s: error: %(message)s\n"), mark("argument %(argument_name)s: %(message)s"),
    mark("the following arguments are required: %s"), mark("unrecognized arguments: %s"),
    mark("expected one argument"), mark("expected at least one argument"), mark("not allowed with argument %s"),
    mark("invalid choice: %(value)r (choose from %(choices)s)"), mark("invalid %(type)s value: %(value)r"),
    mark("ambiguous option: %(option)s could match %(matches)s"), mark("ignored explicit argument %r"),
)  # fmt: skip
argparse._ = tr  # type: ignore[attr-defined]  # it would ask gettext, which has no catalogue of them


def opening_parser() -> argparse.ArgumentParser:
    """Of the window with a file, alone: the parsers of all commands take long to make."""
    opening = argparse.ArgumentParser(prog="jotsk")
    _take_file(opening)
    return opening


def _take_file(opening: argparse.ArgumentParser) -> None:
    opening.add_argument("file", nargs="?", type=Path, metavar="FILE")
    opening.set_defaults(command="open")


def parser() -> argparse.ArgumentParser:
    """Of all commands; `command` of what it returns is the name of one, or "open"."""
    whole = argparse.ArgumentParser(
        prog="jotsk", usage="%(prog)s [-h] [--version] [FILE | COMMAND ...]",
        description=tr("Ink over a sketch. Without a command, opens the window, with FILE if it is given."),
    )  # fmt: skip
    whole.add_argument("--version", action="version", version=f"jotsk {__version__}", help=tr("print the version"))
    commands = whole.add_subparsers(required=True, metavar="COMMAND", prog=whole.prog)

    _take_file(commands.add_parser("open", prog="jotsk"))  # without help: it is not listed

    demo = commands.add_parser("demo", help=tr("open the demo page"))
    demo.add_argument("--play", action="store_true", help=tr("let the simulated pen ink over the sketch"))
    demo.add_argument("--shot", type=_shot, metavar="OUT.png", help=tr("write a picture of the window and end"))
    demo.add_argument("--finished", action="store_true", help=tr("open the finished panel instead"))
    demo.set_defaults(command="demo")

    replay = commands.add_parser("replay", help=tr("run traces through the pens, without a window"))
    replay.add_argument("traces", type=Path, metavar="TRACES.inkml")
    replay.add_argument("--out", type=_output, required=True, metavar="OUT", help=tr(".png, .ora or .inkml"))
    replay.add_argument("--page", type=_size, metavar="WxH", help=tr("page in px (2480x3508)"))
    replay.add_argument("--dpi", type=_number(1, 10_000), metavar="N", help=tr("resolution (300)"))
    replay.add_argument("--pen", default="plain-round", metavar="ID", help=tr("a shipped pen (plain-round)"))
    replay.add_argument("--size", type=_number(0.3, 500), metavar="PX", help=tr("full width (the pen's own)"))
    replay.add_argument("--steady-now", type=_number(0, 100), metavar="N", help=tr("0..100 (the pen's own)"))
    replay.add_argument("--steady-after", type=_number(0, 100), metavar="N", help=tr("0..100 (the pen's own)"))
    replay.add_argument(
        "--tremor", type=_number(0, 100), metavar="PX", help=tr("of the hand (learnt from slow traces)")
    )
    replay.add_argument("--color", type=_color, default=(0, 0, 0), metavar="#rrggbb", help=tr("ink (#000000)"))
    replay.add_argument("--onto", type=Path, metavar="PAGE.ora", help=tr("draw on the active layer of a page"))
    replay.add_argument("--guides", type=Path, metavar="FILE.json", help=tr("guides that hold and repeat the lines"))
    replay.add_argument(
        "--settle", action="store_true", help=tr("a trace that ends at rest becomes the shape it resembles")
    )
    replay.add_argument("--json", action="store_true", help=tr("print the figures of every stroke"))
    replay.set_defaults(command="replay", parser=replay)

    export = commands.add_parser("export", help=tr("write a page as a picture, shapes or motions"))
    export.add_argument("page", type=Path, metavar="PAGE.ora")
    export.add_argument(
        "out", type=_picture_output, metavar="OUT", help=tr(".png, .tif, .jpg, .webp, .pdf, .svg or .inkml")
    )
    export.add_argument("--color", choices=("rgba", "rgb", "grey", "bits", "cmyk"), help=tr("colours (rgb)"))
    export.add_argument("--profile", type=Path, metavar="PRESS.icc", help=tr("of the press, for cmyk"))
    export.add_argument("--shapes", action="store_true", help=tr("lines as shapes, in a PDF"))
    export.add_argument("--transparent", action="store_true", help=tr("leave the paper out; needs rgba"))
    export.add_argument(
        "--frame", choices=("page", "bleed", "trim", "safe"), default="page", help=tr("what to cut (page)")
    )
    export.add_argument("--scale", type=_number(0.01, 8), default=1.0, metavar="K", help=tr("share of the pixels (1)"))
    export.add_argument(
        "--threshold", type=_number(1, 255), default=128, metavar="N", help=tr("of bits: darker is ink (128)")
    )
    export.add_argument("--quality", type=_number(1, 100), default=92, metavar="N", help=tr("for .jpg and .webp (92)"))
    export.add_argument("--layer", action="append", metavar="NAME", help=tr("only this layer; may be given again"))
    export.set_defaults(command="export")

    over = commands.add_parser("hand-over", help=tr("write a page as several orders at once"))
    over.add_argument("page", type=Path, metavar="PAGE.ora")
    over.add_argument("--to", type=Path, required=True, metavar="FOLDER", help=tr("where the files go"))
    over.add_argument("--orders", type=Path, metavar="ORDERS.json", help=tr("your own orders, docs/handing-over.md"))
    over.add_argument("--order", action="append", metavar="NAME", help=tr("only this order; may be given again"))
    over.set_defaults(command="hand-over")

    again = commands.add_parser("replay-page", help=tr("write a page being drawn again"))
    again.add_argument("page", type=Path, metavar="PAGE.ora")
    again.add_argument(
        "--out", type=Path, required=True, metavar="OUT", help=tr(".webp, .png, or a new folder of frames")
    )
    again.add_argument("--speed", type=_number(0.1, 10_000), metavar="K", help=tr("times the hand's own pace"))
    again.add_argument(
        "--seconds", type=_number(0.1, 3600), default=20.0, metavar="S", help=tr("if no --speed is given (20)")
    )
    again.add_argument("--size", type=_number(16, 8000), default=800, metavar="PX", help=tr("the longest side (800)"))
    again.add_argument("--fps", type=_number(1, 60), default=25.0, metavar="N", help=tr("frames a second (25)"))
    again.set_defaults(command="replay-page")

    do = commands.add_parser("do", help=tr("run a list of steps on a page: mending and filling"))
    do.add_argument("page", type=Path, metavar="PAGE.ora")
    do.add_argument("steps", type=Path, metavar="STEPS.json", help=tr("docs/steps.md"))
    do.add_argument("--out", type=_page_output, required=True, metavar="OUT.ora")
    do.add_argument("--json", action="store_true", help=tr("print how many strokes or areas each step changed"))
    do.set_defaults(command="do")
    check = commands.add_parser("check", help=tr("say what is wrong with a page before it is sent"))
    check.add_argument("page", type=Path, metavar="PAGE.ora")
    check.add_argument("--json", action="store_true", help=tr("print a list of findings"))
    check.add_argument(
        "--leaks", type=float, default=8.0, metavar="PX", help=tr("gaps of up to so many px are leaks (8)")
    )
    check.add_argument("--tangents", type=float, default=3.0, metavar="PX", help=tr("lines so near are tangents (3)"))
    check.set_defaults(command="check")
    practice = commands.add_parser("practice", help=tr("open a practice sheet, or measure one the simulated pen draws"))
    practice.add_argument(
        "--sheet", default="lines", metavar="KIND", help=tr("lines, points, curves, circles, ... (lines)")
    )
    practice.add_argument("--size", default="medium", metavar="SIZE", help=tr("small, medium or large (medium)"))
    practice.add_argument("--simulate", metavar="SKILL", help=tr("beginner, practised or expert"))
    practice.add_argument("--seed", type=int, default=1, metavar="N", help=tr("of the simulated hand (1)"))
    practice.add_argument("--json", action="store_true", help=tr("print the figures as JSON"))
    practice.set_defaults(command="practice")
    integrate = commands.add_parser("integrate", help=tr("put Jotsk into the menu of the desktop, for this user"))
    integrate.add_argument("--remove", action="store_true", help=tr("take it out again"))
    integrate.set_defaults(command="integrate")
    completion = commands.add_parser("completion", help=tr("print a script that completes commands in a shell"))
    completion.add_argument("shell", choices=SHELLS)
    completion.set_defaults(command="completion")
    return whole


def _shot(text: str) -> Path:
    path = Path(text)
    if path.suffix.lower() != ".png":
        raise argparse.ArgumentTypeError(
            tr("a picture of the window is written as .png, not {suffix}", suffix=path.suffix or tr("nothing"))
        )
    if not path.absolute().parent.is_dir():
        raise argparse.ArgumentTypeError(tr("there is no folder {folder}", folder=path.parent))
    return path


def _page_output(text: str) -> Path:
    path = Path(text)
    if path.suffix.lower() != ".ora":
        raise argparse.ArgumentTypeError(
            tr("a page is written as .ora, not {suffix}", suffix=path.suffix or tr("nothing"))
        )
    return path


def _output(text: str) -> Path:
    path = Path(text)
    if path.suffix.lower() not in (".png", ".ora", ".inkml"):
        raise argparse.ArgumentTypeError(tr("“{text}” ends in none of .png, .ora, .inkml", text=text))
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
        raise argparse.ArgumentTypeError(tr("“{text}” is no size such as 2480x3508", text=text)) from None
    return width, height


def _number(low: float, high: float) -> Callable[[str], float]:
    def number(text: str) -> float:
        try:
            value = float(text)
        except ValueError:
            raise argparse.ArgumentTypeError(tr("“{text}” is no number", text=text)) from None
        if not low <= value <= high:
            raise argparse.ArgumentTypeError(
                tr("{text} is not between {low:g} and {high:g}", text=text, low=low, high=high)
            )
        return value

    return number


def _color(text: str) -> tuple[int, int, int]:
    try:
        return color_as_typed(text)
    except ValueError as error:
        raise argparse.ArgumentTypeError(str(error)) from None
