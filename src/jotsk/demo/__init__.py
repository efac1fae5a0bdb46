"""The demo page, built from code and small data by the simulated hand."""
