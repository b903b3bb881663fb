import { PatternWriter, SEEDED, type Seeded, type WrittenPattern } from './writtenPattern';

/**
 * Patterns that were written by hand, in as many ways as could be thought of: each sound, or with one fault of a kind in a row, marked by « and ».
 */
const WRITTEN = `
=== clean
Little coin pouch
Materials: cotton, 3.5 mm hook (E-4)
Ch 21.
Row 1 (RS): Sc in 2nd ch from hook and in each ch across, turn. (20 sc)
Row 2: Ch 1, sc in each sc across, turn.
Rows 3-20: Rep Row 2.
Fasten off.
=== clean
Chain 31
Row 1: hdc in 3rd ch from hook (skipped chs count as first hdc), hdc in each ch across. 30 hdc
Row 2: Ch 2 (counts as hdc), skip first st, hdc in each st across, turn. 30 hdc
Row 3: Ch 2 (counts as hdc), skip first st, hdc in next 3 sts, *ch 1, skip next st, hdc in next st; rep from * to last 2 sts, hdc in last 2 sts. 30 sts
=== clean
Rnd 1: ch 2, 8 sc in 2nd ch from hook. (8)
Rnd 2: 2 sc in each sc around. (16)
Rnd 3: *1 sc, inc* 8 times. (24)
Rnd 4: *2 sc, inc* repeat around. (32)
Rnd 5-8: sc around. (32)
=== clean
Ch 4, join with sl st to form a ring.
Rnd 1: Ch 3 (counts as dc), 11 dc in ring, join with sl st in top of ch-3. (12 dc)
Rnd 2: Ch 3 (counts as dc), dc in same st, 2 dc in each dc around, join with sl st in top of beg ch-3. (24 dc)
Rnd 3: Ch 3 (counts as dc), 2 dc in next dc, *dc in next dc, 2 dc in next dc; rep from * around, join. (36 dc)
=== clean
Granny start
Ch 4, sl st in first ch to form ring.
Rnd 1: Ch 3 (counts as dc), 2 dc in ring, ch 2, *3 dc in ring, ch 2; rep from * 2 more times, join with sl st to top of ch-3. (12 dc, 4 ch-2 sps)
=== clean
This pattern uses UK terms.
Ch 24.
Row 1: tr in 4th ch from hook and in each ch to end, turn. (22 tr)
Row 2: ch 3 (counts as tr), miss first st, tr in each st to end, turn. (22 tr)
Row 3: ch 3 (counts as tr), miss first st, tr in next 2 sts, *ch 1, miss 1 st, tr in next st; rep from * to last st, tr in last st, turn.
=== clean
Ripple
Ch 25
Row 1: sc in 2nd ch from hook, sc in next 4 ch, 3 sc in next ch, sc in next 5 ch, skip 2 ch, sc in next 5 ch, 3 sc in next ch, sc in next 5 ch, turn. (26 sc)
Row 2: ch 1, skip first st, sc in next 5 sts, 3 sc in next st, sc in next 5 sts, sk 2 sts, sc in next 5 sts, 3 sc in next st, sc in next 5 sts, leave last st unworked, turn. (26 sc)
=== clean
Shell edging sampler
Ch 26.
Row 1: sc in 2nd ch from hook, *skip 2 ch, 5 dc in next ch, skip 2 ch, sc in next ch; rep from * across, turn. (4 shells, 5 sc)
=== clean
V-stitch panel
V-st: (dc, ch 1, dc) in same st.
Ch 23
Row 1: dc in 4th ch from hook, *skip 2 ch, (dc, ch 1, dc) in next ch; rep from * to last 4 ch, skip 2 ch, dc in last 2 ch, turn.
=== clean
Bobble sampler
Abbreviations: sc = single crochet; bo = bobble; ch = chain
Ch 18
R1: sc in 2nd ch from hook, sc in each ch across (17)
R2: ch 1, sc in next st, *bo in next st, sc in next 3 sts; rep from * across, turn (17)
R3: ch 1, sc across, turn (17)
R4: ch 1, sc in next 3 sts, *bo in next st, sc in next 3 sts; rep from * to last 2 sts, sc in last 2 sts, turn (17)
=== clean
Basket of posts
Ch 22
Row 1: dc in 4th ch from hook and in each ch across. (20 dc)
Row 2: Ch 3 (counts as dc), *FPdc around next 3 sts, BPdc around next 3 sts; rep from * across to last st, dc in last st. (20 dc)
=== clean
Oval base, worked in continuous rounds, do not join
Ch 9
Rnd 1: 2 sc in 2nd ch from hook, sc in next 6 ch, 4 sc in last ch; working along opposite side of foundation chain, sc in next 6 ch, 2 sc in last ch. (20 sc)
Rnd 2: 2 sc in each of next 2 sts, sc in next 6 sts, 2 sc in each of next 4 sts, sc in next 6 sts, 2 sc in each of next 2 sts. (28 sc)
=== clean
Row 1: 25 fsc, turn. (25)
Row 2: ch 1, sc blo in each st across, turn. (25)
Row 3: ch 1, sc in back loop only of each st across, turn. (25)
Row 4: ch 1, sc2tog, sc in next 21 sts, sc2tog. (23)
=== clean
Amigurumi style bag bottom
Round 1: make a magic ring, 6 sc in ring [6]
Round 2: inc x6 [12]
Round 3: (sc, inc) x6 [18]
Round 4: (2 sc, inc) x6 [24]
Round 5: (3 sc, inc) x6 [30]
Rounds 6-10: sc in each st around [30]
Round 11: (3 sc, dec) x6 [24]
=== clean
Corner to corner it is not
Ch 12
Row 1: Sc in second ch from hook and in each ch across - 11 sc.
Row 2: Ch 1, 2 sc in first st, sc in each st to last st, 2 sc in last st - 13 sc.
Row 3: Ch 1, 2 sc in first st, sc in each st to last st, 2 sc in last st - 15 sc.
Row 4: Ch 1, sc in each st across - 15 sc.
=== clean
Strap
Ch 7
Row 1: Sc in 2nd ch from hook and in next 5 ch, turn. 6 sc
Row 2: Ch 1, sc in each sc across, turn. 6 sc
Repeat Row 2 until strap measures 90 cm.
Fasten off.
=== clean
Panel in linen stitch
Ch 30 with colour A.
Row 1: sc in 2nd ch from hook, *ch 1, sk next ch, sc in next ch; rep from * across. (29)
Row 2: ch 1, sc in first st, sc in next ch-1 sp, *ch 1, sk next st, sc in next ch-1 sp; rep from * to last st, sc in last st. (29)
=== clean
Front and back (make 2)
Ch 37.
Row 1 (WS): sc in 2nd ch from hook, [dc in next ch, sc in next ch] across to last ch, dc in last ch. Turn. (36)
Row 2: ch 1, sc in dc, [dc in next sc, sc in next dc] to last st, dc in last sc. Turn. (36)
Rows 3-30: As row 2.
=== clean
Work flat.
Ch 16
Row 1. Skip 1 ch, 15 dc, turn. UK terms
Row 2. 1 ch, 15 dc, turn.
Row 3. 1 ch, 7 dc, 2 dc in next st, 7 dc, turn. (16)
=== clean
Ch 20 loosely.
1st row: 1 sc in 2nd ch from hook, 1 sc in each ch to end. (19 sc)
2nd row: 1 ch, 1 sc in each sc to end. (19 sc)
3rd row: 1 ch, 2 sc in first sc, 1 sc in each of next 17 sc, 2 sc in last sc. (21 sc)
=== clean
Hexagon
Magic circle
Rnd 1: ch 3 (counts as first dc), dc in ring, ch 1, *2 dc in ring, ch 1; rep from * 4 times, join with sl st in top of ch 3. (12 dc, 6 ch-1 sps)
=== clean
Gauge: 16 sts and 18 rows = 4 in
Finished size: 10" wide
Ch 41
Row 1: sc in 2nd ch from hook and each ch across (40)
Row 2: ch 1, sc in each st across (40)
Rows 3 through 40: rep row 2
=== clean
Tension: 20 sts x 24 rows to 10 cm
The panel measures 20 cm wide x 15 cm high.
UK
Ch 41
Row 1: dc in 2nd ch from hook and in each ch to end (40 dc)
Rows 2 to 36: 1 ch, dc in each st to end (40 dc)
=== clean
Puff panel
Puff st = yo, insert hook, pull up a loop three times, yo and pull through all.
Ch 14
Row 1: sc in 2nd ch from hook and in each ch across. 13 sts
Row 2: ch 3, puff st in next st, *ch 1, sk next st, puff st in next st; rep from * to last st, dc in last st. 13 sts
=== clean
Half disc
Row 1: 4 hdc in MR, do not join, turn (4)
Row 2: ch 1, 2 hdc in each st, turn (8)
Row 3: ch 1, *hdc in next st, 2 hdc in next st; rep from * across, turn (12)
Row 4: ch 1, *hdc in next 2 sts, 2 hdc in next st; rep from * across, turn (16)
=== clean
SIDE BAND
Chain 6.
Row 1: 5 sc.
Row 2: Ch 1, turn, 5 sc.
Rows 3-60: Repeat row 2.
=== clean
Square base, joined rounds
Ch 11
Rnd 1: sc in 2nd ch from hook and in each ch across (10), turn
Row 2: ch 1, sc in each st across, turn (10)
=== clean
Flap
With RS facing, join yarn in first st.
Row 1: ch 1, sc in each of next 30 sts, turn. (30)
Row 2: ch 1, sc2tog, sc in each st to last 2 sts, sc2tog, turn. (28)
Row 3: ch 1, sc in each st across, turn. (28)
Rows 4-5: rep rows 2-3. (26)
Row 6: ch 1, sc2tog, sc to last 2 sts, sc2tog, turn. (24)
=== clean
Mesh
Ch 26
Row 1: dc in 6th ch from hook, *ch 1, sk 1 ch, dc in next ch; rep from * to end.
Row 2: ch 4 (counts as dc and ch 1), sk first dc and ch-1 sp, dc in next dc, *ch 1, sk ch-1 sp, dc in next dc; rep from * to last ch-sp, ch 1, dc in 3rd ch of turning ch.
=== clean
Cluster row
dc3tog = double crochet 3 together
Ch 21
Row 1: sc in 2nd ch from hook and in each ch across. (20 sts)
Row 2: ch 3 (counts as dc), dc in next st, *dc3tog over next 3 sts, ch 2; rep from * to last 3 sts, dc in last 3 sts.
=== clean
Row 1: ch 17, sc in 2nd ch from hook and in each ch across, turn. (16)
Row 2: ch 1, *sc in next 2 sts, dc in next 2 sts; rep from * across, turn. (16)
Row 3: ch 1, *dc in next 2 sts, sc in next 2 sts; rep from * across, turn. (16)
Rows 4-9: rep rows 2 and 3. (16)
=== clean
Striped pouch. Colours A and B.
With A, ch 29.
Row 1: With A, sc in 2nd ch from hook and in each ch across; change to B in last st. (28)
Row 2: With B, ch 1, sc in each st across; change to A. (28)
Row 3: With A, ch 1, sc in each st across. (28)
=== clean
Base of the bag
Rnd 1: 6 sc into magic ring, sl st to first sc to close. 6 sts
Rnd 2: ch 1, 2 sc into each sc, sl st to first sc. 12 sts
Rnd 3: ch 1, *1 sc into next sc, 2 sc into next sc, repeat from * to end, sl st to first sc. 18 sts
=== clean
Spiral pouch
Work in a spiral without joining. Use a stitch marker.
Rnd 1: 8 sc in magic ring (8)
Rnd 2: [2 sc in next st] 8 times (16)
Rnd 3: [sc in next st, 2 sc in next st] 8 times (24)
Rnd 4: sc in each st around; move marker up (24)
=== clean
Ch 10
Row 1: sc in 2nd ch from hook and in each ch across (9)
Row 2: ch 1, 3 sc in first st, sc in next 7 sts, 3 sc in last st (13)
Row 3: ch 1, sc in next st, 3 sc in next st, sc in next 9 sts, 3 sc in next st, sc in last st (17)
=== clean
Tab
Row 1: ch 5, sc in 2nd ch from hook and next 3 ch. (4 sc)
Rows 2-11: ch 1, turn, 4 sc. (4 sc)
Row 12: ch 1, turn, sc in first st, ch 2, sk 2, sc in last st. (4 sts)
Row 13: ch 1, turn, sc in first st, 2 sc in ch-2 sp, sc in last st. (4 sc)
=== clean
Ch 33.
Row 1: Dc in 4th ch from hook (counts as 2 dc), dc in each ch across. (31 dc)
Row 2: Ch 3 (counts as dc), dc in next 4 dc, *ch 1, skip next dc, dc in next 5 dc; rep from * to last 2 dc, ch 1, sk next dc, dc in top of turning ch. (31)
=== clean
Drawstring purse
Rnd 1: In magic ring, work 10 hdc. (10)
Rnd 2: 2 hdc in every st. (20)
Rnd 3: *hdc 1, 2 hdc in next; repeat from *. (30)
Rnd 4: *hdc 2, 2 hdc in next; repeat from * around. (40)
Rnd 5: hdc in each st. (40)
=== clean
Ch 15.
Row 1: esc in 3rd ch from hook and each ch across (13)
Row 2: ch 1, esc in each st, turn (13)
=== clean
Foundation row: ch 22, sc in 2nd ch from hook and in each ch across. (21)
Row 1: ch 1, sc in each st across. (21)
Row 2: ch 1, sc in next 10 sts, 2 sc in next st, sc in next 10 sts. (22)
=== clean
Wallet, worked sideways
Special stitches: Cl (cluster): yo, insert hook, pull up a loop, draw through 2 loops, 3 times in same st, draw through all.
Ch 19
Row 1 (RS): sc in 2nd ch from hook, sc in each ch across, turn — 18 sts.
Row 2: ch 3 (does not count as a st), cl in first st, *ch 1, sk 1 st, cl in next st; rep from * to last st, dc in last st, turn — 18 sts.
=== clean
1. Base
Rnd 1: Start with a magic loop, ch 1 (does not count), 6 hdc into the loop, sl st to join. {6 hdc}
Rnd 2: Ch 1, 2 hdc into each st around, sl st to join. {12 hdc}
Rnd 3: Ch 1, *hdc into next st, 2 hdc into next st*; rep from * to * around, sl st to join. {18 hdc}
=== clean
Begin: ch 12, turn.
R1 – sc in 2nd ch from hook, 10 sc – 11 sc
R2 – ch 1, turn, sc in next 5 sts, 2 sc in next st, sc in next 5 sts – 12 sc
R3 – ch 1, turn, 12 sc – 12 sc
=== clean
Pocket
Chain fifteen.
Row 1: hdc in third ch from hook and in each ch to the end. Turn.
Row 2: Ch 2, hdc in each hdc to the end. Turn.
Repeat row 2 eight more times.
Row 11: ch 1, sc in each hdc.
=== clean
Round clutch, two alike
Rnd 1: 12 dc in ring, sl st in first dc to join. (12)
Rnd 2: ch 3, 2 dc in each dc around, join. (24)
Rnd 3: ch 3, (dc in next dc, 2 dc in next dc) 12 times, join. (36)
Rnd 4: ch 3, (dc in each of next 2 dc, 2 dc in next dc) 12 times, join. (48)
=== clean
Ch 21.
Row 1: sc in 2nd ch from hook and in each ch across, turn. (20 sc)
Rows 2-20: ch 1, sc in each sc across, turn. (20 sc)
Border
Rnd 1: ch 1, 3 sc in corner, sc in next 18 sts, 3 sc in corner, 18 sc evenly down the side, 3 sc in corner, 18 sc along bottom, 3 sc in corner, 18 sc evenly up the side, join. (84 sc)
=== clean
Front
Ch 31.
Row 1: sc in 2nd ch from hook and in each ch across. (30 sc)
Row 2: ch 1, turn, sc in each of the next 20 sts, leave remaining 10 sts unworked. (20 sc)
Row 3: ch 1, turn, sc in each st. (20 sc)
Fasten off. Rejoin yarn in the 21st st of Row 1.
Row 4: ch 1, sc in next 10 sts. (10 sc)
=== clean
Chain 22
Row 1 (WS): Sc in 2nd ch from hook, dc in next ch, *sc in next ch, dc in next ch*, repeat from * to * across to last ch, sc in last ch, turn. (21 sts)
Row 2 (RS): Ch 3 (counts as dc), sc in next dc, *dc in next sc, sc in next dc; repeat from * to last st, dc in last st, turn. (21 sts)
=== clean
Special Stitches
Popcorn (pc): 5 dc in same st, remove hook, insert in first dc, pull loop through.
Ch 16
Row 1: sc in 2nd ch from hook and each ch across (15)
Row 2: ch 1, sc in first 3 sts, pc in next st, sc in next 3 sts, pc in next st, sc in next 3 sts, pc in next st, sc in last 3 sts. (12 sc, 3 pc)
=== clean
Ch 32
Row 1: Sc in second ch from hook, *sk next 2 chs, 5 dc in next ch (shell made), sk next 2 chs, sc in next ch; rep from * across, turn. (5 shells, 6 sc)
Row 2: Ch 3 (counts as dc), 2 dc in same st, *sk next 2 dc, sc in next dc, sk next 2 dc, 5 dc in next sc; rep from * across to last shell, sk 2 dc, sc in next dc, sk 2 dc, 3 dc in last sc, turn.
=== clean
ROUND 1: Ch 3, 9 hdc in third chain from hook; join with slip stitch in top of ch-3. (10 hdc)
ROUND 2: Ch 2 (counts as hdc), hdc in same stitch as join, 2 hdc in each stitch around; join. (20 hdc)
ROUND 3: Ch 2 (counts as hdc), 2 hdc in next stitch, *hdc in next stitch, 2 hdc in next stitch; repeat from * around; join. (30 hdc)
=== clean
Rnd 1: Ch 36, join to first ch with sl st to form a ring, sc in each ch around. (36)
Rnd 2: *Sc in next 4 sts, sc2tog; rep from * around. (30)
Rnd 3: *Sc in next 3 sts, sc2tog; rep from * around. (24)
Rnds 4 and 5: Sc in each st around. (24)
=== clean
Make 24 chain.
1st row: 1 double crochet into 2nd chain from hook, 1 double crochet into each chain to end, turn. (23 sts)
2nd row: 1 chain, miss first stitch, *1 half treble into next stitch, 1 double crochet into next stitch, repeat from * to end, turn. (22 sts)
=== clean
Ch 13
Row 1: sc in 2nd ch from hook and in each ch across. 12 sts
Rows 2 - 4: ch 1, sc2tog, sc in each st across. (11, 10, 9)
=== clean
Ch 11
R1: sc in 2nd ch from hk and in ea ch across (10)
R2: ch 1, 2 sc in ea of first 2 sts, sc in next 6 sts, 2 sc in ea of last 2 sts (14)
=== clean
Ch 23
Row 1: dc in 4th ch from hook and in each ch across (21)
Row 2: ch 2, *FPdc around next dc, BPdc around next dc; rep from * across, hdc in top of turning ch (21)
=== clean
Rnd 1: sc 6 in magic ring. [6]
Rnd 2: *inc* 6 times [12]
Rnd 3: *sc, inc* x6 [18]
Rnd 4: *sc 2, inc* x6 [24]
Rnd 5: sc 24 [24]
Rnd 6: *sc 2, dec* x6 [18]
=== clean
Ch 26
Row 1: Hdc in 3rd ch from hook and in each ch across. (24 hdc)
Row 2: Ch 2 (does not count as a stitch here and throughout), turn. Hdc in each st across. (24 hdc)
Row 3: Ch 2, turn. Hdc in first st, *ch 1, skip 1 st, hdc in next st. Repeat from * to last st, hdc in last st. (24 sts)
=== clean
Materials: Size G-6 (4.0mm) crochet hook; worsted yarn
Gauge: 4 sts = 1"
Ch 21
Row 1: sc in 2nd ch from hook and in each ch across. (20 sc)
=== clean
With MC, ch 31. Row 1: With MC, sc in 2nd ch from hook, *sc in next 2 ch with CC, sc in next ch with MC; rep from * to last 2 ch, sc in last 2 ch. (30 sc)
=== clean
Note: Ch 3 at beginning of row counts as first dc throughout.
Ch 22. 
Row 1: Dc in fourth ch from hook (3 skipped chs count as dc), dc in each ch across. Turn. 20 dc.
Row 2: Ch 3, dc in next 4 dc, 2 dc in next dc, dc in next 8 dc, 2 dc in next dc, dc in each of last 5 sts. Turn. 22 dc.
=== clean
Row 1: Fsc 20. (20)
Row 2: Ch 1, turn, sc in each fsc across. (20)
=== clean
Make a chain of 40 stitches.
Row 1: Work 1 sc in second chain from hook, and 1 sc in each remaining chain. 39 sc.
Row 2: Chain 1, turn. Work 1 sc in each sc. 39 sc.
Work 10 more rows as row 2.
=== clean
<p>Ch 26.</p>
<p>Row 1: sc in 2nd ch from hook and in each ch across. (25)</p>
=== clean
- Ch 16
- Row 1: sc in 2nd ch from hook and in each ch across (15 sc)
- Row 2: ch 1 and turn, sc in each sc across (15 sc)
=== clean
## Panel
**Ch 16.**
**Row 1:** sc in 2nd ch from hook and in each ch across (15 sc)
1. Row 2: ch 1, sc in each st (15)
=== clean
Rnd 1: mr, 6 sc (6)
Rnd 2: 6 inc (12)
Rnd 3: sc, inc, rep around (18)
Rnd 4: 2 sc, inc; repeat 6 times (24)
=== clean
R1-MR 6 sc [6]
R2-inc*6 [12]
R3-(sc, inc)*6 [18]
R4-(2sc, inc)*6 [24]
R5-10: 24 sc [24]
R11-(2sc, dec)*6 [18]
=== clean
Ch 12. Row 1: 2dc in 4th ch from hook, *skip 1 ch, 2dc in next ch; rep from * to end. turn.
=== clean
Ch 21
Foundation Row: sc in 2nd ch from hook and in each ch across - 20 sts.
Next Row: ch 1, sc in each st - 20 sts.
Row 3: ch 1, [sc in next 8 sts, sc2tog] twice - 18 sts.
=== clean
Ch 8
Row 1: sc in 2nd ch from hook, sc x 6 (7)
Row 2: Ch 1, sc x 7 (7)
=== clean
Ch 20
Row 1 (right side): Single crochet in second chain from hook and each chain across. Turn. [19 single crochet]
Row 2: Ch 1. Single crochet in first st. *Double crochet in next st. Single crochet in next st. Repeat from * across. Turn. [19 sts]
=== clean
Ch 17
Row 1: sc in 2nd ch from hook, *ch 5, skip 4 ch, sc in next ch; rep from * across, turn. (3 ch-5 loops, 4 sc)
Row 2: ch 5 (counts as dc and ch 2), sc in first ch-5 loop, *ch 5, sc in next ch-5 loop; rep from * across, ch 2, dc in last sc, turn.
=== clean
UK terms
Special: MB (make bobble) = 5 tr in next st, leaving last loop on hook, yoh and pull through all loops
Ch 22
Row 1: dc in 2nd ch from hook, dc to end. (21 dc)
Row 2: 1 ch, dc in next 2 sts, *MB, dc in next 3 sts; rep from * to last 3 sts, MB, dc in last 2 sts. (21 sts)
=== clean
Ch 11
Row 1: sc in 2nd ch from hook and in each ch across. 10 (12, 14) sc
=== clean
Ch 21
Row 1: sc in 2nd ch from hook and in each ch across (20)
Row 2: ch 1, sc in each st until 2 sts remain, sc2tog (19)
Row 3: ch 1, sk first st, sc in each st to end (18)
=== clean
Ch 13
Row 1: sc in 2nd ch from hook and in each ch across (12)
Row 2: ch 1, sc in first st, ch 1, sk 1, sc in next st, ch 1, sk 1, sc in next st, ch 1, sk 1, sc in next st, ch 1, sk 1, sc in next st, ch 1, sk 1, sc in next st, sc in last st (12)
=== clean
Rnd 1 — Ch 2, 8 sc in second ch from hook. Join with sl st to first sc — 8 sc.
Rnd 2 — Ch 1. 2 sc in each sc around. Join — 16 sc.
Rnd 3 — Ch 1. *1 sc in next sc. 2 sc in next sc. Rep from * around. Join — 24 sc.
=== clean
Ch 30
Row 1: dc in 4th ch from hook, dc in next 4 ch, (dc3tog over next 3 ch), dc in next 5 ch, 3 dc in next ch, dc in next 5 ch, dc3tog over next 3 ch, dc in last 5 ch, turn.
=== count 2
Filling row
Ch 31
Row 1: sc in 2nd ch from hook and in each ch across. 30 sc
Row 2: ch 1, (sc in next 3 sts, sc2tog) 6 times. «25» sc
=== fit 2
Buttonhole band
Ch 25
Row 1: sc in 2nd ch from hook and in each ch across (24)
Row 2: ch 1, sc in next 4 sts, (ch 2, sk 2 sts, sc in next 5 sts) twice, «sc in next 8 sts» (24)
=== count 2
Ch 21
Row 1: sc in 2nd ch from hook and in each ch across (20)
Row 2: ch 1, 2 sc in first st, sc in next 18 sts, 2 sc in last st («24»)
Row 3: ch 1, sc in each st across (22)
=== count 6
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc in each st (12)
Rnd 3: (1 sc, inc) around (18)
Rnd 4: (2 sc, inc) around (24)
Rnd 5: (3 sc, inc) around (30)
Rnd 6: (4 sc, inc) around («32»)
Rnd 7: (5 sc, inc) around (42)
=== count 1
Chain 26.
Row 1: Single crochet in 2nd chain from hook and in each chain across. («26» single crochets)
Row 2: Chain 1, single crochet in each stitch across. (25)
=== count 1
Ch 42
Row 1: dc in 4th ch from hook and in each ch across («42» dc)
Row 2: ch 3 (counts as dc), sk first st, dc in each st across (40)
=== count 3
UK terms
Rnd 1: 6 dc into ring (6)
Rnd 2: 2 dc into each st (12)
Rnd 3: *1 dc, 2 dc into next st; rep from * to end («16»)
Rnd 4: *2 dc, 2 dc into next st; rep from * to end (24)
=== fit 2
Ch 21
Row 1: sc in 2nd ch from hook and in each ch across (20)
Row 2: ch 1, sc in next 10 sts, «hdc in next 12 sts» (20)
=== fit 3
Ch 31
Row 1: sc in 2nd ch from hook and in each ch across. 30 sc
Row 2: Ch 1, sc in each sc across. 30 sc
Row 3: Ch 1, sc in next 14 sc, sc2tog, «sc in last 15 sc». 29 sc
=== fit 2
Rnd 1: ch 2, 6 sc in 2nd ch from hook (6)
Rnd 2: «2 sc in each of next 7 sts» (12)
Rnd 3: (sc in next st, inc) 6 times (18)
=== fit 4
Ch 13
R1: 12 sc, starting in 2nd ch from hook (12)
R2: ch 1, sc in each st (12)
R3: ch 1, sc in each st (12)
R4: ch 1, sc2tog, sc in next 6 sts, sc2tog, «sc in next 4 sts» (12)
=== fit 2
Ch 16
Row 1: sc in 2nd ch from hook and in each ch to end (15)
Row 2: ch 1, sc in next 7 sts, «sc in last 7 sts» (15)
=== repeat 2
Ch 23
Row 1: sc in 2nd ch from hook and in each ch across (22)
Row 2: ch 1, «*sc in next 2 sts, dc in next 2 sts; rep from * across», turn (22)
=== repeat 1
Ch 27
Row 1: «*bobble in next ch, sc in next 3 ch; rep from * across» (27)
=== repeat 3
Rnd 1: 6 sc in MR (6)
Rnd 2: inc around (12)
Rnd 3: «*sc in next 4 sts, inc; rep from * around» (18)
Rnd 4: (2 sc, inc) x 6 (24)
=== repeat 2
Ch 20
Row 1: sc in 2nd ch from hook and in each ch across (19)
Row 2: ch 1, sc in first st, «*ch 1, skip next st, sc in next st; rep from * to last 3 sts», sc in last 3 sts (19)
=== repeat 2
Ch 29
Row 1: hdc in 2nd ch from hook and in each ch across (28)
Row 2: ch 1, hdc in first 2 sts, «[hdc3tog over next 3 sts, ch 2] to last 3 sts», hdc in last 3 sts (28)
=== undefined-word 2
Ch 21
Row 1: sc in 2nd ch from hook and in each ch across (20)
Row 2: ch 1, *sc in next st, «grelp» in next st; rep from * across (20)
=== undefined-word 3
Rnd 1: 6 sc in magic ring (6)
Rnd 2: 2 sc in each st around (12)
Rnd 3: *«xst» in next st, 2 sc in next st; rep from * around (18)
=== undefined-word 1
Ch 15
Row 1: «zdc» in 4th ch from hook and in each ch across (13)
=== undefined-word 2
Abbreviations: sc = single crochet, pf = puff
Ch 11
Row 1: sc in 2nd ch from hook and in each ch across (10)
Row 2: ch 1, sc in first st, *«pp» in next st, sc in next st; rep from * to last st, sc in last st (10)
=== other-terms 2
US terms
Ch 21
Row 1: hdc in 3rd ch from hook and in each ch across (19)
Row 2: ch 1, «htr» in each st across (19)
=== other-terms 3
This pattern is written in UK terminology.
Ch 16
Row 1: dc in 2nd ch from hook and in each ch to end (15)
Row 2: 1 ch, dc in each st to end (15)
Row 3: 1 ch, «sc» in each st to end (15)
=== other-terms 2
Written in American terms
Ch 21
Row 1: sc in 2nd ch from hook and in each ch across (20)
Row 2: ch 1, sc in first st, «miss» next st, *2 sc in next st, sc in next st; rep from * across (28)
=== other-terms 2
UK terms
Rnd 1: 6 dc in magic ring (6)
Rnd 2: «2 single crochet» in each st around (12)
=== size
Gauge: 16 sts = 10 cm
Size: «35» cm wide
Ch 41
Row 1: sc in 2nd ch from hook and in each ch across (40)
Rows 2-30: ch 1, sc in each st across (40)
=== size
Gauge: 4 sc and 5 rows = 1 inch
Finished panel measures «8» in wide by 5 in tall
Ch 45
Row 1: sc in 2nd ch from hook and in each ch across (44)
Rows 2-25: ch 1, sc in each st across (44)
=== size
Tension: 18 stitches and 20 rows = 10 cm square
Width «15» cm
Ch 37
Row 1: dc in 2nd ch from hook and in each ch to end (36)
Rows 2-20: ch 1, dc in each st to end (36)
=== hook
Hook: H-8 («4» mm)
Ch 11
Row 1: sc in 2nd ch from hook and in each ch across (10)
=== hook
You need a «6.5» mm (J-10) crochet hook
Ch 11
Row 1: sc in 2nd ch from hook and in each ch across (10)
=== hook
US G/6 («4.5» mm) hook
Ch 11
Row 1: sc in 2nd ch from hook and in each ch across (10)
=== joined-spiral 2
Worked in continuous rounds; do not join.
Rnd 1: 6 sc in magic ring (6)
Rnd 2: 2 sc in each st around, «join with sl st to first sc» (12)
=== joined-spiral 3
The body is worked in a spiral.
Rnd 1: 8 sc in magic ring (8)
Rnd 2: inc around (16)
Rnd 3: (sc, inc) around, «sl st in first st» (24)
=== joined-spiral 4
Work in a spiral
Rnd 1: 6 dc in ring (6)
Rnd 2: 2 dc in each st (12)
Rnd 3: (dc in next st, 2 dc in next st) 6 times (18)
Rnd 4: dc in each st around, «join» (18)
=== row-number 4
Ch 11
Row 1: sc in 2nd ch from hook and in each ch across (10)
Row 2: ch 1, sc in each st across (10)
«Row 4»: ch 1, sc in each st across (10)
=== row-number 2
Ch 11
Row 1: sc in 2nd ch from hook and in each ch across (10)
Row 2: ch 1, sc in each st across (10)
«Row 2»: ch 1, sc in each st across (10)
Row 3: ch 1, sc in each st across (10)
=== row-number 7
Rnd 1: 6 sc in MR (6)
Rnd 2: inc around (12)
Rnds 3-5: sc in each st around (12)
«Rnd 7»: dec around (6)
=== row-unknown 5
Ch 11
Row 1: sc in 2nd ch from hook and in each ch across (10)
Rows 2-4: ch 1, sc in each st across (10)
«Rows 5-10: Repeat row 12.»
=== row-unknown 3
Ch 21
Row 1: sc in 2nd ch from hook and in each ch across (20)
Row 2: ch 1, sc in each st across (20)
«Rows 3-12: repeat rows 7 and 8»
`;

/** Each of them, with where its fault stands. */
export function handwrittenPatterns(): WrittenPattern[] {
  return WRITTEN.split(/^=== /m)
    .slice(1)
    .map((part) => {
      const [head = '', ...lines] = part.trimEnd().split('\n');
      const [name = '', row] = head.trim().split(' ');
      const kind: Seeded | null = SEEDED.find((one) => one === name) ?? null;
      const writer = new PatternWriter();
      for (const line of lines) writer.line(line, kind, row === undefined ? null : Number(row));
      return writer.written();
    });
}
