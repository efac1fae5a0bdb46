"""Rough use, at random and on purpose: what must hold whatever a hand, a disk or a file does. Each prints its seed."""
