"""What the hand does on the board."""
