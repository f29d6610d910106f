"""Work that takes long, for a process of its own, which has to find it by its name."""

import time


def nap(seconds):
    time.sleep(seconds)
    return {}
