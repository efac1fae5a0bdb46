"""The guides of the page at work."""
