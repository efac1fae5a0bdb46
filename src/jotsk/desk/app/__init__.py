"""The application: its start, its window, its settings."""
