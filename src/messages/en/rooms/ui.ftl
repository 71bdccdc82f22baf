# Pieces that many pages share.

ui-close = Close
ui-undo = Undo
ui-dismiss = Dismiss
ui-loading = Loading …
ui-copy = Copy
ui-copy-what = Copy “{ $text }”
ui-copied = Copied
ui-show-more = Show more { $of }

# Saving
ui-saving = Saving
ui-saved-at = Saved { $time }
ui-waiting = { $count ->
    [one] 1 change saved on this device
   *[other] { $count } changes saved on this device
}
ui-offline = You’re offline. { $waiting }.
ui-server-needs = { $need } { $waiting }.
ui-signed-out = You’ve been signed out. { $waiting }.
ui-sign-in = Sign in
ui-try-now = Try now
ui-no-room = This browser has no room left. Your changes are sent at once, but not saved on this device.
ui-refused = Changes we couldn’t save
ui-download-copy = Download a copy
ui-fix = Fix
ui-fix-here = Fix it on this page
ui-discard = Discard
ui-refused-file = pond-loop-not-saved

# Two devices wrote in one place
ui-clash = Edited in two places
ui-clash-says = You edited this in another tab or device too. Both versions are safe until you choose one.
ui-clash-choose = Compare and choose

# Lists and their archive
ui-shelves = Current or archived
ui-current = Current
ui-archived = Archived
ui-archive = Archive
ui-archive-what = Archive “{ $title }”
ui-restore = Restore
ui-restore-what = Restore “{ $title }”
ui-delete = Delete …
ui-delete-what = Delete “{ $title }” …
ui-delete-now = Delete permanently
ui-create = Create

# Fields
ui-show-password = Show password
ui-show = Show
ui-hide = Hide
ui-password-rule = At least { $least } characters. A short sentence works well.
ui-password-missing = { $missing ->
    [0] Long enough.
    [one] 1 more character needed.
   *[other] { $missing } more characters needed.
}
ui-number-wanted = Enter a number from { $least } to { $most }.
ui-whole-number-wanted = Enter a whole number from { $least } to { $most }.
ui-number-stays = { $wanted } Until then we use { $stays }.
ui-pasted-key = { $count ->
    [one] This looks like a pattern’s abbreviations, with 1 name.
   *[other] This looks like a pattern’s abbreviations, with { $count } names.
}
ui-pasted-key-open = Check the abbreviations
ui-pasted-key-stay = Paste it here anyway
ui-memory-aid = Memory aid, for example “hold in front, it leans left”
ui-memory-aid-left = For left-handers, if it differs
ui-making = Creating …
ui-made-of = { $done } of { $of }
ui-not-made = We couldn’t create the file in this browser. Try SVG, or another browser.
ui-only-here = Only this computer can open this link. For phones on the same network, start Pond Loop with
ui-chart-when = When

# Settings
ui-knitting = You knit
ui-right-handed = Right-handed
ui-left-handed = Left-handed
ui-left-keep = As a left-handed knitter, keep
ui-left-fabric = The fabric as in the pattern (hold in front and hold in back are exchanged)
ui-left-words = The instructions as printed (the fabric is mirrored)
ui-yarn-held = Yarn held in
ui-right-hand = Right hand
ui-left-hand = Left hand
ui-terms = Knitting terms
ui-us = US
ui-uk = UK
ui-units = Units and paper
ui-cm = { -centimeters }, A4
ui-in = Inches, Letter
ui-theme = Light or dark
ui-theme-system = Like this device
ui-theme-day = Light
ui-theme-evening = Dark
ui-single-keys = Single-key shortcuts
ui-on = On
ui-off = Off
ui-single-keys-off = Turn them off if you use voice control, or often press keys by accident.

# Words for choices
ui-school-over = stitches over stitches, like 2/2 RC
ui-school-hold = counts all stitches in the cross, like C4F
ui-school-held = counts only the held stitches
ui-school-lean = names the direction it leans
ui-school-words = written in words
ui-school-none = no direction given
ui-school-strand = names which strand is on top
ui-school-machine = names which set is hung first
ui-school-loom = names which set goes back on the pegs first
ui-school-definition = defined in the pattern
ui-school-crossing = entered as numbers
ui-medium-hand = By hand
ui-medium-twisted = Twisted stitches (through the back loop)
ui-medium-slipped = Slipped-stitch cables
ui-medium-brioche = Brioche
ui-medium-double = Double knitting, both layers
ui-medium-double-front = Double knitting, front layer
ui-medium-machine = Machine
ui-medium-loom = Loom
ui-depth-between = middle stitches between the outer two groups
ui-depth-behind = middle stitches behind both groups
ui-level-beginner = beginners
ui-level-improver = improvers
ui-level-confident = confident knitters
ui-yarn-grippy = grippy
ui-yarn-plain = plain
ui-yarn-slippery = slippery
ui-hands-right = right-handed
ui-hands-fabric = left-handed, fabric as in the pattern
ui-hands-words = left-handed, instructions as printed (mirrored fabric)
ui-in-right-hand = the right hand
ui-in-left-hand = the left hand

# Files that are brought in
ui-file-large = “{ $file }” is larger than 2 MB. Import only the pages with the rows.
ui-file-pdf = “{ $file }” is a PDF, not plain text. Open it, copy the rows and paste them here.
ui-file-zip = “{ $file }” is a ZIP or Word file, not plain text. Open it and save it as plain text.
ui-file-word = “{ $file }” is a word-processor document, not plain text. Open it and save it as plain text.
ui-file-picture = “{ $file }” is a picture, not plain text. Type the rows, or import a text file.
ui-file-no-text = “{ $file }” isn’t a text file. Choose a plain-text file (.txt).
ui-file-empty = “{ $file }” is empty.
