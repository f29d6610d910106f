"""Parts that any form can carry: straps, tabs, loops, pockets, trims and hardware."""
