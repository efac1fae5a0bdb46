"""Puts the application into the menu of the desktop, for one user: entry, icon, type of its files, metadata, manual."""

from __future__ import annotations

import os
import shlex
import sys
from datetime import UTC, datetime
from pathlib import Path

from jotsk import __version__
from jotsk.core import words
from jotsk.core.errors import CannotWrite
from jotsk.core.files.writing import why_unwritable
from jotsk.core.words import tr
from jotsk.core.xml_text import escape

ID = "org.jotsk.Jotsk"
SUMMARY = "Ink over a sketch, with lines that stay mendable"
OPENRASTER = "image/openraster"
# What the menu of the desktop says, in the languages of the window: what it is, and what it does.
IN_OTHERS = {
    "de": ("Tuschezeichnen", "Linien über eine Skizze tuschen"),
    "es": ("Entintado", "Entintar líneas sobre un boceto"),
    "ja": ("ペン入れ", "下描きの上に線をペン入れする"),
}
ACTIONS_IN_OTHERS = {
    "de": ("Beispielseite öffnen", "Die Hand aufwärmen"),
    "es": ("Abrir la página de muestra", "Calentar la mano"),
    "ja": ("見本のページを開く", "手をならす"),
}
ABOUT = (  # a paragraph each
    "Open a sketch, dim it, and draw freehand ink over it: steadied strokes, pressure curves, rulers, perspective"
    " and symmetry. Every line can be mended later: snipped, joined, thickened, pushed, recast in another pen.",
    "Then fill blacks, flats and tones that follow their lines, check the page for leaks and tangents, and hand it"
    " over for print and web.",
)
ABOUT_IN_OTHERS = {
    "de": (
        "Eine Skizze öffnen, dämpfen und freihändig darüber tuschen: beruhigte Striche, Druckkurven, Lineale,"
        " Perspektive und Symmetrie. Jede Linie lässt sich später ausbessern: stutzen, verbinden, verstärken, schieben,"
        " mit einem anderen Stift ziehen.",
        "Dann Schwarz, Grundfarben und Töne füllen, die ihren Linien folgen, die Seite auf Lecks und Tangenten prüfen"
        " und für Druck und Web abgeben.",
    ),
    "es": (
        "Abra un boceto, atenúelo y entinte encima a mano alzada: trazos firmes, curvas de presión, reglas, perspectiva"
        " y simetría. Cada línea se puede arreglar después: recortar, unir, engrosar, empujar, rehacer con otra pluma.",
        "Luego rellene negros, planos y tonos que siguen a sus líneas, revise la página en busca de fugas y tangentes,"
        " y entréguela para imprenta y web.",
    ),
    "ja": (
        "下描きを開いて薄くし、その上に手描きでペンを入れます。補正したストローク、筆圧の曲線、定規、遠近、対称。"
        "どの線も後から直せます。刈り込む、つなぐ、太くする、押す、別のペンで描き直す。",
        "それから線に従うベタ、下塗り、トーンを塗り、漏れと接触を点検し、印刷とウェブのために入稿します。",
    ),
}
FILES_IN_OTHERS = {"de": "OpenRaster-Bild", "es": "Imagen OpenRaster", "ja": "OpenRaster 画像"}
ICON = Path(__file__).parent / "desk" / "icons" / "jotsk.svg"
UPDATES = (  # what keeps the caches of the desktop, if it is there
    ("update-mime-database", "mime"), ("update-desktop-database", "applications"),
    ("gtk-update-icon-cache", "icons/hicolor"),
)  # fmt: skip


def data_folder() -> Path:
    """Where a user's own desktop files lie: the XDG Base Directory Specification."""
    value = os.environ.get("XDG_DATA_HOME", "")
    return Path(value) if os.path.isabs(value) else Path.home() / ".local" / "share"


def integrate() -> list[Path]:
    """Write the files, and return them. Raises CannotWrite."""
    written = []
    for place, text in files().items():
        path = data_folder() / place
        try:
            path.parent.mkdir(parents=True, exist_ok=True)
            path.write_text(text, encoding="utf-8")
        except OSError as error:
            raise CannotWrite(path, why_unwritable(error)) from error
        written.append(path)
    _update()
    return written


