# What American knitters call things, and how they spell. uk.ftl has the same terms.

-centimeters = Centimeters
-practices = practices
-knitting-terms = US
