"""Jotsk: freehand ink over a sketch."""

import os

__version__ = "0.1.0"

# The threads of libraries would spin while they wait for work, on the core that the hand is drawn with. OpenCV, and the
# OpenBLAS that it and NumPy hold, look here when they are loaded. No matrix here is worth a second thread.
os.environ.setdefault("OPENCV_THREAD_POOL_ACTIVE_WAIT_WORKER", "0")
os.environ.setdefault("OPENBLAS_NUM_THREADS", "1")
