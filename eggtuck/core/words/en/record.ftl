### What the log teaches, what a finished make is tried for, and what lies ready.

guide-sews-wide = { $guide } You sew { $off } wide, so it comes out at { $allowance }.
guide-sews-narrow = { $guide } You sew { $off } narrow, so it comes out at { $allowance }.

learn-sewn-wide = You sew seams { $off } wider than told, give or take { $spread }: from { $count ->
        [one] 1 make
       *[other] { $count } makes
    }.
learn-sewn-narrow = You sew seams { $off } narrower than told, give or take { $spread }: from { $count ->
        [one] 1 make
       *[other] { $count } makes
    }.
learn-sewn-wide-does = Guide me { $off } nearer to the needle
learn-sewn-narrow-does = Guide me { $off } farther from the needle
learn-sewn-back = Guide me at the allowance as it is told
learn-sewn-evidence-wide = It measured { $measured } round instead of { $drafted }: each seam { $off } wide.
learn-sewn-evidence-narrow = It measured { $measured } round instead of { $drafted }: each seam { $off } narrow.
learn-ease-right = { $form } round { $thing }: { $count ->
        [one] 1 make
       *[other] { $count } makes
    } went on well with about { $share } of the girth as ease. You are offered { $before }.
learn-ease-tight = { $form } round { $thing }: too tight in each of { $count ->
        [one] 1 make
       *[other] { $count } makes
    }. Try { $share } of the girth as ease; you are offered { $before }.
learn-ease-loose = { $form } round { $thing }: too loose in each of { $count ->
        [one] 1 make
       *[other] { $count } makes
    }. Try { $share } of the girth as ease; you are offered { $before }.
learn-ease-right-sewn = { $form } round { $thing }: { $count ->
        [one] 1 make
       *[other] { $count } makes
    } went on well with about { $real } of the girth as ease when finished. As wide as you sew, that takes { $share }; you are offered { $before }.
learn-ease-tight-sewn = { $form } round { $thing }: too tight in each of { $count ->
        [one] 1 make
       *[other] { $count } makes
    }. Try { $real } of the girth as ease when finished: as wide as you sew, that takes { $share }; you are offered { $before }.
learn-ease-loose-sewn = { $form } round { $thing }: too loose in each of { $count ->
        [one] 1 make
       *[other] { $count } makes
    }. Try { $real } of the girth as ease when finished: as wide as you sew, that takes { $share }; you are offered { $before }.
learn-ease-does = Begin { $form } round { $thing } with { $share }
learn-ease-evidence-right = went on well with { $share }
learn-ease-evidence-tight = was tight with { $share }
learn-ease-evidence-not = did not go on with { $share }
learn-ease-evidence-loose = was loose with { $share }
learn-borne-wider = { $form }, { $name }: off by up to { $within } did no harm in { $count ->
        [one] 1 make
       *[other] { $count } makes
    }. Reckoned with is { $before }.
learn-borne-closer = { $form }, { $name }: in { $count ->
        [one] 1 make
       *[other] { $count } makes
    } less than { $before } off did harm. Keep it within { $within }.
learn-borne-does = Take { $name } of { $form } as right within { $within }
learn-borne-evidence-fine = off by { $off }, and no harm
learn-borne-evidence-harm = off by { $off }, and it did harm
learn-departure-option = In { $count ->
        [one] 1 make
       *[other] { $count } makes
    } you did otherwise than planned: { $option }, { $choice }.
learn-departure-allowance = In { $count ->
        [one] 1 make
       *[other] { $count } makes
    } you sewed with { $allowance } instead of the planned allowance.
learn-departure-own = In { $count ->
        [one] 1 make
       *[other] { $count } makes
    } you noted at "{ $step }": { $text }
learn-departure-does = Make it my habit for new makes
learn-departure-own-does = Remind me at "{ $step }"
learn-departure-because = because { $cause }
learn-departure-no-cause = without a cause

