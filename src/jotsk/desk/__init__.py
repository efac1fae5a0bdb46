"""The Qt interface: thin widgets over controllers over the core."""
