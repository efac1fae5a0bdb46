"""What commands have in common with the terminal: standard input as a file, progress, completion."""

from __future__ import annotations

import argparse
import sys
import tempfile
import time
from collections.abc import Callable, Iterator
from contextlib import contextmanager
from pathlib import Path

from jotsk.core.errors import TooLarge
from jotsk.core.words import tr

STANDARD_INPUT = Path("-")
MOST_BYTES = 2 << 30
EVERY_S, FIRST_AFTER_S = 0.1, 0.7  # a quick command says nothing
BAR = 24
SHELLS = ("bash", "zsh", "fish")


@contextmanager
def as_file(path: Path, suffix: str) -> Iterator[Path]:
    """The file of a path; for `-` a file that holds the standard input, for as long as it is needed."""
    if path != STANDARD_INPUT:
        yield path
        return
    with tempfile.TemporaryDirectory(prefix="jotsk-") as folder:
        kept = Path(folder) / f"standard-input{suffix}"
        data = sys.stdin.buffer.read(MOST_BYTES + 1)
        if len(data) > MOST_BYTES:
            raise TooLarge(tr("The standard input is larger than a page can be."))
        kept.write_bytes(data)
        yield kept


@contextmanager
def progress(words: str) -> Iterator[Callable[[float], None]]:
    """A line on standard error that says how far a command is, if that is a terminal; it is gone afterwards."""
    if not sys.stderr.isatty():
        yield lambda share: None
        return
    begun = shown = time.monotonic()
    was_shown = False

    def report(share: float) -> None:
        nonlocal shown, was_shown
        now = time.monotonic()
        if now - begun >= FIRST_AFTER_S and now - shown >= EVERY_S:
            full = round(BAR * min(1.0, max(0.0, share)))
            print(f"\r{words} [{'=' * full}{' ' * (BAR - full)}] {share:4.0%}", end="", file=sys.stderr, flush=True)
            shown, was_shown = now, True

    try:
        yield report
    finally:
        if was_shown:
            print(f"\r{' ' * (len(words) + BAR + 9)}\r", end="", file=sys.stderr, flush=True)


# -- completion ----------------------------------------------------------------------------------


def completion(shell: str, parser: argparse.ArgumentParser) -> str:
    """A script for a shell that completes the commands of a parser and their options."""
    words = _words(parser)
    if shell == "fish":
        lines = ["complete -c jotsk -f -n __fish_use_subcommand -a '{}'".format(" ".join(sorted(words)))]
        for command, options in sorted(words.items()):
            for option in options:
                lines.append(
                    f"complete -c jotsk -n '__fish_seen_subcommand_from {command}' -l {option.removeprefix('--')}"
                )
        return "\n".join([*lines, "complete -c jotsk -F", ""])
    cases = "\n".join(
        f"        {command}) words='{' '.join(options)}' ;;" for command, options in sorted(words.items()) if options
    )
    script = f"""_jotsk() {{
    local words here=${{COMP_WORDS[COMP_CWORD]}}
    if [ "$COMP_CWORD" -eq 1 ]; then
        words='{" ".join(sorted(words))} --help --version'
    else
        case ${{COMP_WORDS[1]}} in
{cases}
        esac
    fi
    COMPREPLY=($(compgen -W "$words" -- "$here") $(compgen -f -- "$here"))
}}
complete -o filenames -F _jotsk jotsk
"""
    return ("autoload -U +X bashcompinit && bashcompinit\n" if shell == "zsh" else "") + script


def _words(parser: argparse.ArgumentParser) -> dict[str, list[str]]:
    """Every command, and its long options."""
    found: dict[str, list[str]] = {}
    for action in parser._actions:
        if isinstance(action, argparse._SubParsersAction):
            for name, command in action.choices.items():
                if name != "open":
                    options = (each for own in command._actions for each in own.option_strings)
                    found[name] = [option for option in options if option.startswith("--")]
    return found
