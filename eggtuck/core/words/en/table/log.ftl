### The logbook of a project.

log-minutes-wrong = Minutes are a whole number, such as 55.
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
log-next-step = Remind me at
    .none = the beginning
log-write = Write it down
log-made = Made so far
log-nothing = Nothing yet.
log-take-out = Take this entry out
log-changed = The entry is changed.
log-back = Put this back
log-out = The entry is taken out.
log-waited = minutes waiting
log-away = minutes interrupted
log-from-clock = The clock has { $spent }. Left empty, that is written down.
log-notes = { $count ->
        [one] 1 note of this make goes with it
       *[other] { $count } notes of this make go with it
    }
log-fine = { $name }: did it do all the same?
log-fine-open = not said
log-fine-yes = no harm
log-fine-no = did harm
log-measure-more = More sizes
log-trial = Tried with the real thing
log-goes-not = does not go on
log-goes-tight = tight
log-goes-right = right
log-goes-loose = loose
log-empty = tried with it empty
log-slack = slack to fold away round it
log-above = room above it
log-test-open = not tried
log-test-yes = yes
log-test-no = no
log-uses = Fits something else too?
log-use = What
log-use-fits = Does it fit?
log-use-add = One more thing
log-use-did = It fits { $what } too.
log-use-did-not = It does not fit { $what }.
log-sale = Sold?
log-price = price
log-cost = material
log-sold-on = on day
log-sold = sold for { $price }
log-change = Change
log-change-keep = Keep the change
log-change-leave = Leave it as it was
log-earlier = How it read before
log-before = Until { $at }
log-photo = Photo
    .label = Photo of this make: choose a picture
log-times = Minutes by step
log-times-step = Step
log-times-took = took
log-times-house = reckoned
log-again = Make it again
log-as-made = As it was made
why = Why is it made? What was wrong before?
why-text = In my own words
made-title = { $name } as it was made, { $day }
made-it = As it was made
made-gone = Nothing of this make is kept: the entry is older, or was taken out.
made-back = Back to the log
made-lay = How it lay
made-steps = In what order it was made
made-took = { $minutes } min
compare-made = { $name }, made { $day }
compare-taught = What the last one taught
book-title = Logbook
book-every = Everything made so far
book-words = Words
book-form = Form
book-all = all
book-found = { $count ->
        [one] 1 entry
       *[other] { $count } entries
    }
book-csv = Save as a table (CSV)
book-later = Later ones
book-earlier = Earlier ones
book-page = Page { $page } of { $pages }
book-years = By year
learned = What the log teaches
learned-nothing = Nothing yet: measure and try what you make, and it will tell.
learned-never = Do not ask again
learned-evidence = From which makes?
learned-back = Take it back
learned-silenced = What is not asked again
learned-ask = Ask again
