"""What is worked on the face of a piece: figures and letters, bands and rows."""
