### A cut list read backwards.

audit-title = Check a cut list
audit-name = { $form }, corrected
audit-bring-in = Bring in a table
    .label = Cut list table
audit-makes = What it makes
    .help = the form, and how it is made
audit-ruler = Their ruler
audit-form = Form:
audit-numbers = Their numbers
    .help = as the instructions give them; nothing is guessed
audit-also = Also given, if they tell it
audit-announced = announced: { $size }
audit-over = { $piece }: cut larger all round by
audit-tab-one = two tabs that face each other: one, from the raw side edge
audit-tab-other = two tabs that face each other: the other, from the raw side edge
audit-comes = What comes of it
audit-needed = still needed: { $numbers }
audit-to-settle = { $count } to settle
audit-agrees = every number agrees
audit-drawn = { $form } as these numbers make it
audit-lay = Lay it on the table as a project

audit-cloth = Their cloth
audit-cloth-of = { $role }, their cloth
audit-cloth-length = { $role }, to buy
audit-cloth-width = { $role }, how wide
audit-cloth-up = { $role }: has a way up, print or nap

audit-right = Put right
audit-again = theirs again
audit-why = why
    .label = Why { $label } was put right
audit-rest = goes with the rest at { $length }
audit-disagree = Disagreements
audit-use = Use { $length } for { $label }
audit-or = Or { $length } for { $label }
