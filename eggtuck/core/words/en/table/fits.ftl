### Which thing goes into which make, and two makes beside each other.

fits-title = What fits what
    .help = Each thing on the shelf tried in each make, at the size it is drafted for. Open a mark to read why.
fits-nothing = Nothing to try yet: put a thing on the shelf and lay a make on the table.
fits-table = Things and makes
fits-one = { $thing } in { $make }: { $fit }
fits-why = { $thing } in { $make }
fits-open = Open { $make }
fits-shelf = From your shelf
fits-of-shelf = What of your shelf goes in

compare-title = Side by side
compare-gone = One of the two is not here any more.
compare-both = The two makes
compare-fit = how it fits
compare-pieces = pieces to cut
compare-seams = seams
compare-minutes = minutes, about
compare-steps = steps
compare-cloth = { $role } cloth
fits-found = Tried when it was made
fits-found-yes = { $what } fitted when it was tried on { $day }.
fits-found-no = { $what } did not fit when it was tried on { $day }.
fits-more = Try more makes
fits-things-before = Things before
fits-things-after = More things
