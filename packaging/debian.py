"""The Debian package: our own files from the wheel, everything else from Debian's packages.

It is put together by dpkg-deb alone, so that it can be built wherever a wheel can. One library that Debian does not
have is laid beside ours, with its licence.
"""

from __future__ import annotations

import gzip
import hashlib
import shutil
import subprocess
import sys
import tempfile
import zipfile
from importlib import metadata
from pathlib import Path

from jotsk import integration

MAINTAINER = "The developers of Jotsk <jotsk@localhost>"
MODULES = "usr/lib/python3/dist-packages"
DEPENDS = (
    "python3 (>= 3.11)", "python3-numpy (>= 1:2.2)", "python3-scipy", "python3-numba", "python3-opencv", "python3-pil",
    "python3-defusedxml", "python3-pikepdf", "python3-zstandard", "python3-pyside6.qtcore", "python3-pyside6.qtgui",
    "python3-pyside6.qtwidgets", "python3-pyside6.qtsvg", "python3-pyside6.qtnetwork",
    "python3-pyside6.qtprintsupport",
)  # fmt: skip
BESIDE = ("svgelements",)
LAUNCHER = """#!/usr/bin/python3
import sys

from jotsk.cli import main

sys.exit(main())
"""


def build(wheel: Path, version: str, changes: str, folder: Path) -> Path | None:
    """Build the package of a wheel into a folder; None where there is no dpkg-deb."""
    program = shutil.which("dpkg-deb")
    if program is None:
        print("There is no dpkg-deb here: no Debian package.", file=sys.stderr)
        return None
    package = folder / f"jotsk_{version}_all.deb"
    with tempfile.TemporaryDirectory() as scratch:
        tree = Path(scratch) / "jotsk"
        lay_out(tree, wheel, version, changes)
        subprocess.run([program, "--root-owner-group", "--build", str(tree), str(package)], check=True,
                       capture_output=True)  # fmt: skip
    return package


def lay_out(tree: Path, wheel: Path, version: str, changes: str) -> None:
    """Every file of the package, by its place on the machine it is installed on."""
    data = f"jotsk-{version}.data/data/"
    with zipfile.ZipFile(wheel) as held:
        for name in held.namelist():
            place = f"usr/{name.removeprefix(data)}" if name.startswith(data) else f"{MODULES}/{name}"
            _write(tree / place, held.read(name))
    for library in BESIDE:
        _lay_beside(tree, library)
    for place, text in integration.files("jotsk").items():
        if place.startswith("man/"):
            _write(tree / "usr/share" / f"{place}.gz", gzip.compress(text.encode(), mtime=0))
        else:
            _write(tree / "usr/share" / place, text.encode())
    _write(tree / "usr/bin/jotsk", LAUNCHER.encode(), 0o755)
    about = tree / "usr/share/doc/jotsk"
    licences = [path for path in (tree / MODULES).rglob("*") if path.name in ("LICENSE", "OFL.txt")]
    texts = [f"{path.relative_to(tree / MODULES)}\n\n{path.read_text()}" for path in sorted(licences)]
    _write(about / "copyright", "\n\n".join(texts).encode())
    _write(about / "changelog.gz", gzip.compress(f"{version}\n\n{changes}\n".encode(), mtime=0))
    files = [path for path in tree.rglob("*") if path.is_file()]
    size = sum(path.stat().st_size for path in files)
    sums = [f"{hashlib.md5(path.read_bytes()).hexdigest()}  {path.relative_to(tree)}\n" for path in sorted(files)]
    _write(tree / "DEBIAN/md5sums", "".join(sums).encode())
    _write(tree / "DEBIAN/control", _control(version, -(-size // 1024)).encode())


def _control(version: str, size_kib: int) -> str:
    """Debian Policy 5.3."""
    return f"""Package: jotsk
Version: {version}
Architecture: all
Maintainer: {MAINTAINER}
Installed-Size: {size_kib}
Depends: {", ".join(DEPENDS)}
Section: graphics
Priority: optional
Description: {integration.SUMMARY[0].lower()}{integration.SUMMARY[1:]}
 Open a sketch, dim it, and draw freehand ink over it: steadied strokes,
 pressure curves, rulers, perspective and symmetry. Every line can be mended
 later; then fill, check the page and hand it over.
"""


def _lay_beside(tree: Path, library: str) -> None:
    """The files of an installed pure Python library, with its metadata."""
    for file in metadata.files(library) or []:
        if "__pycache__" not in str(file) and not str(file).startswith(".."):
            _write(tree / MODULES / str(file), Path(str(file.locate())).read_bytes())


def _write(path: Path, content: bytes, mode: int = 0o644) -> None:
    path.parent.mkdir(parents=True, exist_ok=True)
    path.write_bytes(content)
    path.chmod(mode)
