"""What is wrong with a page before it is sent: each kind of finding in a file of its own."""