def remove() -> list[Path]:
    """Take the files away again, and return those that were there. Raises CannotWrite."""
    gone = []
    for place in files():
        path = data_folder() / place
        try:
            path.unlink()
        except FileNotFoundError:
            continue
        except OSError as error:
            raise CannotWrite(path, why_unwritable(error)) from error
        gone.append(path)
    _update()
    return gone


def files(command: str | None = None) -> dict[str, str]:
    """Every file by its place below the data folder; the entry starts this very installation, or `command`."""
    return {
        f"applications/{ID}.desktop": desktop_entry(command or _command()),
        f"icons/hicolor/scalable/apps/{ID}.svg": ICON.read_text(encoding="utf-8"),
        f"mime/packages/{ID}.xml": mime_type(),
        f"metainfo/{ID}.metainfo.xml": metainfo(),
        "man/man1/jotsk.1": manual(),
    }


def _update() -> None:
    import shutil  # here: they take long to import, and the window asks for the names above
    import subprocess

    for program, folder in UPDATES:
        found, path = shutil.which(program), data_folder() / folder
        if found and path.is_dir():
            subprocess.run([found, str(path)], capture_output=True, check=False, timeout=60)


def _command() -> str:
    """How the desktop starts the application: this very installation."""
    own = Path(sys.executable).parent / "jotsk"
    words = [str(own)] if own.exists() else [sys.executable, "-m", "jotsk.cli"]
    return shlex.join(words).replace("%", "%%")


def desktop_entry(command: str) -> str:
    """Desktop Entry Specification; 1.4 of it, which older validators know too."""
    generic = "".join(f"GenericName[{code}]={name}\n" for code, (name, _) in IN_OTHERS.items())
    comment = "".join(f"Comment[{code}]={does}\n" for code, (_, does) in IN_OTHERS.items())
    demo = "".join(f"Name[{code}]={name}\n" for code, (name, _) in ACTIONS_IN_OTHERS.items())
    practice = "".join(f"Name[{code}]={name}\n" for code, (_, name) in ACTIONS_IN_OTHERS.items())
    return f"""[Desktop Entry]
Type=Application
Version=1.4
Name=Jotsk
GenericName=Inking
{generic}Comment={SUMMARY}
{comment}Exec={command} %f
Icon={ID}
Terminal=false
Categories=Graphics;2DGraphics;RasterGraphics;
MimeType={OPENRASTER};image/svg+xml;image/png;image/jpeg;image/tiff;image/webp;
Keywords=ink;comic;manga;line art;pen;tablet;
StartupNotify=true
StartupWMClass=jotsk
Actions=demo;practice;

[Desktop Action demo]
Name=Open the demo page
{demo}Exec={command} demo

[Desktop Action practice]
Name=Warm up the hand
{practice}Exec={command} practice
"""


def mime_type() -> str:
    """The type of OpenRaster files, as the shared MIME-info specification 0.21 writes it; the standard names it."""
    comments = "\n".join(
        f'    <comment xml:lang="{code}">{escape(name)}</comment>' for code, name in FILES_IN_OTHERS.items()
    )
    return f"""<?xml version="1.0" encoding="UTF-8"?>
<mime-info xmlns="http://www.freedesktop.org/standards/shared-mime-info">
  <mime-type type="{OPENRASTER}">
    <comment>OpenRaster image</comment>
{comments}
    <sub-class-of type="application/zip"/>
    <magic priority="70">
      <match type="string" value="PK\\003\\004" offset="0">
        <match type="string" value="mimetype" offset="30">
          <match type="string" value="{OPENRASTER}" offset="38"/>
        </match>
      </match>
    </magic>
    <glob pattern="*.ora"/>
  </mime-type>
</mime-info>
"""


