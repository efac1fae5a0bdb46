"""What comes in and goes out: files, prints, slow jobs."""
