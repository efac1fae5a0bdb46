"""The real window, offscreen, and a simulated pen on its board."""

from __future__ import annotations

import gc
import itertools
import sys
from functools import partial

import numpy as np
import pytest
from numba.core.dispatcher import Dispatcher
from PySide6.QtCore import QEvent
from PySide6.QtWidgets import QApplication

from jotsk.core.hand import Trace
from jotsk.core.hand.simulated_pen import DEVICES, drawn
from jotsk.core.runtime.warm import warm_up
from jotsk.desk.app.window import Window
from jotsk.desk.board.input.simulated_pen import SimulatedPen
from jotsk.desk.guides.guiding import Offered, offered
from jotsk.desk.inout.own_files import finish_writing
from jotsk.desk.inout.settings import Settings
from jotsk.desk.recovery.recovery_folder import RecoveryFolder
from jotsk.desk.theme import DAY, apply_theme
from jotsk.desk.theme.style import ARGUMENTS, load_fonts

COLLECTED_EVERY = 12  # windows
PATIENCE_MS = 60_000
_made = itertools.count()


def kernels_compiled() -> dict[str, set[str]]:
    """Every kernel of the core, and the types it is compiled for."""
    return {
        f"{module.__name__}.{name}": set(map(str, thing.signatures))
        for module in list(sys.modules.values())
        if getattr(module, "__name__", "").startswith("jotsk.core")
        for name, thing in vars(module).items()
        if isinstance(thing, Dispatcher) and thing.py_func.__module__ == module.__name__
    }


@pytest.fixture(scope="session")
def qapp_args():
    return [*ARGUMENTS]


@pytest.fixture(scope="session")
def kernels_warm():
    warm_up()
    return kernels_compiled()


@pytest.fixture(autouse=True)
def nothing_is_compiled_while_somebody_waits(kernels_warm):
    """What the hand needs is compiled ahead, by `core.runtime.warm`: compiling one kernel holds the hand for half a second."""
    for name, types in kernels_compiled().items():  # by tests of the core in between
        kernels_warm.setdefault(name, set()).update(types)
    yield
    new = {name: now - kernels_warm.get(name, set()) for name, now in kernels_compiled().items()}
    for name, types in new.items():
        kernels_warm.setdefault(name, set()).update(types)  # named once
    assert not any(new.values()), "\n".join(f"{name}: {types}" for name, types in new.items() if types)


@pytest.fixture
def qtbot(qtbot):
    """Waits end as soon as there is what they wait for, and a busy computer makes no test fail."""
    for wait in (qtbot.waitUntil, qtbot.waitSignal, qtbot.waitExposed):
        setattr(qtbot, wait.__name__, partial(wait, timeout=PATIENCE_MS))
    return qtbot


@pytest.fixture
def make_window(qtbot, tmp_path):
    """Open windows that share settings and shelf, as one after another start of the application does."""
    # Windows of tests before would go with the next event loop, and each new style be worked out for all of them.
    QApplication.sendPostedEvents(None, QEvent.Type.DeferredDelete)
    if next(_made) % COLLECTED_EVERY == 0:
        gc.unfreeze()  # a window sets aside what is loaded, and so those that were closed before it
        gc.collect()
    load_fonts()
    apply_theme(QApplication.instance(), DAY)

    def make() -> Window:
        finish_writing()
        window = Window(Settings(tmp_path / "settings.json"), RecoveryFolder(tmp_path / "state"))
        qtbot.addWidget(
            window, before_close_func=lambda w: w.document.was_saved(w.document.snapshot(), tmp_path / "x.ora")
        )
        window.show()
        qtbot.waitExposed(window)
        return window

    return make


@pytest.fixture
def window(make_window):
    return make_window()


@pytest.fixture
def settle(qtbot):
    """Wait until no file is going in or out."""

    def wait(window: Window) -> None:
        qtbot.waitUntil(lambda: not window.filing.jobs.is_busy)

    return wait


@pytest.fixture
def pen(window):
    return SimulatedPen(window.board, DEVICES["display"])


@pytest.fixture
def mouse(window):
    return SimulatedPen(window.board, DEVICES["mouse"])


@pytest.fixture
def eraser(window):
    return SimulatedPen(window.board, DEVICES["display"], eraser=True)


def offer(name: str) -> Offered:
    """A guide that can be added."""
    return next(each for group in offered() for each in group if each.name == name)


def across(window: Window, *, y: float = 0.5, seed: int = 0, seconds: float = 0.6) -> Trace:
    """A line across the middle of the page, in the board's own px."""
    board, page = window.board, window.document.page
    ends = [board.view.to_screen(page.width * x, page.height * y) for x in (0.3, 0.7)]
    return drawn(np.array(ends), seconds, pressure=[0.3, 0.9, 0.4], device=DEVICES["display"], seed=seed)
