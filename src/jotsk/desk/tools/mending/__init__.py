"""The tools that change lines which are there, each a file or a part of one."""
