"""The page on screen: what is seen of it, what the hand does to it."""
