"""The pen maker: a pen is made by pulling at a line of it."""
