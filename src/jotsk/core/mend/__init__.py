"""Changing lines that are there. Each mend is a function from a page to a page; `steps` runs them by name."""
