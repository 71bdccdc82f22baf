# Abbreviations: the names of a pattern, each checked against its instructions.

key-lead = Check a pattern’s abbreviations: does each name match its instructions?
key-region = Pattern abbreviations
key-lists = Your pattern abbreviations
key-untitled = Untitled
key-in-use = in use
key-new = New list
key-key-new = start a new list
key-key-undo = undo
key-key-redo = redo
key-pattern = Pattern name
key-text = Abbreviations, one per line, as printed
key-use = Use these meanings everywhere in Pond Loop
key-import = Import (text, CSV or JSON)
key-download-json = Download JSON
key-download-csv = Download CSV
key-redo = Redo
key-history = Earlier versions
key-delete = Delete
key-imported = “{ $title }” imported.
key-deleted = “{ $title }” deleted.
key-file = abbreviations
key-results = Results
key-empty = Paste a pattern’s abbreviations on this page. We follow each line stitch by stitch, and check it against its name. A “C4F” that says “hold in back” is caught before your class knits it.
key-example = Try an example
key-example-title = Example
key-lines = { $count ->
    [one] 1 line: { $groups }.
   *[other] { $count } lines: { $groups }.
}
key-group-look = Needs checking
key-group-read = Understood
key-group-none = Not cables
key-count-look = { $count } to check
key-count-read = { $count } understood
key-count-none = { $count } with no cable
key-draft = Draft a lesson from these
key-draft-what = { $count ->
    [one] 1 cross to teach, fitted to your class time.
   *[other] { $count } crosses to teach, fitted to your class time.
}
key-history-none = No earlier versions yet. We keep one each time you change the list.
key-history-until = Version before { $when }
key-history-restore = Restore this version
key-line = line { $line }
key-settled = ✓ { $name }, { $stitches ->
    [one] 1 stitch
   *[other] { $stitches } stitches
}, new order { $order }
key-open = { $count ->
    [one] This name can mean one cross.
   *[other] This name can mean { $count } different crosses. Choose the right one, and we add its instructions.
}
key-by-name = By its name:
key-by-instructions = By its instructions:
key-new-order = new order { $order }
key-rename = Keep the instructions, rename to { $name }
key-rewrite = Keep the name, correct the instructions
key-csv-columns = The first line of the CSV must have the columns “name” and “definition”.
key-csv-broken = We can’t read line { $line } of the CSV: { $why }.
