"""Layers, and the tree they are in."""
