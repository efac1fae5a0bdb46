"""What lies around the board: the hand, the page, the last line."""
