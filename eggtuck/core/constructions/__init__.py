"""What many forms are made with: zips, frames, bindings, elastics, round tubes, linings, and the parts any form can carry."""
