"""The hand: the pen in it, the pen library, pressure curves, the palette."""
