"""The texts of the window for Qt Linguist: gather them from the code, and compile the translations the window reads."""

from __future__ import annotations

import argparse
import subprocess
import sys
from pathlib import Path

ROOT = Path(__file__).parent.parent
SOURCE = ROOT / "src" / "jotsk"
LANGUAGES = ("de", "es", "ja")


def translations(folder: Path) -> list[Path]:
    return [folder / f"jotsk_{language}.ts" for language in LANGUAGES]


def gather(folder: Path = SOURCE / "languages") -> None:
    """Bring the translations in a folder up to the texts of the code; what is new is left open for a translator."""
    files = sorted(str(path) for path in SOURCE.rglob("*.py") if path.name != "words.py")
    for path in translations(folder):
        _run(
            "lupdate", *files, "-tr-function-alias", "QT_TR_NOOP+=mark", "-locations", "none", "-no-obsolete",
            "-source-language", "en", "-target-language", path.stem.partition("_")[2], "-ts", str(path),
        )  # fmt: skip


def compile_into(source: Path = SOURCE) -> None:
    """Compile what the window reads, beside each translation."""
    for path in translations(source / "languages"):
        made = path.with_suffix(".qm")
        if not made.exists() or made.stat().st_mtime <= path.stat().st_mtime:
            _run("lrelease", "-silent", str(path), "-qm", str(made))


def _run(tool: str, *arguments: str) -> None:
    subprocess.run([str(Path(sys.executable).parent / f"pyside6-{tool}"), *arguments], check=True, capture_output=True)


if __name__ == "__main__":
    parser = argparse.ArgumentParser(description=__doc__)
    parser.add_argument("do", choices=("gather", "compile"))
    gather() if parser.parse_args().do == "gather" else compile_into()
