/**
 * What teachers say of crosses, whom it is about, whose hands read it where those are left ones, and what it claims: each
 * kind, `of all` where it is general, `of 1` where it is the second of them, and whether it holds.
 */
export const CLAIMS = `
Hold the first two stitches at the back. | 2/2 RC | hold: true
Hold the first two stitches in front. | 2/2 RC | hold: false
Never hold them in front. | 2/2 RC | hold: true
Hold the first two at the back, and 3 and 4 pass over them. | 2/2 RC | hold: true, in-front: true
Hold the first two in front, and 3 and 4 pass over them. | 2/2 RC | hold: false, in-front: true
Hold 1 at the back, and 2 and 3 come forward over it. | 2/1 RC | hold: true, in-front: true
Stitches 1 and 2 lie behind, 3 and 4 lie in front. | 2/2 RC | behind: true, in-front: true
Hold the first three in front, and 4, 5 and 6 pass behind them. | 3/3 LC | hold: true, behind: true
Slip stitches 1 and 2 and hold them in back. | 2/2 RC | hold: true
Never hold in front. | 2/2 LC | hold: false
Don't hold the stitches at the back. | 2/2 LC | hold: true
Keep the yarn in front. | 2/2 RC | nothing
Leave the yarn at the back while you work. | 2/2 RC | nothing
Slip two stitches to the cable needle, hold them in front, knit two, knit two from the cable needle. | 2/2 LC | hold: true
Slip three stitches to the cable needle and hold it at the back of the work. | 2/2 RC | hold: false
Slip the next two stitches onto a cable needle and leave it at the back. | 2/2 RC | hold: true
The held stitches wait in front. | 2/2 LC | hold: true
The cable needle waits at the back. | 2/2 LC | hold: false
The first two stitches wait at the back. | 2/2 RC | hold: true
The rope leans to the right. | 2/2 RC | lean: true
The cable slants left. | 2/2 RC | lean: false
This is a right cross. | 2/2 RC | lean: true
It makes a left cross. | 2/2 RC | lean: false
It does not lean left. | 2/2 RC | lean: true
It never leans left. | 2/2 LC | lean: false
Does the rope lean left? | 2/2 RC | nothing
Stitches 3 and 4 pass over stitches 1 and 2. | 2/2 RC | in-front: true
Stitches 3 and 4 pass over stitches 1 and 2. | 2/2 LC | in-front: false
Stitches 1 and 2 pass behind stitches 3 and 4. | 2/2 RC | behind: true
The held stitches lie behind. | 2/2 RC | behind: true
The held stitches lie in front. | 2/2 RC | in-front: false
The held stitches go under the others. | 2/2 RC | behind: true
The front stitches lean left. | 2/2 LC | lean: true
The last two stitches cross over the first two. | 2/2 RC | in-front: true
The last two stitches go under the first two. | 2/2 LC | behind: true
The first group lies on top. | 2/2 LC | in-front: true
The first group lies on top. | 2/2 RC | in-front: false
The middle stitch lies behind both. | 2/1/2 LC | behind: null
The new order is 3 4 1 2. | 2/2 RC | order: true
The order is 3, 4, 1, 2. | 2/2 RC | order: true
Stitches 1 2 3 4 become 3 4 1 2. | 2/2 LC | order: true
1 2 3 4 becomes 2 1 4 3. | 2/2 LC | order: false
The middle stitch stays in its place. | 2/1/2 RC | order: true
Stitch 1 stays in its place. | 2/2 RC | order: false
Stitch 3 becomes stitch 1. | 2/2 RC | order: true
Knit the held stitches first. | 2/2 RC | first: false
First knit stitches 3 and 4, then knit 1 and 2. | 2/2 RC | first: true
The third and fourth stitches are knitted first. | 2/2 LC | first: true
Work the last two stitches first. | 2/2 RC | first: true
Knit the first two stitches first. | 2/2 RC | first: false
All stitches are knitted. | 2/2 RC | face: true
All stitches are knitted. | 2/2 RPC | face: false
Every stitch is purled. | 2/2 RC | face: false
Purl the ones behind. | 2/2 LPC | face: true
Knit the ones that pass in front. | 2/1 LPC | face: true
The stitch that passes behind is purled. | 2/1 RPC | face: true
The stitch behind is knitted. | 2/1 RPC | face: false
Purl the first stitch. | 2/1 RPC | face: true
k2, p1 | 2/1 RPC | nothing
Knit two. | 2/2 RC | nothing
It has four stitches. | 2/2 RC | count: true
The cross takes six stitches. | 2/2 RC | count: false
It is worked over four stitches. | 2/2 RC | count: true
Put two stitches on the cable needle. | 2/2 RC | count: true
Slip three stitches to the cable needle. | 2/2 RC | count: false
Cross every sixth row. | 3/3 RC | spacing: null
Cross every 6 rows. | 3/3 RC | spacing: null
Work a cross on every fourth row. | 2/2 RC | spacing: null
Holding in front leans left. | 2/2 RC | lean of all: true
Holding at the back leans left. | 2/2 RC | lean of all: false
Holding in front leans left. | 2/2 RC | left fabric | lean of all: false
Holding in front leans right. | 2/2 RC | left fabric | lean of all: true
A right cross is held at the back. | 2/2 RC | hold of all: true
A right cross is held in front. | 2/2 RC | hold of all: false
A left cross leans left. | 2/2 RC | lean of all: true
Front left, back right. | 2/2 RC | lean of all: true
Front right, back left. | 2/2 RC | lean of all: false
Back leans right, front leans left. | 2/2 RC | lean of all: true
Front to the left, back to the right. | 2/2 RC | lean of all: true
Front to the right, back to the left. | 2/2 RC | left fabric | lean of all: true
They are the same. | 2/2 RC;2/2 LC | same: false
They are mirror images. | 2/2 RC;2/2 LC | same: true
2/2 RC and 2/2 LC are opposites. | 2/2 RC;2/2 LC | same: true
Both lean right. | 2/2 RC;2/2 LC | lean: false
Both take four stitches. | 2/2 RC;2/2 LC | count: true
Both are held in front. | 2/2 RC;2/2 LC | hold: false
2/2 RC leans left. | 2/2 RC;2/2 LC | lean: false
2/2 RC is held at the back, 2/2 LC in front. | 2/2 RC;2/2 LC | hold: true, hold of 1: true
For 2/2 LC hold the stitches in front. | 2/2 RC;2/2 LC | hold of 1: true
It leans right. | 2/2 RC;2/2 LC | lean of all: null
2/2 LC comes next. It leans left. | 2/2 RC;2/2 LC | lean of 1: true
If you hold them at the back, it leans right. | 2/2 LC | lean: true
If you hold the stitches in front it leans right. | 2/2 LC | lean: false
It leans left if you hold the needle in front. | 2/2 RC | lean: true
When you reach the cross row, hold two at the back. | 2/2 RC | hold: true
Hold them at the back or it leans left. | 2/2 RC | hold: true, lean: true
Hold them in front or it leans right. | 2/2 LC | hold: true, lean: true
Hold them in front, otherwise it leans left. | 2/2 LC | hold: true, lean: false
Held at the back, it leans right. | 2/2 RC | lean: true
Put two in front, then knit two. | 2/2 LC | hold: true
Lean back and rest your hands. | 2/2 RC | nothing
Learners lean forward to see. | 2/2 RC | nothing
Hold at the back, not in front. | 2/2 RC | hold: true
Hold in front, not at the back. | 2/2 RC | hold: false
The right-hand stitches pass in front. | 2/2 LC | in-front: true
The left-hand strand passes behind. | 2/2 LC | behind: true
Two stitches pass over two. | 2/2 LC | in-front: true
Three pass over three. | 2/2 LC | in-front: false
Hold in front for a left cross. | 2/2 LC | hold of all: true
The knit stitches pass over the purl stitch. | 2/1 RPC | in-front: true
The purl stitch passes behind the knits. | 2/1 RPC | behind: true
Bring the last two stitches in front of the first two. | 2/2 RC | in-front: true
The cross leans right and the held stitches lie behind. | 2/2 RC | lean: true, behind: true
Hold two at the back and knit the next two first. | 2/2 RC | hold: true, first: true
Two stitches wait in front while the other two are knitted. | 2/2 LC | hold: true, face: true
The other two are knitted. | 2/2 LC | face: null
Nothing leans here. | 2/2 LC | nothing
The stitches you held end up behind. | 2/2 RC | behind: true
What waits in front ends up on top. | 2/2 LC | in-front: true
The two stitches on the cable needle are knitted last. | 2/2 RC | first: true
The stitches on the cable needle come last. | 2/2 RC | first: true
Work the cable needle stitches last. | 2/2 RC | first: true
Work stitches 3 and 4 before stitches 1 and 2. | 2/2 LC | first: true
The front two are knit, the back one is purled. | 2/1 LPC | face: true, face: true
Knit the front two and purl the back one. | 2/1 LPC | face: true, face: true
The knit rope travels left over the purl ground. | 2/1 LPC | lean: true
The rope travels right. | 2/1 RPC | lean: true
The strand in front travels to the right. | 2/2 RC | lean: true
The strand on top leans left. | 2/2 LC | lean: true
The stitches held in front end up on top. | 2/2 LC | in-front: true
The stitches held in front lie over the ones behind. | 2/2 LC | in-front: true
Slip the first stitch onto the cable needle and let it hang in front. | 1/2 LC | hold: true
One stitch goes over two. | 1/2 RC | in-front: true
Two go over one. | 2/1 LC | in-front: true
One stitch is held in front. | 1/2 LC | hold: true
Hold one at the back. | 2/1 RC | hold: true
Hold one stitch at the back of the work, knit 2, then knit 1 from the cn. | 2/1 RC | hold: true
Sl 2 sts to cn, hold in front, k2, k2 from cn. | 2/2 LC | hold: true
Remember: front leans left. | 2/2 LC | lean of all: true
Front means left. | 2/2 RC | lean of all: true
Think: back is right. | 2/2 RC | lean of all: true
The left strand passes over the right one. | 2/2 RC | in-front: true
Right over left. | 2/2 RC | nothing
The right two stitches pass in front of the left two. | 2/2 LC | in-front: true
The cable twists to the left. | 2/2 LC | lean: true
The cross goes to the right. | 2/2 RC | lean: true
Always hold at the back. | 2/2 RC | hold of all: null
Never cross the yarn. | 2/2 RC | nothing
The first two stay in front the whole time. | 2/2 LC | in-front: true
The third stitch comes first. | 2/1 LC | first: true
The third stitch is worked first. | 2/1 LC | first: true
Stitch 3 is knitted first. | 2/1 LC | first: true
The order becomes 3 1 2. | 2/1 LC | order: true
Worked in the order 3, 1, 2. | 2/1 LC | order: true
After the cross they stand 3 1 2. | 2/1 LC | order: true
Now they read 4 3 1 2. | 2/2 RC | order: false
Both strands are knitted. | 2/2 RC | face: true
The whole cable is knitted. | 2/2 RC | face: true
Everything is knitted. | 2/2 RPC | face: false
Nothing is purled. | 2/2 RC | face: true
No stitch is purled. | 2/2 RC | face: true
No stitches are purled. | 2/2 RPC | face: false
The held stitch is purled. | 2/1 RPC | face: true
The held stitch is knitted. | 2/1 RPC | face: false
The two held stitches are purled. | 2/2 RPC | face: true
Purl the held ones. | 2/2 RPC | face: true
Knit the held ones. | 2/2 RPC | face: false
Purl the two at the back. | 2/2 LPC | face: true
The two at the back are purled. | 2/2 LPC | face: true
The ones at the back are knitted. | 2/2 LPC | face: false
These two crosses are mirror images of each other. | 2/2 RC;2/2 LC | same: true
2/2 RC mirrors 2/2 LC. | 2/2 RC;2/2 LC | same: true
The two look exactly the same. | 2/2 RC;2/2 LC | same: false
They differ only in the lean. | 2/2 RC;2/2 LC | same: true
The two are alike. | 2/2 RC;3/3 RC | same: false
It is the opposite of 2/2 LC. | 2/2 RC;2/2 LC | same: true
Both of them lean left. | 2/2 LC;3/3 LC | lean: true
All of these crosses lean left. | 2/2 LC;3/3 LC | lean: true
Each has four stitches. | 2/2 LC;2/2 RC | count: true
The right cross is held at the back. | 2/2 RC;2/2 LC | hold: true
The left cross is held in front. | 2/2 RC;2/2 LC | hold of 1: true
The left one leans right. | 2/2 RC;2/2 LC | lean of 1: false
2/2 RC leans right, but 2/2 LC leans right too. | 2/2 RC;2/2 LC | lean: true, lean of 1: false
In 2/2 RC the first two go behind; in 2/2 LC they come to the front. | 2/2 RC;2/2 LC | behind: true, in-front of 1: true
With 2/2 LC, hold two in front. It leans left. | 2/2 RC;2/2 LC | hold of 1: true, lean of 1: true
C4F holds four in front. | C4F | hold: true
C4F holds three in front. | C4F | hold: false
C4F leans left. | C4F | lean: true
Put two on the cable needle. | C4F | count: true
C4F has eight stitches. | C4F | count: true
C4F has four stitches. | C4F | count: true
Hold them in front. | C4F | hold: true
It leans left. | 2/2 RC | left words | lean: true
It leans right. | 2/2 RC | left words | lean: false
Hold two at the back. | 2/2 RC | left words | hold: true
It leans right. | 2/2 RC | left fabric | lean: true
Work stitches 3 and 4 first. | 2/2 RC | left fabric | first: true
Held in front leans right. | 2/2 RC | left fabric | lean: true
A right cross is held in front. | 2/2 RC | left fabric | hold of all: true
Front left, back right. | 2/2 RC | left fabric | lean of all: false
Purl the first stitch. | 2/1 RPC | left fabric | face: false
The held stitches lie behind. | 2/2 RC | left fabric | behind: false
If the needle is held in front, the rope leans left. | 2/2 RC | lean: true
If you forget and hold it in front, it leans left. | 2/2 RC | lean: true
If you hold it on the wrong side, it leans left. | 2/2 RC | lean: true
When held in front, the stitches lie on top. | 2/2 RC | in-front: true
Unless you hold them at the back, it leans left. | 2/2 RC | lean: true
Should it lean left, you held them in front. | 2/2 RC | hold: true
If it leans left, you held in front. | 2/2 RC | hold: true
If it leans left, the first two lie in front. | 2/2 RC | in-front: true
If the yarn is in front, you get an extra loop. | 2/2 RC | nothing
If your hands hurt, stop. | 2/2 RC | nothing
Keep two behind and it leans left. | 2/2 RC | hold: true, lean: false
Hold it in front and it will lean left. | 2/2 LC | hold: true, lean: true
Cross two over two. | 2/2 LC | in-front: true
Cross three over three to the right. | 3/3 RC | in-front: true
It crosses two over two. | 2/2 RC | in-front: true
It crosses to the left. | 2/2 LC | lean: true
Swap the first two with the last two. | 2/2 LC | nothing
The first two change places with the last two. | 2/2 LC | nothing
The outer groups change places. | 2/1/2 RC | nothing
The middle stitch is purled. | 2/1/2 RPC | face: true
The middle stitch is knitted. | 2/1/2 RC | face: true
Four stitches, two of them held in front. | 2/2 LC | hold: true
You need a cable needle. | 2/2 LC | nothing
The stitches are held in front of the work while the next two are knitted. | 2/2 LC | hold: true
Hold the needle in front, towards you. | 2/2 LC | hold: true
The yarn stays behind the work. | 2/2 LC | nothing
Count three plain rows, then cross. | 2/2 LC | nothing
Cross on row 7. | 2/2 LC | nothing
There are five plain rows between crosses. | 2/2 LC | spacing: null
Look: the rope leans right! | 2/2 RC | lean: true
No, it leans left. | 2/2 RC | lean: false
Back goes right, front goes left. | 2/2 LC | lean of all: true
Left in front, right at the back. | 2/2 LC | lean of all: true
Left = front; right = back. | 2/2 LC | lean of all: true
The cable needle goes in front. | 2/2 LC | hold: true
The cable needle lies behind the work. | 2/2 LC | hold: false
The cable needle stays in front. | 2/2 LC | hold: true
Leave them waiting at the back. | 2/2 RC | hold: true
Drop the first stitch to the front. | 1/1 LC | hold: true
Knit the second stitch first. | 1/1 RC | first: true
The second stitch crosses in front of the first. | 1/1 RC | in-front: true
The first stitch goes behind the second. | 1/1 RC | behind: true
The first stitch lies on top of the second. | 1/1 LC | in-front: true
Stitches one and two wait in front. | 2/2 LC | hold: true
Numbers 1 and 2 lie on top. | 2/2 LC | in-front: true
Stitches 3 and 4 dive under stitches 1 and 2. | 2/2 LC | behind: true
Stitches 3 and 4 go underneath. | 2/2 LC | behind: true
Stitches 3 and 4 hide behind 1 and 2. | 2/2 LC | behind: true
3 and 4 are worked first, then 1 and 2. | 2/2 LC | first: true
First the third and fourth stitches are knitted, then the first and second. | 2/2 LC | first: true
First you knit the two on the left needle, then the two on the cable needle. | 2/2 LC | first: true
The two on the left needle are knitted first. | 2/2 LC | first: true
Knit the stitches from the left needle first. | 2/2 LC | first: true
The cable needle stitches are knitted after the others. | 2/2 LC | face: true
After holding two in front, knit the other two. | 2/2 LC | hold: true
Keep the first three stitches waiting in front while you knit the next three. | 3/3 LC | hold: true
Keep the first two stitches waiting in front while you knit the next two. | 3/3 LC | hold: false
The three held stitches pass over the other three. | 3/3 LC | in-front: true
The three held stitches pass under the other three. | 3/3 LC | behind: false
Your rope should lean left. | 3/3 LC | lean: true
Your rope should be leaning to the right. | 3/3 LC | lean: false
You should see a rope that leans left. | 3/3 LC | lean: true
The result is a left-leaning cable. | 3/3 LC | lean: true
You get a right-leaning rope. | 3/3 LC | lean: false
It's a left cross. | 3/3 LC | lean: true
It isn't a right cross. | 3/3 LC | lean: true
This isn't a left cross. | 3/3 LC | lean: false
That's a right-slanting cable. | 3/3 LC | lean: false
The crossing travels toward the left. | 3/3 LC | lean: true
On the right side it leans left. | 3/3 LC | lean: true
From the wrong side it still leans left. | 3/3 LC | lean: true
Seen from behind, it leans left. | 3/3 LC | lean: true
A 2/2 RC holds two stitches in back. | 2/2 RC | hold: true
2/2 RC: hold two in back. | 2/2 RC;2/2 LC | hold: true
2/2 RC needs two stitches on the cable needle. | 2/2 RC;2/2 LC | count: true
A 2/2 LC puts three stitches on the needle. | 2/2 RC;2/2 LC | nothing
There are two stitches on the cable needle. | 2/2 RC | count: true
There are three stitches on the cable needle. | 2/2 RC | count: false
The cable is six stitches wide. | 3/3 RC | count: true
This cross is made over six stitches. | 3/3 RC | count: true
Three stitches cross over two. | 3/2 RC | in-front: true
Two stitches pass behind three. | 3/2 RC | behind: true
Three go behind two. | 3/2 RC | behind: false
The purl stitch stays behind. | 2/1 LPC | behind: true
The purl stitch is held at the back. | 2/1 RPC | hold: true
Hold the purl stitch in front. | 2/1 RPC | hold: false
The knit stitches wait in front. | 2/1 LPC | hold: true
The knit stitches wait at the back. | 2/1 LPC | hold: false
Hold the two knit stitches in front. | 2/1 LPC | hold: true
The purl stitch is worked first. | 2/1 LPC | first: true
Purl it first. | 2/1 LPC | nothing
The single stitch goes behind. | 2/1 RPC | behind: true
The single stitch passes behind the pair. | 2/1 RPC | behind: true
The knit pair passes over the purl stitch. | 2/1 RPC | in-front: true
The pair leans right. | 2/1 RPC | lean: true
Hold one stitch behind the work. | 2/1 RPC | hold: true
Put one stitch behind. | 2/1 RPC | hold: true
Place the first stitch behind your needles. | 2/1 RPC | hold: true
Let the first two stitches wait behind. | 2/2 RC | hold: true
Leave the first two hanging in front. | 2/2 LC | hold: true
With the needle in front the rope leans left. | 2/2 LC | lean: true
With the cable needle at the back it leans left. | 2/2 RC | lean: false
Back = right. | 2/2 LC | lean of all: true
Hold front, go left; hold back, go right. | 2/2 LC | lean of all: true
A cross held in front leans left. | 2/2 RC | lean of all: true
Crosses held at the back lean right. | 2/2 RC | lean of all: true
Every left cross is held in front. | 2/2 RC | hold of all: true
In a right cross, the held stitches lie behind. | 2/2 RC | behind of all: true
In every left cross the held stitches pass in front. | 2/2 RC | in-front of all: true
In a left cross, the held stitches lie behind. | 2/2 RC | behind of all: false
When you hold in front, the cross leans left. | 2/2 RC | lean: true
If you hold behind, the cable leans right. | 2/2 LC | lean: true
If the stitches wait at the back, the rope leans right. | 2/2 LC | lean: true
If the first two lie in front, it leans left. | 2/2 RC | lean: true
It would lean left if you held the stitches in front. | 2/2 RC | lean: true
Hold in back; otherwise it leans left. | 2/2 RC | hold: true, lean: true
Hold in front or you will get a right cross. | 2/2 LC | hold: true, lean: true
Don't hold it in front, or it leans left. | 2/2 RC | hold: true, lean: true
Don't hold it at the back or it leans right. | 2/2 LC | hold: true, lean: true
Do not purl the held stitches. | 2/2 RC | face: true
Never purl the rope. | 2/2 RC | nothing
You never purl here. | 2/2 RC | nothing
The ground is purled. | 2/2 RC | nothing
Always slip purlwise. | 2/2 RC | nothing
Slip them purlwise. | 2/2 RC | nothing
Two stitches are slipped. | 2/2 RC | nothing
The rows between are plain. | 2/2 RC | nothing
Turn the work over: the wrong side is rumpled. | 2/2 RC | nothing
Work the next row plain. | 2/2 RC | nothing
Pull the yarn snug behind the held stitches. | 2/2 RC | nothing
Tug the yarn after the cross. | 2/2 RC | nothing
The left edge of the rope gapes. | 2/2 RC | nothing
Count the bars above the cross. | 2/2 RC | nothing
Put a marker in the last stitch. | 2/2 RC | nothing
Take two stitches onto the cable needle and leave them in front of your work. | 2/2 LC | hold: true
Slip the first three to the cable needle and keep it behind. | 3/3 RC | hold: true
Let the cable needle hang at the front while you knit the other two. | 2/2 LC | hold: true
The stitches that wait come first. | 2/2 RC | first: false
Work the waiting stitches last. | 2/2 RC | first: true
Stitches 1 and 2 travel under stitches 3 and 4. | 2/2 RC | behind: true
Stitches 1 and 2 travel over 3 and 4. | 2/2 LC | in-front: true
The last stitch crosses in front of the first two. | 1/2 RC | in-front: true
The last stitch crosses behind the first two. | 2/1 LC | behind: true
The first stitch passes in front of the other two. | 1/2 LC | in-front: true
The first stitch goes behind. | 1/2 LC | behind: false
Six stitches take part: it takes six stitches. | 3/3 LC | count: true
You need two stitches on the cable needle. | 2/2 LC | count: true
Put the first four stitches on the cable needle. | 4/4 LC | count: true
Hold four in front. | 4/4 LC | hold: true
Hold four in back. | 4/4 LC | hold: false
This cable leans right because the stitches are held at the back. | 2/2 RC | lean: true, hold: true
Since you hold in front, it leans left. | 2/2 LC | hold: true, lean: true
Held at the back, the first two end up behind. | 2/2 RC | behind: true
Purl both stitches that pass behind. | 2/2 RPC | face: true
Knit both stitches that pass behind. | 2/2 RPC | face: false
The back stitches are purled. | 2/2 LPC | face: true
The front stitches are purled. | 2/2 LPC | face: false
Purl the last stitch. | 2/1 LPC | face: true
Knit the last stitch. | 2/1 LPC | face: false
The two knit stitches lie over the purl stitch. | 2/1 LPC | in-front: true
It slants to the left, never to the right. | 2/2 LC | lean: true
It slants to the right, never to the left. | 2/2 LC | lean: false
2/2 LC slants left while 2/2 RC slants right. | 2/2 RC;2/2 LC | lean of 1: true, lean: true
2/2 LC and 2/2 RC both slant left. | 2/2 RC;2/2 LC | lean of 1: false
They lean in opposite directions. | 2/2 RC;2/2 LC | same: true
They lean the same way. | 2/2 RC;2/2 LC | same: false
Both crosses look alike. | 2/2 RC;2/2 LC | same: false
One is the mirror image of the other. | 2/2 RC;2/2 LC | same: true
The first two change the side: they come to lie on the left. | 2/2 RC | nothing
The stitches end in the order 3 4 1 2. | 2/2 RC | order: true
From right to left the new order is 3 4 1 2. | 2/2 RC | order: true
You knit in the order 3, 4, 1, 2. | 2/2 LC | order: true
Work them in this order: 4 3 2 1. | 2/2 LC | order: false
The new order is 5 3 4 1 2. | 2/1/2 LC | order: false
The new order is 4 5 3 1 2. | 2/1/2 LC | order: true
The middle stitch keeps its place. | 2/1/2 LC | order: true
Stitches 4 and 5 are worked first. | 2/1/2 LC | first: true
Knit 4 and 5 first, then the middle stitch, then 1 and 2. | 2/1/2 LC | first: true
The outer pairs are knitted. | 2/1/2 LC | nothing
Hold three in front. | 2/1/2 LC | hold: true
When you hold behind, the rope leans right. | 2/2 LC | lean: true
If you held it behind, it would lean left. | 2/2 LC | lean: false
If by mistake you hold them at the back, the rope leans right. | 2/2 LC | lean: true
If you knit them in place, nothing crosses. | 2/2 LC | nothing
Unless held in front it leans right. | 2/2 LC | lean: true
Keep the cable needle at the back, or the rope will lean left. | 2/2 RC | hold: true, lean: true
Keep the cable needle at the back or it will lean right. | 2/2 RC | hold: true, lean: false
Which stitches lie in front? | 2/2 RC | nothing
Why does it lean right? | 2/2 RC | nothing
Crosses held in front always lean left. | 2/2 RC | lean of all: true
Left crosses lean left. | 2/2 RC | lean of all: true
Every right cross leans left. | 2/2 RC | lean of all: false
Waiting at the back means it leans right. | 2/2 RC | lean of all: true
Keeping them in front makes the rope lean right. | 2/2 RC | lean of all: false
Cross on every eighth row. | 4/4 RC | spacing: null
Leave five plain rows between crosses. | 3/3 RC | spacing: null
C6B is worked over six stitches. | C6B | count: true
C6B holds three at the back. | C6B | hold: true
C6B leans right. | C6B | lean: true
C6B leans left. | C6B | lean: false
The left-hand two pass over the right-hand two. | 2/2 RC | in-front: true
The right-hand two lie on top. | 2/2 RC | in-front: false
Your left hand holds the cable needle. | 2/2 RC | nothing
Use your right hand to slip them. | 2/2 RC | nothing
Rest your hands, then go on. | 2/2 RC | nothing
Bring the yarn to the front before you purl. | 2/1 RPC | nothing
Keep your grip loose. | 2/2 RC | nothing
Learners often hold it in front. | 2/2 RC | nothing
Do not let the held stitches drop. | 2/2 RC | nothing
There is a hole at the left edge. | 2/2 RC | nothing
Your needle should be no thicker than the others. | 2/2 RC | nothing
Row 5 is the cross row. | 2/2 RC | nothing
Hold two in front and it leans right. | 2/2 RC | hold: false, lean: true
The held two wait patiently at the back. | 2/2 RC | hold: true
You hold the first two at the back and knit the last two first. | 2/2 RC | hold: true, first: true
The first two are knitted last. | 2/2 RC | first: true
The last two are knitted last. | 2/2 RC | first: false
Slip two to the back, knit two, knit the slipped two. | 2/2 RC | hold: true
`
	.trim()
	.split('\n')
	.map((line) => {
		const parts = line.split(' | ');
		const [text, names] = parts;
		const [hand = 'right', keep = 'fabric'] = parts.length > 3 ? parts[2].split(' ') : [];
		return { text, names: names.split(';'), hand, keep, claims: parts.at(-1)! } as {
			text: string;
			names: string[];
			hand: 'right' | 'left';
			keep: 'fabric' | 'words';
			claims: string;
		};
	});
