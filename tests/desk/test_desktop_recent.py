"""The desktop's list of recent files: what the Desktop Bookmark Specification 0.9 asks for, and what others wrote."""

from __future__ import annotations

from datetime import UTC, datetime
from xml.etree import ElementTree as Tree

import pytest

from jotsk.desk.inout.desktop_recent import BOOKMARK, MIME, note, with_file
from jotsk.integration import data_folder

# After the example of the specification, section "Example"; from memory.
THEIRS = """<?xml version="1.0" encoding="UTF-8"?>
<xbel version="1.0" xmlns:mime="http://www.freedesktop.org/standards/shared-mime-info"
      xmlns:bookmark="http://www.freedesktop.org/standards/desktop-bookmarks">
  <bookmark href="file:///home/ada/a%20b.txt" added="2004-10-22T18:46:54Z" modified="2004-10-22T18:46:54Z"
            visited="2004-10-22T18:46:54Z">
    <title>A text</title>
    <info>
      <metadata owner="http://freedesktop.org">
        <mime:mime-type type="text/plain"/>
        <bookmark:groups><bookmark:group>Notes</bookmark:group></bookmark:groups>
        <bookmark:applications>
          <bookmark:application name="Editor" exec="editor --open %f" count="3" modified="2004-10-22T18:46:54Z"/>
        </bookmark:applications>
      </metadata>
      <metadata owner="http://example.org/else"><kept/></metadata>
    </info>
  </bookmark>
</xbel>"""
NOW = datetime(2020, 2, 3, 4, 5, 6, tzinfo=UTC)
SPACES = {"mime": MIME, "bookmark": BOOKMARK}


def listed():
    return Tree.parse(data_folder() / "recently-used.xbel").getroot()


def test_a_page_is_listed_once_and_counted(tmp_path):
    page = tmp_path / "a page ü.ora"
    note(page)
    note(page)
    (mark,) = listed().findall("bookmark")
    assert mark.get("href") == page.as_uri() and "%20" in mark.get("href")
    assert mark.find("info/metadata/mime:mime-type", SPACES).get("type") == "image/openraster"
    (user,) = mark.findall("info/metadata/bookmark:applications/bookmark:application", SPACES)
    assert user.attrib.keys() >= {"name", "exec", "count", "modified"}  # which the specification requires
    assert user.get("name") == "Jotsk" and user.get("count") == "2"
    for name in ("added", "modified", "visited"):
        assert datetime.fromisoformat(mark.get(name)).tzinfo is not None


def test_what_others_wrote_stays(tmp_path):
    before = Tree.canonicalize(THEIRS, strip_text=True)
    changed = with_file(THEIRS.encode(), tmp_path / "b.svg", NOW)
    root = Tree.fromstring(changed)
    ours = root.findall("bookmark")[1]
    root.remove(ours)
    assert Tree.canonicalize(Tree.tostring(root), strip_text=True) == before
    assert ours.get("added") == "2020-02-03T04:05:06.000000Z"


@pytest.mark.parametrize("text", [b"", b"<xbel", b"<html/>", b'<!DOCTYPE x [<!ENTITY a "b">]><xbel>&a;</xbel>'])
def test_a_list_that_makes_no_sense_is_left_alone(tmp_path, text):
    file = data_folder() / "recently-used.xbel"
    file.parent.mkdir(parents=True, exist_ok=True)
    file.write_bytes(text)
    note(tmp_path / "a.ora")
    assert file.read_bytes() == text


def test_a_folder_that_cannot_be_written_is_no_trouble(tmp_path, monkeypatch):
    (tmp_path / "file").write_text("")
    monkeypatch.setenv("XDG_DATA_HOME", str(tmp_path / "file"))
    note(tmp_path / "a.ora")
    assert (tmp_path / "file").read_text() == ""
