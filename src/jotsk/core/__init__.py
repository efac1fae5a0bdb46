"""The computation, without any interface: hand -> ink -> page -> files."""
