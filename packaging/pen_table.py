"""The fields of a pen as a table for docs/file-format.md, from their schema: packaging/pen_table.py [--check]."""

from __future__ import annotations

import sys
from pathlib import Path

from jotsk.core.ink.pens import PEN_SPECS

DOCUMENT = Path(__file__).parent.parent / "docs" / "file-format.md"
BEGINS, ENDS = "| field | may be | in the pen maker |\n", "\n\n"


def table() -> str:
    """In Markdown."""
    rows = [BEGINS.strip(), "| --- | --- | --- |"]
    for name, spec in PEN_SPECS.items():
        made = f"{spec.maker.tab}: {spec.maker.words}" if spec.maker else ""
        rows.append(f"| `{name}` | {spec.says} | {made} |")
    return "\n".join(rows)


def main() -> int:
    text = DOCUMENT.read_text()
    start = text.index(BEGINS)
    new = text[:start] + table() + text[text.index(ENDS, start) :]
    if "--check" in sys.argv:
        return int(new != text)
    DOCUMENT.write_text(new)
    return 0


if __name__ == "__main__":
    sys.exit(main())
