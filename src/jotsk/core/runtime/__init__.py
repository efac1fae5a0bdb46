"""How the work runs: the lanes of threads, giving way to the hand, values computed when asked for, memory."""
