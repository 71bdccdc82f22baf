# What American knitters call things, and how they spell. uk.ftl has the same terms.

-bind-off = bind off
-color = color
-colors = colors
-center = center
-gauge = gauge
-stockinette = stockinette
-skip = skip
-centimeters = Centimeters
-practices = practices
-knitting-terms = US
