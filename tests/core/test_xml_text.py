"""Text in XML, against the standard library's."""

from __future__ import annotations

from xml.etree import ElementTree
from xml.sax import saxutils

import pytest

from jotsk.core.xml_text import escape, quoteattr

TEXTS = ["", "Ink", 'a & b < c > "d"', "l'encre", "two\nlines\tand\r more", "墨 & 線", "]]>", "&amp;"]


@pytest.mark.parametrize("text", TEXTS)
def test_text_is_read_as_it_was_and_escaped_as_the_standard_library_does(text):
    assert escape(text) == saxutils.escape(text)
    read = ElementTree.fromstring(f"<a b={quoteattr(text)}>{escape(text)}</a>")
    theirs = ElementTree.fromstring(f"<a b={saxutils.quoteattr(text)}/>")
    assert read.get("b") == theirs.get("b") == text
