"""What is given out: wheel, source, Debian package, each taken apart, installed where it can be, started and removed."""

from __future__ import annotations

import email
import hashlib
import json
import os
import shutil
import subprocess
import sys
import tarfile
import zipfile
from pathlib import Path

import pytest
from packaging.metadata import Metadata
from packaging.requirements import Requirement

from jotsk import __version__, integration

ROOT = Path(__file__).parents[2]
DPKG = shutil.which("dpkg"), shutil.which("dpkg-deb")


pytestmark = pytest.mark.skipif(not (ROOT / ".git").exists(), reason="releases are built from a checkout")


@pytest.fixture(scope="module")
def given_out(tmp_path_factory):
    folder = tmp_path_factory.mktemp("dist")
    done = subprocess.run(
        [sys.executable, ROOT / "packaging" / "release.py", "--to", folder], cwd=ROOT, capture_output=True, text=True
    )
    assert done.returncode == 0, done.stderr
    return [Path(line) for line in done.stdout.split()]


def named(given_out, ending):
    return next((path for path in given_out if path.name.endswith(ending)), None)


def test_the_wheel_has_all_its_metadata_and_starts(given_out, tmp_path):
    wheel = named(given_out, ".whl")
    with zipfile.ZipFile(wheel) as held:
        info = f"jotsk-{__version__}.dist-info"
        metadata = Metadata.from_email(held.read(f"{info}/METADATA"), validate=True)  # PyPA core metadata 2.4
        assert metadata.name == "jotsk" and str(metadata.version) == __version__ and metadata.summary
        assert metadata.license_expression == "MIT" and any("OFL" in name for name in metadata.license_files)
        assert {"numpy", "numba", "PySide6-Essentials"} <= {Requirement(str(r)).name for r in metadata.requires_dist}
        assert "jotsk = jotsk.cli:main" in held.read(f"{info}/entry_points.txt").decode()
        assert not any(name.endswith((".nbi", ".nbc", ".pyc")) for name in held.namelist())
    subprocess.run(
        [sys.executable, "-m", "pip", "install", "-q", "--no-deps", "--no-index", "--target", tmp_path, wheel],
        check=True,
    )
    done = _run(tmp_path, [sys.executable, "-m", "jotsk.cli", "--version"])
    assert done.stdout == f"jotsk {__version__}\n", done.stderr
    found = _run(tmp_path, [sys.executable, "-c", "import jotsk; print(jotsk.__file__)"])
    assert str(tmp_path) in found.stdout


def test_the_source_can_be_built_and_tested_again(given_out):
    with tarfile.open(named(given_out, ".tar.gz")) as held:
        names = {name.partition("/")[2] for name in held.getnames()}
    kept = subprocess.run(["git", "ls-files"], cwd=ROOT, capture_output=True, text=True, check=True).stdout.split()
    wanted = {name for name in kept if not name.startswith((".ci", ".git"))}
    assert wanted <= names, sorted(wanted - names)[:5]


def test_the_sums_are_those_of_the_files(given_out):
    sums = named(given_out, "SHA256SUMS").read_text().splitlines()
    assert len(sums) == len(given_out) - 1
    for line in sums:
        digest, name = line.split()
        path = next(path for path in given_out if path.name == name)
        assert hashlib.sha256(path.read_bytes()).hexdigest() == digest


@pytest.mark.skipif(not all(DPKG), reason="there is no dpkg here")
def test_the_debian_package_is_installed_started_and_removed(given_out, tmp_path):
    package = named(given_out, ".deb")
    control = email.message_from_string(
        subprocess.run(["dpkg-deb", "--field", package], capture_output=True, text=True, check=True).stdout
    )
    assert (control["Package"], control["Version"], control["Architecture"]) == ("jotsk", __version__, "all")
    assert "python3-pyside6.qtwidgets" in control["Depends"] and "python3-numba" in control["Depends"]
    root = tmp_path / "root"
    (root / "var/lib/dpkg/info").mkdir(parents=True)
    (root / "var/lib/dpkg/updates").mkdir()
    (root / "var/lib/dpkg/status").touch()
    dpkg = ["dpkg", f"--root={root}", "--force-not-root", "--force-depends", f"--log={tmp_path}/log"]
    done = subprocess.run([*dpkg, "--install", package], capture_output=True, text=True)
    assert done.returncode == 0, done.stderr
    entry = (root / f"usr/share/applications/{integration.ID}.desktop").read_text()
    assert "Exec=jotsk %f" in entry
    for place in ("usr/share/man/man1/jotsk.1.gz", "usr/share/doc/jotsk/copyright", "usr/share/jotsk/docs/drawing.md",
                  f"usr/share/icons/hicolor/scalable/apps/{integration.ID}.svg"):  # fmt: skip
        assert (root / place).is_file(), place
    launcher = root / "usr/bin/jotsk"
    assert os.access(launcher, os.X_OK)
    modules = root / "usr/lib/python3/dist-packages"
    done = _run(modules, [sys.executable, launcher, "--version"])
    assert done.stdout == f"jotsk {__version__}\n", done.stderr
    done = _run(modules, [sys.executable, "-c", "import svgelements; print(svgelements.__file__)"])
    assert str(modules) in done.stdout, "the library that Debian does not have"
    done = subprocess.run([*dpkg, "--purge", "jotsk"], capture_output=True, text=True)
    assert done.returncode == 0, done.stderr
    left = [path for path in root.rglob("*") if path.is_file() and "jotsk" in path.name.lower()]
    assert not left, left


def test_the_flatpak_manifest_names_files_that_are_there():
    manifest = json.loads((ROOT / "packaging" / f"{integration.ID}.json").read_text())
    assert manifest["id"] == integration.ID and manifest["command"] == "jotsk"
    (module,) = manifest["modules"]
    assert (ROOT / "packaging" / module["sources"][0]["path"] / "requirements.lock").exists()
    assert any("requirements.lock" in command for command in module["build-commands"])


def test_versions_that_differ_are_refused(tmp_path):
    script = "import sys; sys.path.insert(0, 'packaging'); import release; release.ROOT = __import__('pathlib').Path(sys.argv[1]); release.version()"
    for name in ("pyproject.toml", "CHANGELOG.md", "src/jotsk/__init__.py"):
        (tmp_path / name).parent.mkdir(parents=True, exist_ok=True)
        (tmp_path / name).write_text((ROOT / name).read_text())
    (tmp_path / "CHANGELOG.md").write_text("# Changes\n\n## 9.9.9\n\n- All of it.\n")
    done = subprocess.run([sys.executable, "-c", script, tmp_path], cwd=ROOT, capture_output=True, text=True)
    assert "CHANGELOG.md says 9.9.9" in done.stderr


def _run(modules, command):
    environment = {**os.environ, "PYTHONPATH": str(modules), "PYTHONDONTWRITEBYTECODE": "1", "PYTHONSAFEPATH": "1"}
    return subprocess.run(command, capture_output=True, text=True, env=environment, cwd=modules)
