"""Jotsk: freehand ink over a sketch."""

__version__ = "0.1.0"