def metainfo() -> str:
    """AppStream metadata 1.0."""
    date = datetime.fromtimestamp(Path(__file__).stat().st_mtime, UTC).date().isoformat()
    others = "\n".join(
        f'  <summary xml:lang="{code}">{escape(does)}</summary>' for code, (_, does) in IN_OTHERS.items()
    )
    texts = [f"    <p>{escape(each)}</p>" for each in ABOUT]
    texts += [
        f'    <p xml:lang="{code}">{escape(each)}</p>' for code, about in ABOUT_IN_OTHERS.items() for each in about
    ]
    text = "\n".join(texts)
    return f"""<?xml version="1.0" encoding="UTF-8"?>
<component type="desktop-application">
  <id>{ID}</id>
  <name>Jotsk</name>
  <summary>{escape(SUMMARY)}</summary>
{others}
  <metadata_license>CC0-1.0</metadata_license>
  <project_license>MIT</project_license>
  <developer id="org.jotsk"><name>The developers of Jotsk</name></developer>
  <description>
{text}
  </description>
  <launchable type="desktop-id">{ID}.desktop</launchable>
  <provides>
    <binary>jotsk</binary>
    <mediatype>{OPENRASTER}</mediatype>
  </provides>
  <content_rating type="oars-1.1"/>
  <supports>
    <control>tablet</control>
    <control>pointing</control>
    <control>keyboard</control>
    <control>touch</control>
  </supports>
  <releases>
    <release version="{__version__}" date="{date}"/>
  </releases>
</component>
"""


def _commands() -> tuple[tuple[str, str], ...]:
    return (
        ("jotsk [FILE]", tr("Open the window, with a page (.ora), a picture as a sketch, or the lines of an SVG.")),
        ("jotsk demo [--finished]", tr("Open the demo page, or the finished panel.")),
        ("jotsk practice [--sheet KIND]", tr("Open a practice sheet that measures the hand.")),
        (
            "jotsk export PAGE.ora OUT",
            tr("Write a page as a picture, shapes or motions; the ending of OUT says which."),
        ),
        ("jotsk hand-over PAGE.ora --to FOLDER", tr("Write a page as several orders at once.")),
        ("jotsk replay-page PAGE.ora --out OUT", tr("Write a page being drawn again.")),
        ("jotsk do PAGE.ora STEPS.json --out OUT.ora", tr("Run a list of steps on a page: mending and filling.")),
        ("jotsk check PAGE.ora [--json]", tr("Say what is wrong with a page; exit 3 if there is anything.")),
        ("jotsk replay TRACES.inkml --out OUT", tr("Run traces through the pens, without a window.")),
        ("jotsk integrate [--remove]", tr("Put the application into the menu of the desktop, for this user.")),
        ("jotsk completion bash|zsh|fish", tr("Print a script that completes commands in a shell.")),
    )


def manual() -> str:
    """A page of the manual, section 1, in the language that is spoken: man(7)."""
    summary = IN_OTHERS.get(words.spoken, ("", f"{SUMMARY[0].lower()}{SUMMARY[1:]}"))[1]
    lines = [
        f'.TH JOTSK 1 "" "Jotsk {__version__}" "User Commands"',
        _section(tr("NAME")), rf"jotsk \- {summary}",
        _section(tr("SYNOPSIS")), r".B jotsk", r"[\fIFILE\fR | \fICOMMAND\fR ...]",
        _section(tr("DESCRIPTION")),
        _roff(tr("Without a command, Jotsk opens its window. Instead of a file, - reads the standard input.")),
        _section(tr("COMMANDS")),
    ]  # fmt: skip
    for command, told in _commands():
        lines += [".TP", rf"\fB{_roff(command)}\fR", _roff(told)]
    lines += [
        _section(tr("EXIT STATUS")),
        _roff(tr("0 done; 1 the input could not be used; 2 wrong usage; 3 something was found by check.")),
        _section(tr("FILES")),
    ]  # fmt: skip
    for folder, told in (
        ("CONFIG", tr("settings, pens, palettes and the diary of practice")),
        ("STATE", tr("unsaved work and the log")), ("CACHE", tr("what can be made again")),
    ):  # fmt: skip
        lines += [".TP", rf"\fI$XDG_{folder}_HOME/jotsk\fR", _roff(told)]
    return "\n".join(lines) + "\n"


def _section(title: str) -> str:
    return f".SH {title}"


def _roff(text: str) -> str:
    return text.replace("\\", r"\e").replace("-", r"\-")
