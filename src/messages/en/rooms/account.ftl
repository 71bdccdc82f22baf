# Signing in, the account and all that is kept in it.

account-not-found = Page not found
account-went-wrong = Something went wrong
account-go-crosses = Go to Crosses
account-go-lessons = Go to Lessons

account-sign-in = Sign in
account-welcome = Cables, worked out
account-welcome-lead = See which stitch goes where and which crosses over which, step by step. Turn what you see into lessons that fit your class time.
account-demo = Try the demo
account-demo-lead = A winter class in a bird hide, with lessons and swatches to explore.
account-sign-in-name = Sign-in name
account-password = Password
account-new-here = New here?
account-create = Create an account
account-forgot = Forgot your password?

account-create-lead = Your lessons, swatches and abbreviations are yours. Other teachers can’t see them.
account-your-name = Your name (learners see this)
account-create-do = Create account
account-no-mail = We can’t email you a new password. Print recovery codes from your account page, and download your data from time to time.
account-have-one = Already have an account?

account-forgot-title = Forgot your password
account-forgot-lead = Enter one of your printed recovery codes and choose a new password. Each code works once.
account-code = Recovery code, for example 7KQM-2FXR-9DTA
account-new-password = New password
account-forgot-do = Change password and sign in
account-no-code = No code? We can’t read or reset your password. Create a new account, and import the last data you downloaded.
account-back-to-sign-in = Back to signing in

account-title = Account
account-demo-shared = Everyone shares this demo, and we reset the demo every night. To keep your work, create your own account.
account-demo-reset = Reset the demo
account-demo-reset-what = This deletes everything visitors have added. You can’t undo this.
account-demo-reset-do = Reset now
account-save-name = Save name
account-sign-out = Sign out
account-sign-out-here = Sign out on this device
account-sign-out-everywhere = Sign out everywhere
account-unsent = Unsaved changes stay on this device until you sign in again.
account-device = On this device
account-installed = Pond Loop is installed here.
account-install = Install
account-install-how = To install Pond Loop as an app, choose “Install” or “Add to home screen” in the browser’s menu.
account-offline = Offline, open pages keep working and save your changes. Lessons you’ve opened for teaching still open. Search and file downloads don’t work offline.
account-data = Your data
account-data-what = Download everything you’ve made in one file. The file has your lessons and swatches with their earlier versions, courses, abbreviations, crosses, memory aids, pictures and settings.
account-data-learners = Include learners and their practice (not their links)
account-data-download = Download my data
account-data-import = Import
account-data-importing = Importing …
account-data-imported = Imported: { $what }.
account-data-lessons = { $count ->
    [one] 1 lesson
   *[other] { $count } lessons
}
account-data-swatches = { $count ->
    [one] 1 swatch
   *[other] { $count } swatches
}
account-data-courses = { $count ->
    [one] 1 course
   *[other] { $count } courses
}
account-data-pieces = { $count ->
    [one] 1 measured piece
   *[other] { $count } measured pieces
}
account-data-classes = { $count ->
    [one] 1 class of learners
   *[other] { $count } classes of learners
}
account-data-pictures = { $count ->
    [one] 1 picture
   *[other] { $count } pictures
}
account-data-added = We add imported items to what you already have. If the file is damaged, we import nothing.
account-data-away = We can’t reach Pond Loop right now. Your work is safe. Try again in a moment.
account-data-file = pond-loop-data
account-change-password = Change password
account-current-password = Current password
account-codes = Recovery codes
account-codes-left = { $count ->
    [0] None yet. We can’t email you a new password, so print some codes now.
    [one] 1 code left.
   *[other] { $count } codes left.
}
account-codes-make = Create and print codes
account-codes-anew = Create new codes
account-delete = Delete my account
account-delete-what = This permanently deletes all your lessons, swatches and other work. Download your data first if you might want them.
account-confirm-password = Confirm your password

account-codes-back = Back to the account
account-codes-print = Print
account-codes-for = For { $name }, created on { $day }. Each code works once and lets you set a new password. Choose “Forgot your password?” where you sign in.
account-codes-yours = Your codes
account-codes-keep = We won’t show these codes again. Keep them somewhere safe, and cross off each code you use. Older codes no longer work.
account-codes-why = We can’t email you a new password. Print eight codes instead. Each code lets you set a new password once.
account-codes-have = { $count ->
    [0] You have none yet.
    [one] You have 1 code left. New codes replace that one.
   *[other] You have { $count } codes left. New codes replace them.
}
account-codes-create = Create eight codes
