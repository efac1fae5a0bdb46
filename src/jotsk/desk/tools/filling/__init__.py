"""The tools that fill areas."""
