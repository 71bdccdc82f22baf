# What British knitters call things, and how they spell. us.ftl has the same terms.

-centimeters = Centimetres
-practices = practises
-knitting-terms = UK
