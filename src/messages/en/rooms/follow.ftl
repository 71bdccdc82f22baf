# A class on a learner’s own phone.

follow-title = Join a class
follow-code-lead = Your teacher’s screen shows a code of six letters and digits. You need no account and no name.
follow-code = Class code
follow-join = Join the class
follow-open = Open the lesson
follow-done = Done
follow-not-open = Class not open
follow-not-open-head = No class is open here
follow-failed = That didn’t work
follow-not-open-why = Your teacher may have closed the class. Then the lesson has left this phone too. Ask for the code of the next class.
follow-other-code = Enter another code
follow-by = { $by } teaches
follow-first = See each step the way you knit. Choose once, and this phone remembers.
follow-opening = Opening the class …
follow-fixing = Fixing { $name }
follow-parts = Parts and handout
follow-settings = My settings
follow-offline = You’re offline. This step stays on screen, and we reconnect by ourselves.
follow-with-class = With the class
follow-with-class-step = With the class · step { $step } of { $steps }
follow-alone = On your own
follow-alone-step = On your own · step { $step } of { $steps }
follow-closed = { $by } closed this class. This page stays until you leave it.
follow-full = This class is full. You can go through the lesson at your own pace here.
follow-over = Class finished · you can review part { $part } of { $parts } until { $closes }
follow-look-up = Look up for a moment.
follow-look-at-mistake = The class is looking at a mistake. Look up, and compare with your own knitting.
follow-back = Back
follow-next = Next
follow-has = I’ve got it
follow-waits = I need more time
follow-wrong = I’ve made a mistake
follow-answer-show = Show answer
follow-rejoin = Back to the class
follow-lesson = The lesson
follow-handout = My handout
follow-class-here = { $part } · the class is on this part
follow-privacy = We store a number in a cookie, the buttons you press, and your name if you gave one. We delete all of them when the class ends.
follow-open-until = You can open the lesson here until { $closes }, or until { $by } closes the class.
follow-key-back = back
follow-key-next = next
follow-key-parts = parts of the lesson
follow-key-settings = my settings
follow-answer-first = Type an answer first.
follow-answer = Your answer
follow-answer-send = Send answer
follow-answer-sent = { $right ->
    [yes] You answered “{ $answer }”. That’s right.
    [no] You answered “{ $answer }”. That isn’t right this time. See the answer above.
   *[unknown] You answered “{ $answer }”. The class doesn’t see your name.
}
follow-handout-back = Back to the lesson
follow-handout-print = Print
follow-no-cross = This lesson has no cable to check. Show your knitting to your teacher.
follow-which-cross = Which cross?
follow-text-size = Text size
follow-text-usual = Normal
follow-text-large = Large
follow-numbers = Number style
follow-numbers-here = Same as this phone ({ $sample })
follow-name = Your name (optional)
follow-name-why = With a name, your teacher sees who needs more time. We delete your name when the class ends.
