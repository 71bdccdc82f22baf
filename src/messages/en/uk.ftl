# What British knitters call things, and how they spell. us.ftl has the same terms.

-bind-off = cast off
-color = colour
-colors = colours
-center = centre
-gauge = tension
-stockinette = stocking stitch
-skip = miss
-centimeters = Centimetres
-practices = practises
-knitting-terms = UK
