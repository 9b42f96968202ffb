interface Reader { void changed(Note note); }
