"""Flattening a page: blend modes, and the caches that keep what was flattened."""
