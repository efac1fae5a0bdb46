"""Python's housekeeping and the hand."""

from __future__ import annotations

import gc
import platform
import sys
from pathlib import Path

import numpy as np
import pytest
from PySide6.QtCore import QObject

from jotsk.core.runtime.memory import give_back_memory
from jotsk.desk.app.gc_pauses import AGAIN_MS, EVERY_MS, GcPauses


@pytest.fixture
def thawed():
    threshold, turn = gc.get_threshold(), sys.getswitchinterval()
    yield
    sys.setswitchinterval(turn)
    gc.unfreeze()
    gc.set_threshold(*threshold)


def test_housekeeping_waits_while_the_hand_is_at_work(qapp, thawed):
    busy = [True]
    parent = QObject()
    tidying = GcPauses(lambda: busy[0], parent)
    gc.unfreeze()
    tidying.tidy()
    assert gc.get_freeze_count() == 0 and tidying._timer.interval() == AGAIN_MS
    busy[0] = False
    ring: list = []
    ring.append(ring)
    tidying.tidy()
    assert gc.get_freeze_count() > 10_000 and tidying._timer.interval() == EVERY_MS
    assert gc.collect() < 1000, "there is little left to walk over"


def resident_mb() -> float:
    lines = Path("/proc/self/status").read_text().splitlines()
    return next(int(line.split()[1]) for line in lines if line.startswith("VmRSS")) / 1024


@pytest.mark.skipif("GLIBC" not in str(platform.libc_ver()).upper(), reason="only glibc keeps it and can be asked")
def test_memory_that_is_free_between_what_is_used_is_given_back():
    blocks = [np.ones(16_384, np.uint8) for _ in range(16_000)]
    most = resident_mb()
    kept = blocks[::100]  # these hold the heap together
    del blocks
    give_back_memory()
    assert resident_mb() < most - 150 and len(kept) == 160