trial-too-hot = Fill it with what it was too hot with, and hold it as you will. Is it comfortable for a minute?
    .caution = Hot things burn. Try it warm first, have a dry cloth and a place to set it down beside you, and keep children away.
trial-wet = Let it get as wet as it will, and wait ten minutes. Is what should stay dry dry?
trial-tore = Fill it as full as it will be, and carry it about by its strap or handle for five minutes over something soft. Does every seam hold?
    .caution = Try with something that may fall: not with glass, and not over your feet.
trial-slips = Hold what is in it upside down over something soft. Does it stay on?
trial-tips = Stand it on the table, full and half empty. Does it stand by itself?
trial-scratched = Feel all round from outside. Is there cloth or padding wherever it can be knocked?
    .caution = Cloth gives little protection against a fall. Do not try with what may not break.
trial-other = What was wrong before: { $text } Is that mended?

problem-log-future = The day has not come yet: give today, or a day before.
measured-borne = { $label } is off by { $off }: within the { $within } that has done no harm before.

trial-goes-not = It did not go on.
trial-goes-not-empty = It did not go on, tried empty.
trial-goes-tight = It goes on tight.
trial-goes-tight-empty = It goes on tight, tried empty.
trial-goes-right = It goes on well.
trial-goes-right-empty = It goes on well, tried empty.
trial-goes-loose = It is loose.
trial-goes-loose-empty = It is loose, tried empty.
trial-slack = the slack
trial-above = the room above
trial-slack-told = { $slack } could be folded away round it; drafted with { $ease } of ease.
trial-above-told = { $above } of room above it.

wrong-too-hot = It was too hot to hold
wrong-wet = It got wet, or wetted what lay beside it
wrong-tore = A strap or a seam gave
wrong-slips = It slipped off
wrong-tips = It fell over
wrong-scratched = It got knocked or scratched

clock-none = The clock has not run yet.
clock-spent = { $hands } min with the hands, { $wait } min waiting, { $away } min interrupted
standing-rests = { $step }: lies still until { $until }, { $minutes ->
        [one] 1 minute
       *[other] { $minutes } minutes
    } more
standing-minutes = { $count ->
        [one] about 1 minute to go
       *[other] about { $count } minutes to go
    }
standing-as-cut = as it was cut
standing-last = last worked on in step { $number }, { $step }
standing-open = The gap of step { $number }, { $step }, is still open.
standing-inside-out = It lies wrong side out.
reminder-from = From { $name }, { $day }
project-again = { $name }, again

pace-house = Reckoned at the house's pace: time a make, and it becomes yours.
pace-own = At your pace, from { $count ->
        [one] your last timed make
       *[other] your last { $count } timed makes
    }.
pace-slower = { $work } takes you { $share } longer than the house reckons.
pace-quicker = { $work } takes you { $share } less than the house reckons.
work-prepare = Preparing
work-cut = Cutting
work-mark = Marking
work-sew = Sewing
work-press = Pressing
work-check = Trying
work-finish = Finishing

learnt-sewn-wide = You are guided { $off } nearer to the needle, for you sew wide.
learnt-sewn-narrow = You are guided { $off } farther from the needle, for you sew narrow.
learnt-ease = { $form } round { $thing } begins with { $share } of the girth as ease.
learnt-borne = { $name } of { $form } is right within { $within }.
silenced-sewn = how wide you sew
silenced-ease = ease of { $form } round { $about }
silenced-borne = how far off { $about } of { $form } may be
silenced-option = { $option }
silenced-departure = "{ $text }", done otherwise

year-made = { $count ->
        [one] 1 make
       *[other] { $count } makes
    }
year-minutes = { $hours } h { $minutes } min with the hands
year-sold = { $count ->
        [one] 1 make sold
       *[other] { $count } makes sold
    } for { $income }; material { $cost }
year-left = { $left } left over
year-hour = { $hour } for each hour of work on what was sold

pace-minutes = About { $minutes } min.
pace-minutes-own = About { $minutes } min at your pace, known from { $count ->
        [one] 1 make
       *[other] { $count } makes
    }.
