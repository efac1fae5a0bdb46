"""Actions, their keys, and what they do."""
