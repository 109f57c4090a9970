command_drill() { fail "not yet"; }
