# Lessons and their parts.

# Kinds of part, short enough for the clock bar.
lesson-kind-explain = Explain
lesson-kind-picture = Picture
lesson-kind-show = Show
lesson-kind-compare = Compare
lesson-kind-swatch = Rows
lesson-kind-practice = Knit
lesson-kind-check = Ask
lesson-kind-mend = Fix
lesson-kind-count = Count
lesson-kind-measure = Measure
lesson-kind-tension = Tension
lesson-kind-care = Rest
lesson-kind-finish = Finish
lesson-kind-note = Note

# The same where one is added.
lesson-offer-explain = an explanation
lesson-offer-picture = a numbered picture
lesson-offer-show = a demonstration
lesson-offer-compare = a comparison
lesson-offer-swatch = rows to knit together
lesson-offer-practice = practice time
lesson-offer-check = a question
lesson-offer-mend = a mistake and how to fix it
lesson-offer-count = counting rows
lesson-offer-measure = measuring
lesson-offer-tension = loose stitches and tension
lesson-offer-care = a rest for the hands
lesson-offer-finish = finishing
lesson-offer-note = a note
