"""A version as it is given out: wheel, source and Debian package, with their sums. Nothing is sent anywhere."""

from __future__ import annotations

import argparse
import hashlib
import re
import subprocess
import sys
import tarfile
import tempfile
import tomllib
import zipfile
from pathlib import Path

from debian import build as build_debian
from texts import compile_into

ROOT = Path(__file__).parent.parent
# What a wheel and a source must have: without these it starts, and something is missing later.
IN_WHEEL = (
    "jotsk/cli.py", "jotsk/desk/fonts/AtkinsonHyperlegibleNext_400Regular.ttf", "jotsk/desk/icons/jotsk.svg",
    "jotsk/languages/jotsk_de.qm", "jotsk/demo/lettering.json", "share/jotsk/docs/drawing.md",
    "share/jotsk/docs/screenshots/ink-day.png", "share/jotsk/docs/ja/drawing.md",
)  # fmt: skip
IN_SOURCE = (
    "pyproject.toml", "README.md", "CHANGELOG.md", "LICENSE", "src/jotsk/cli.py", "docs/drawing.md",
    "docs/screenshots/ink-day.png", "tests/conftest.py", "requirements.lock", "run",
)  # fmt: skip


class NoRelease(Exception):
    """With the reason, a sentence."""


def version() -> str:
    """The one that the project, the code and the newest heading of the CHANGELOG say. Raises NoRelease."""
    project = tomllib.loads((ROOT / "pyproject.toml").read_text())["project"]["version"]
    code = re.search(r'__version__ = "(.+)"', (ROOT / "src/jotsk/__init__.py").read_text())
    changes = re.search(r"^## (\S+)", (ROOT / "CHANGELOG.md").read_text(), re.MULTILINE)
    said = {"pyproject.toml": project, "the code": code and code[1], "CHANGELOG.md": changes and changes[1]}
    if len(set(said.values())) > 1:
        raise NoRelease("The version differs: " + ", ".join(f"{k} says {v}" for k, v in said.items()) + ".")
    return str(project)


def what_changed() -> str:
    """The part of the CHANGELOG about the newest version."""
    return re.split(r"^## .*$", (ROOT / "CHANGELOG.md").read_text(), flags=re.MULTILINE)[1].strip()


def build(folder: Path) -> list[Path]:
    """Build what is given out from the committed files, and check what must be in it. Raises NoRelease."""
    number = version()
    folder.mkdir(parents=True, exist_ok=True)
    with tempfile.TemporaryDirectory() as scratch:
        source = Path(scratch) / "source"
        source.mkdir()
        archive = subprocess.run(["git", "archive", "HEAD"], cwd=ROOT, check=True, capture_output=True).stdout
        subprocess.run(["tar", "-x"], cwd=source, input=archive, check=True)
        compile_into(source / "src" / "jotsk")
        for kind in ("wheel", "sdist"):
            script = f"import sys; from setuptools import build_meta; build_meta.build_{kind}(sys.argv[1])"
            done = subprocess.run(
                [sys.executable, "-c", script, str(folder.resolve())], cwd=source, capture_output=True, text=True
            )
            if done.returncode:
                raise NoRelease(done.stderr.strip().splitlines()[-1])
    wheel, sdist = folder / f"jotsk-{number}-py3-none-any.whl", folder / f"jotsk-{number}.tar.gz"
    with zipfile.ZipFile(wheel) as held:
        _must_have(wheel, held.namelist(), IN_WHEEL)
    with tarfile.open(sdist) as held_too:
        _must_have(sdist, held_too.getnames(), IN_SOURCE)
    made = [wheel, sdist]
    if (package := build_debian(wheel, number, what_changed(), folder)) is not None:
        made.append(package)
    sums = folder / "SHA256SUMS"
    sums.write_text("".join(f"{hashlib.sha256(path.read_bytes()).hexdigest()}  {path.name}\n" for path in made))
    return [*made, sums]


def _must_have(path: Path, names: list[str], wanted: tuple[str, ...]) -> None:
    missing = [name for name in wanted if not any(held.endswith(name) for held in names)]
    if missing:
        raise NoRelease(f"{path.name} lacks {', '.join(missing)}.")


def main() -> int:
    parser = argparse.ArgumentParser(prog="./run release", description=__doc__)
    parser.add_argument("--to", type=Path, default=ROOT / "dist", metavar="FOLDER")
    try:
        for path in build(parser.parse_args().to):
            print(path)
    except NoRelease as error:
        print(error, file=sys.stderr)
        return 1
    return 0


if __name__ == "__main__":
    sys.exit(main())
