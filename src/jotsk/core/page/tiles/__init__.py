"""Tiles: the pixels of a layer, in squares that versions of a page share."""
