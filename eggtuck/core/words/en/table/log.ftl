### The logbook of a project.

log-minutes-wrong = Minutes are a whole number, such as 55.
log-not-kept = It could not be kept.
log-new = Made one?
log-on = on
log-minutes = minutes
log-took = { $count ->
        [one] 1 minute
       *[other] { $count } minutes
    }
log-measured = Measured on the finished make
log-differed = What differed?
    .was = Differed:
log-next = Next time
    .was = Next time:
log-write = Write it down
log-made = Made so far
log-nothing = Nothing yet.
log-take-out = Take this entry out
