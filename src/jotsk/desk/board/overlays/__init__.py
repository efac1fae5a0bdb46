"""What is drawn over the page."""
