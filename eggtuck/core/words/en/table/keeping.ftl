### Keeping it safe.

keeping = Kept safe
keeping-folder = Everything is kept on this machine, in { $folder }. To copy it by hand, save everything here: a plain copy of a file in use may lack the newest.
keeping-all = Everything at once
    .help = One file with all of it: projects with their log, undo and photos, the shelf, the pile, orders, plans, habits, and what was put away. It is a zip of plain files that can be read without Egg Tuck.
keeping-save = Save everything
keeping-bring = Bring it back
keeping-file = An archive that was saved, or a copy
keeping-meeting = What is here already, but other:
keeping-meeting-leave = leave it as it is here
keeping-meeting-replace = put the saved one in its place
keeping-meeting-both = keep both
keeping-busy = It is being brought back.
keeping-others = { $count ->
        [one] 1 thing is other here and there
       *[other] { $count } things are other here and there
    }
keeping-left-out = Could not be read and was left out: { $names }
keeping-copies = Copies
    .help = Made each day, and before anything large is changed; the newest ten of the days are kept, and ten of the others, in the folder “copies”.
keeping-copy-now = Make a copy now
keeping-no-copies = There is no copy yet.
keeping-back = Bring back
    .label = Bring back from the copy of { $copy }
keeping-away = Put away
    .help = Nothing that was put away is lost: it is found here as long as it is kept.
keeping-none-away = Nothing like that was put away.
keeping-nameless = without a name
keeping-away-when = { $what }, put away on { $day }
keeping-bring-one = Bring { $name } back
keeping-more = { $count ->
        [one] Show 1 more
       *[other] Show more of { $count } others
    }
aside-copy = The newest whole copy is of { $copy }.
aside-no-copy = There is no copy of it. If you saved everything before, bring that back under “Kept safe”.
aside-bring = Bring that copy back
aside-without = Go on without it
shelf-unread = Cannot be read any more: { $name }
shelf-earlier = { $count ->
        [one] As it was once before
       *[other] As it was before ({ $count })
    }
shelf-earlier-one = Till { $day }: { $name },
shelf-earlier-back = Put these back
have-replace = Put the file's in its place
have-both = Keep both
have-leave = Leave it as it is here
