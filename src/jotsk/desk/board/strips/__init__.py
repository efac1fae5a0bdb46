"""Strips at the head of the board."""
