"""The page that is open, its history, and what is chosen on it."""
