"""Nothing is lost: the journal, autosave, the recovery folder, milestones."""
