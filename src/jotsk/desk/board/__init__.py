"""The page on screen: what is seen of it, what the hand does to it."""

from jotsk.desk.board.board import Board

__all__ = ["Board"]
