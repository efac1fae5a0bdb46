"""Practice: sheets that measure the hand, and what follows from it."""
