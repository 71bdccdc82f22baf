# What is said of a cross, wherever it is shown.

# The one sentence for eyes, ears and practice: 2/2 RC: stitches 3 and 4 cross in front of 1 and 2, leaning right.
cross-spoken = { $count ->
    [one] stitch { $front } crosses in front of { $behind }
   *[other] stitches { $front } cross in front of { $behind }
}, leaning { $lean ->
    [left] left
    [right] right
   *[mixed] both ways
}
# Where some stitches lie over one and under another, the order says it.
cross-spoken-order = stitches in the order { $order }, leaning { $lean ->
    [left] left
    [right] right
   *[mixed] both ways
}
cross-spoken-none = stitches { $order }, not crossed
cross-seen = { $name }: { $spoken }
