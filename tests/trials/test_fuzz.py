"""Damaged files are read or refused with a sentence, in a process of its own, which has a limit on memory."""

from __future__ import annotations

import os
import random
import subprocess
import sys
from pathlib import Path

from trials import fuzz

ROOT = Path(__file__).parents[2]
CASES = 2000


def test_two_thousand_damaged_files_break_nothing():
    environment = dict(os.environ) | {"PYTHONPATH": f"{ROOT}:{ROOT / 'src'}"}
    out = subprocess.run(
        [sys.executable, "-W", "ignore", "-m", "trials.fuzz", "--cases", str(CASES)],
        capture_output=True, text=True, timeout=300, check=False, cwd=ROOT, env=environment,
    )  # fmt: skip
    assert out.returncode == 0, out.stdout[-4000:] + out.stderr[-2000:]
    assert f"{CASES} cases" in out.stdout and " 0 findings" in out.stdout


def test_every_whole_file_is_read_and_a_case_is_the_same_again(tmp_path):
    """Or all of them would be refused, and nothing tried."""
    found = fuzz.kinds(tmp_path)
    for kind in found:
        path = tmp_path / f"whole.{kind.name}"
        path.write_bytes(kind.whole)
        kind.read(path)
    for number in range(2 * len(found)):
        kind, data = fuzz.case(number, 7, found)
        assert fuzz.case(number, 7, found)[1] == data
    changed = sum(fuzz.damaged(kind.whole, random.Random(k)) != kind.whole for k in range(20) for kind in found)
    assert changed > 15 * len(found)
