"""What developers run besides the tests."""
