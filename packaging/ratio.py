"""Print how much of the code is tests: a quarter to a third is wanted."""

from __future__ import annotations

import sys
from pathlib import Path


def lines_of_code(folder: str) -> int:
    return sum(
        1
        for path in Path(folder).rglob("*.py")
        for line in path.read_text().splitlines()
        if line.strip() and not line.strip().startswith("#")
    )


code, tests = lines_of_code("src"), lines_of_code("tests")
share = tests / (code + tests)
print(f"tests: {tests} of {code + tests} lines, {share:.0%}")
sys.exit(0 if 0.25 <= share <= 0.34 else 1)
