"""The page as it is seen."""
