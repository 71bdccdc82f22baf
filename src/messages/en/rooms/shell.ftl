# What frames every page: places, settings, search.

shell-skip = Skip to the page
shell-places = Places
shell-crosses = Crosses
shell-abbreviations = Abbreviations
shell-swatches = Swatches
shell-sizing = Sizing
shell-measurements = Measurements
shell-lessons = Lessons
shell-classes = Classes
shell-start = Start here
shell-search = Search
shell-search-everything = Search everything
shell-settings = Settings
# The settings at a glance: hands, yarn, terms.
shell-summary = { $hand ->
    [left] Left-handed
   *[right] Right-handed
} · yarn in { $yarn ->
    [left] left hand
   *[right] right hand
} · { -knitting-terms } terms
shell-settings-now = Settings: { $summary }
shell-account = Account of { $name }
shell-large = This page is large. Drawing …
shell-keys = Shortcuts and names
shell-key-keys = show shortcuts and names
shell-key-search = search everything
shell-key-settings = open settings

# Which place is which, beside the shortcuts.
shell-names = What we call things
shell-keys-off = { $on ->
    [yes] You can turn single-key shortcuts off in the
   *[no] Single-key shortcuts are turned off in the
}
shell-keys-settings = settings
shell-crosses-is = one cross at a time: what its name means, every way to make it, each step on the needles
shell-needle-view = Needle view
shell-needle-view-is = your needles from above, with the held stitches in front or in back
shell-saved = Saved
shell-saved-is = crosses and memory aids you saved
shell-abbreviations-is = a pattern’s abbreviations, each checked against its own instructions
shell-swatches-is = written rows, the fabric they make, and how far you have knitted
shell-sizing-is = from a swatch to a finished size: cast-on, rows, needles and yarn, with reasons
shell-measurements-is = what your swatches and pieces measured, before and after blocking
shell-lessons-is = a timed plan for one class, from the first picture to the homework
shell-teaching = Teaching screen
shell-teaching-is = a lesson part by part, for a projector or tablet
shell-handout = Handout
shell-handout-is = what learners take home
shell-courses = Courses
shell-courses-is = a series of lessons
shell-skill-order = Skill order
shell-skill-order-is = the crosses of a course, each building on those before it
shell-classes-is = your learners, and what each of them { -practices }
