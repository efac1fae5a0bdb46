"""Jotsk: freehand ink over a sketch."""

import os

__version__ = "0.1.0"

# OpenCV's threads would spin while they wait for work, on the core that the hand is drawn with. It looks here when it
# is loaded.
os.environ.setdefault("OPENCV_THREAD_POOL_ACTIVE_WAIT_WORKER", "0")
