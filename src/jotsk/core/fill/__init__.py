"""Areas: how they are found on a page, and what they are filled with."""
