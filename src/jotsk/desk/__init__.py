"""The Qt interface: thin widgets over controllers over the core."""

import builtins

# PySide6 puts a function of its own in the place of `import`, that reads the source of every module which is imported
# later, in search of a switch that is not used here: a fifth of a start.
_import = builtins.__import__
import PySide6.QtCore  # noqa: E402, F401

builtins.__import__ = _import
