"""The numbers of the shop: what a maker's hands, tools and cloth take, where no geometry says it.

Each stands here once, with its unit and where it is from, and is used like any float. A house rule is ours: a starting value that holds for
most makers, to be bettered by measuring. What belongs to one form alone stands in that form's folder.
"""

from __future__ import annotations

from collections.abc import Iterator
from typing import Literal

Unit = Literal["mm", "ml", "g", "mm/min", "min", "share", "times", "per cent", "degrees", "makes"]
HOUSE, TRADE, GEOMETRY = "house rule", "how it is sold", "geometry"


class Number(float):
    """A float that tells its ``unit``, ``what`` it is, and its ``source``.

    >>> SELVEDGE, SELVEDGE.unit, SELVEDGE.source
    (15.0, 'mm', 'house rule')
    >>> SELVEDGE + 1
    16.0
    """

    unit: Unit
    what: str
    source: str

    def __new__(cls, value: float, unit: Unit, what: str, source: str = HOUSE) -> Number:
        made = super().__new__(cls, value)
        made.unit, made.what, made.source = unit, what, source
        return made


def shop_numbers() -> Iterator[tuple[str, Number]]:
    """``(name, number)`` of all of them, as they stand here.

    >>> next(shop_numbers())
    ('SELVEDGE', 15.0)
    """
    return ((name, value) for name, value in globals().items() if isinstance(value, Number))


# Cloth and thread --------------------------------------------------------------------------------
SELVEDGE = Number(15, "mm", "what each selvedge takes of the width of a cloth")
CLOTH_MARGIN = Number(0.05, "share", "cloth bought beyond what the pieces take")
THREAD_PER_SEAM = Number(5, "times", "thread for each length of seam: two and a half times from each of two spools")
THREAD_BY_HAND = Number(
    7,
    "times",
    "thread for each length of a seam backstitched by hand in a doubled thread, with what is lost at its knots",
)
THREAD_MORE = Number(4 / 3, "times", "thread bought for what is used")
SPOOL = Number(5000, "mm", "thread is counted by so much", TRADE)
OWN_THICKNESS = Number(0.5, "mm", "a cloth nobody has measured: an ordinary cotton or linen")
CLOTH_SOLD = Number(100, "mm", "cloth and ribbon are sold by so much on a metric ruler", TRADE)
EIGHTH_YARD = Number(914.4 / 8, "mm", "cloth is sold by so much on an inch ruler", TRADE)
QUARTER_YARD = Number(914.4 / 4, "mm", "ribbon is sold by so much on an inch ruler", TRADE)
PUCKER = Number(0.02, "share", "two layers whose shrinkages lie further apart pucker when washed sewn together")
ROOM_SHORT = Number(0.02, "share", "what a make may hold less than is wanted: so much cloth gives")
ROOM_MORE = Number(0.1, "share", "what a make may hold more than is wanted before a smaller one is offered")
VOLUME_STEP = Number(10, "ml", "an arrow key in the entry of a volume adds or takes so much")
DRAWS_IN = Number(0.04, "share", "what quilting lines a few centimetres apart draw a padded cloth in by")
FAT_ACROSS = Number(550, "mm", "how wide a fat quarter is, across the cloth, on a metric ruler", TRADE)
FAT_ALONG = Number(500, "mm", "how long a fat quarter is, along the selvedge, on a metric ruler", TRADE)
FAT_ACROSS_INCH = Number(558.8, "mm", "how wide a fat quarter is, across the cloth, on an inch ruler", TRADE)
FAT_ALONG_INCH = Number(457.2, "mm", "how long a fat quarter is, along the selvedge, on an inch ruler", TRADE)
TURN_SAVES = Number(0.1, "share", "of a length of cloth that turning pieces across it must save, to be worth it")
BIAS_LONGEST = Number(
    600, "mm", "a strip on the bias is joined of strips no longer than that, as a fat quarter gives them"
)
JOIN_LEAST = Number(
    20, "mm", "where a strip would add less than that to what is joined the cloth is too narrow for it: house rule"
)
STUB_LEAST = Number(
    100, "mm", "no strip that is joined adds less: its join would lie where an end is turned or sewn in"
)
BIAS_LEAST = Number(200, "mm", "of shorter strips on the bias none is joined: it is cut along the grain")
NOTION_LEAST = Number(1, "mm", "something on the pile that comes in sizes is at least so wide, long or thick")
SCRAP_LEAST = Number(10, "mm", "a scrap of cloth is worth keeping from so much wide and high")
SCRAP_MOST = Number(100_000, "mm", "cloth is no longer than that on any bolt")
KERF_MOST = Number(10, "mm", "no cutter takes more than that away along its line")
ROUND_OFF = Number(
    1.5, "mm", "something of the house is taken for a round line that is so much larger or smaller across"
)
GRAMS_SOLD = Number(100, "g", "loose filling is weighed by so much", TRADE)
GAP_MOST = Number(100, "mm", "more room than that between two pieces is no gap")
REPEAT_LEAST = Number(5, "mm", "a print that comes again more often is matched by no one")
REPEAT_MOST = Number(1500, "mm", "no print comes again further apart")
LEFT_LEAST = Number(100, "mm", "a piece of cloth left over is worth a name from so much wide and high")
QUILTED_OVER = Number(20, "mm", "how much larger all round a mat is cut before it is quilted")

# Seams -------------------------------------------------------------------------------------------
ALLOWANCE = Number(10, "mm", "what every seam is sewn at where nobody said anything; on an inch ruler 3/8 in")
THIN_ALLOWANCE = Number(3, "mm", "less than this to sew on is hardly an allowance")
LEAST_HEM = Number(3, "mm", "the least that can be turned in at the end of a casing")
CORD_OPENING = Number(12, "mm", "what a cord, its knot and a finger beside it take to come out of a casing by")
SNAP = Number(4, "mm", "let go so near a middle it is meant to lie in it")
GRIP = Number(8, "mm", "to each side of a point, where it can be taken hold of")
MOTIF_LEAST = Number(20, "mm", "no motif is smaller than this")
QUILT_APART = Number(50, "mm", "lines of quilting lie no farther apart, or a padding shifts and bunches in the wash")
FIRM = Number(0.6, "mm", "cloth as thick as canvas stands up by itself")
HELD_UP = Number(0.6, "share", "of a wall that a thing in it holds up")
CORD_THICK = Number(5, "mm", "a cord that is bought, to draw a mouth together")
CORD_WIDE = Number(8, "mm", "a cord folded in four of ordinary cloth, no narrower")
BOOKMARK_WIDE = Number(0.3, "share", "of a board a bookmark is wide")
BOOKMARK_LONG = Number(0.8, "share", "of a board a bookmark is long")
GIFT_BOW = Number(1.5, "times", "as long is the ribbon of a bow that somebody else will tie and cut")
RIM_FIRST = Number(3, "times", "a millimetre of a rim that is sewn to another counts for so much of height or width")
RIM_LAP = Number(15, "mm", "a rim folded over from both sides reaches so much past the middle on each")
BEYOND = Number(0.001, "mm", "what is told to work is at least so far within its limit")
EQUAL = Number(0.5, "mm", "closer than this no maker can cut")
UNSEEN = Number(0.0025, "share", "so small a share of a seam nobody sees")
CLIPS_OPEN = Number(
    3, "times", "below this radius for each length of allowance a clipped edge no longer opens round a curve"
)
STITCH = Number(2.5, "mm", "a stitch of a seam")
TOPSTITCH = Number(3, "mm", "a stitch that is seen")
SHORT_STITCH = Number(2, "mm", "a stitch where little holds: darts to nothing, small casings")
THICK_STITCH = Number(3, "mm", "a stitch through a thick stack")
SHEET_STITCH = Number(3.5, "mm", "a stitch in a sheet, whose holes do not close again")
BASTING = Number(4, "mm", "a stitch that is taken out or covered again")
RIVET_LEAST = Number(3, "mm", "what the halves of a rivet hold at least: thinner, it turns")
RIVET_IN = Number(0.3, "share", "of a strap's width a rivet lies in from its side: house rule")
THICK_STACK = Number(4, "mm", "from here on a stack is thick: the upper layer creeps, and the needle works hard")
WIDE_ALLOWANCE = Number(
    15, "mm", "what a thick seam is sewn at, so that the foot stands on all its layers; on an inch ruler 5/8 in"
)
GRADED = Number(
    6, "mm", "what the under of two allowances of a thick seam is trimmed to; the upper is left half as wide again"
)
RING_HELD = Number(30, "mm", "a tab that holds the ring of a strap is so long when it is folded double: house rule")
OVERCAST_CURVE = Number(
    6,
    "mm",
    "what a curved seam is trimmed to before both its allowances are overcast, so that it lies round when it is turned: house rule",
)
PLATE = Number(320, "mm", "up to so far across kitchens have something to draw a circle round")
STRING = Number(1000, "mm", "a pencil on a longer string draws no clean line, and finds no room on a table: house rule")
CORNER = Number(0.12, "share", "of the way round a piece: a round line no longer than that is a corner of it")
RIBBON_WIDE = Number(15, "mm", "a ribbon that is made, or caught as a part, is usually so wide")
RIBBON_TURN = Number(5, "mm", "a ribbon's end is turned in by so much, twice")
TRIM_OUT = Number(2, "mm", "padding from here on is trimmed out of a seam rather than left in it")
OVERLAP = Number(10, "mm", "a seam that goes all the way round is sewn over its beginning by so much")
EDGE_STITCH = Number(2, "mm", "how far from the edge a topstitch that holds it lies")
PIVOT = Number(30, "degrees", "an edge that turns by more than this is sewn with a stop at the corner")
CLIP_GIVES = Number(4, "mm", "between two notches the allowance of a curve has to give way by so much at most")
CLIP_LEAST = Number(8, "mm", "notches in a curve closer than this leave nothing between them")
CLIP_MOST = Number(30, "mm", "notches in a curve further apart than this show as corners")
RESEWN = Number(15, "mm", "a stitch that was cut at a corner is sewn over from so much before it to as much past it")
TRIAL_SEAM = Number(60, "mm", "as much of a seam is tried on a scrap first")
CLIP_SHORT = Number(2, "mm", "a notch ends so far short of the stitching")
WITHIN = Number(2, "mm", "what a maker measures on cloth may be off by so much")

# Surface work ------------------------------------------------------------------------------------
FIGURE_HIGH = Number(60, "mm", "a figure worked on a make of ordinary size is so high")
FIGURE_SHARE = Number(0.6, "share", "of the place for it that a figure takes")
LIMB_LEAST = Number(6, "mm", "narrower than this a limb of a figure has no room for stitching along both its edges")
WEB_OVER = Number(
    10, "mm", "a piece of cloth with web behind it is so much larger all round than what is cut out of it"
)
SATIN_WIDE = Number(3, "mm", "a close zigzag over a raw edge is so wide")
SATIN_LONG = Number(0.5, "mm", "and its stitches lie so close")
OPEN_ZIGZAG = Number(1.5, "mm", "the stitch of an open zigzag that only holds an edge down")
WORKED_OVER = Number(
    15, "mm", "cloth is cut so much larger all round where stitching worked on it draws it in and eats its edges"
)
BORDER_SHARE = Number(0.6, "share", "of the way down a piece that a border across it usually lies")
BOW_MOST = Number(3, "mm", "what is sewn on straight and comes to lie less than that out of level looks level")
ROWS_APART = Number(10, "mm", "rows of decorative stitches lie so far apart")
SURFACE_PACE = Number(60, "mm/min", "a close zigzag or a decorative stitch, at home")
EMBROIDERED = Number(15, "mm/min", "a line of embroidery by hand")
FILLED = Number(60, "mm/min", "a figure's ground, as its area over one mm, filled by hand")
DRIES = Number(60, "min", "a rinsed piece of cloth dries flat so far that it can be pressed")
WAIT_LEAST = Number(15, "min", "for less than that nobody takes up other work")
PAINT_DRIES = Number(120, "min", "fabric paint, as its maker says: about so long till it can be set with heat")
GLUE_TACKY = Number(30, "min", "foil glue, as its maker says: about so long till it is clear and tacky")
FOIL_COOLS = Number(10, "min", "foil and what was fused on it, till its sheet can be peeled off")

# Time --------------------------------------------------------------------------------------------
LOST_AFTER = Number(3, "min", "the table says every minute that it is open: not heard of for so long, it was closed")
SET_UP = Number(1.5, "min", "to pin and set up a seam")
PACE = Number(220, "mm/min", "sewn by machine at home")
BACKSTITCH = Number(40, "mm/min", "backstitched by hand")
BACKSTITCHED = Number(3, "mm", "a stitch of a backstitched seam, or of a line that is seen, by hand")
HAND_CRAFT = Number(
    3, "times", "a step that is half laying and folding takes so much longer when its sewing is done by hand"
)
BY_HAND = Number(45, "mm/min", "blind stitches by hand")

# Ease --------------------------------------------------------------------------------------------
TIGHT = Number(0.02, "share", "with less room round a thing than this, it is tight")
STRETCH_SNUG = Number(0.04, "share", "up to this room a stretchy cloth still lies against the thing")
TOO_LOOSE = Number(2, "times", "over so many times its usual room a make does not hold a thing")
BOX_LESS = Number(0.02, "share", "a box wants so much less room than something round: its corners fix it")
PADDING_MORE = Number(0.004, "share", "more room wanted for each mm of padding, which gives way")
PADDING_MOST = Number(0.03, "share", "more room wanted for padding at most")
LEVEL = Number(1.5, "mm", "a top this close to the thing's is level with it")
RUFFLE = Number(25, "mm", "cloth above a ribbon that ruffles")
COVERED = Number(0.4, "share", "a top that stands over the thing by up to so much of its height just covers it")
GIVES_UP = Number(10, "mm", "height given up to a base that is too tight, before that is a fault")
TAPE = Number(2, "mm", "closer than this a tape cannot tell")
LOOK_EVERY = Number(5, "mm", "heights between a thing's corners are looked at so closely")

# Things nobody has measured ----------------------------------------------------------------------
AGREE = Number(6.35, "mm", "two ways of measuring one girth agree to a quarter of an inch")
SHOULDER_SLOPE = Number(1, "times", "a shoulder's fall for its run: 45 degrees, a usual bottle")
HANDLE = Number(15, "mm", "a mug's handle, seen from above")
RING_ROUND = Number(10, "mm", "what a tape round a flat ring measures more than twice its width")
BELLY = Number(0.6, "share", "of its height: where a bowl that narrows to its rim is widest")
STICKS = Number(12, "mm", "what sticks out counts so far up and down from where it was measured")
NECK_UNDER = Number(0.75, "share", "of the widest girth: above its widest part, something thinner than this is a neck")
NECK_ROUND = Number(1.05, "times", "its narrowest: a neck begins where the thing is no wider than that")
SHOULDER_OVER = Number(0.97, "share", "of the widest girth: where a shoulder begins")
NECK_SHARE = Number(0.75, "share", "of the wall: where a bottle usually narrows")

# Wearers -----------------------------------------------------------------------------------------
LOOP_ROOM = Number(20, "mm", "a hand passes a loop so much longer round than the hand")
HAND_THICK = Number(30, "mm", "a hand of which only the width is known")
ARCH_ROOM = Number(20, "mm", "a handle's arch stands off the hand, in all")

# Turning -----------------------------------------------------------------------------------------
FINGERS = Number(40, "mm", "two fingers have to reach in, whatever the cloth")
PACKED = Number(0.6, "share", "bunched cloth fills so much of the opening it is pulled through")
GAP_ROOMY = Number(1.25, "times", "a gap is proposed so much longer than turning takes")
GAP_LEAST = Number(70, "mm", "a gap is proposed at least so long")
GAP_SHARE = Number(0.7, "share", "of a seam: the most that is left open, so that it still holds its shape")
GAP_ENDS = Number(10, "mm", "left at each end of a seam with a gap in any case")
GAP_BESIDE = Number(20, "mm", "what must be left of the seam beside a gap")
GAP_STRAIGHT = Number(25, "mm", "a shorter straight stretch does not hold a gap")

# Tops --------------------------------------------------------------------------------------------
CUFF = Number(40, "mm", "a cuff")
DEEP_HEM = Number(25, "mm", "a deep hem")
HEM_CLEAR = Number(3, "mm", "what stays clear between the edge of an inward hem and the line of a ribbon")
BOW = Number(600, "mm", "ribbon for a bow")

# Zips --------------------------------------------------------------------------------------------
ZIP_SHOWS = Number(10, "mm", "what is seen of a zip between its seams")
ZIP_BEYOND = Number(15, "mm", "tape beyond the stops")
ZIP_PARK = Number(30, "mm", "a zip that is sewn through is so much longer, to park its slider")
ZIP_STOPS_CLEAR = Number(5, "mm", "the stops of a zip that ends at a seam stay so far from it")
ZIP_TAIL = Number(20, "mm", "tape left beyond a new stop")
ZIP_UNDER = Number(10, "mm", "a zip's end reaches so far under its tab")
ZIP_TAB = Number(25, "mm", "a finished zip tab")
ZIP_SOLD = Number(10, "mm", "zips are sold in steps of so much; by the inch on an inch ruler", TRADE)

# Frames and binding ------------------------------------------------------------------------------
FRAME_PASSES = Number(2, "mm", "room round the bar of a frame that a maker can still push it through with")
FRAME_EASY = Number(4, "mm", "room round the bar of a frame, proposed")
FRAME_HINGE = Number(3, "mm", "a casing ends so far short of each hinge")
FRAME_CLEAR = Number(5, "mm", "the ends of a casing stay so clear of the side seams")
FRAME_BAR = Number(10, "mm", "the bar of a frame nobody has measured")
BINDING_STRIP = Number(50, "mm", "a strip folded in four that shows a little over a centimetre")

# Elastic and gathers -----------------------------------------------------------------------------
ELASTIC_STRETCH = Number(100, "per cent", "common woven elastic goes to twice its length")
ANCHORING = Number(20, "mm", "what the ends of an elastic take to sew on, in all")
ELASTIC_WIDE = Number(6, "mm", "common elastic for a mouth is so wide")
ELASTIC_PASSES = Number(2, "mm", "room beside elastic in its channel, so that it lies flat there and draws")
PEN_LOOP_WIDE = Number(20, "mm", "elastic of a loop that holds a pen")
ELASTIC_HOLDS = Number(1.02, "times", "drawn so much wider than its place, elastic no longer holds there")

# Parts -------------------------------------------------------------------------------------------
TAPE_WIDE = Number(20, "mm", "hook-and-loop tape is commonly sold so wide")
WEBBING_THICK = Number(1.5, "mm", "webbing of cotton or polyester is about so thick")
PIPING_CORD = Number(4, "mm", "the cord in piping")
LOOP_CORD = Number(3, "mm", "cord for the loop of a button")
PART_CLEAR = Number(5, "mm", "nearer than this to a seam, the base or another part nothing can be sewn on or used")
BLOCK_LEAST = Number(15, "mm", "a block of a pieced top is no smaller, finished")
BLOCK_MOST = Number(3000, "mm", "a block of a pieced top is at most so wide and high")
HOST_LEAST = Number(40, "mm", "a piece is at least so large, finished, for parts to lie on it")
LINING_SLACK = Number(0.03, "share", "of its girth that a lining may be too large before it shows in folds")
CORD_EYELET = Number(8, "mm", "the eyelet a cord comes out by is so wide inside")
POCKET_LEAST = Number(20, "mm", "no hand goes into less than this")
POCKET_ROOM = Number(5, "mm", "a pocket is so much wider than half round what it holds")
POCKET_HOLDS = Number(0.8, "share", "of the height of what it holds that a pocket covers: the rest is taken hold of")
POCKET_SHARE = Number(0.6, "share", "of the front that a pocket usually takes")
PATCH = Number(12, "mm", "a backing patch reaches so far beyond its hardware")
HANDLE_ARCH = Number(40, "mm", "the arch of a strap over a small make")

# What the log teaches ----------------------------------------------------------------------------
LEARNS_FROM = Number(12, "makes", "the last so many are learnt from: a maker changes")
ENOUGH = Number(4, "makes", "nothing is proposed from fewer measures")
ENOUGH_LIKED = Number(3, "makes", "an ease is proposed when so many were tried at one that went on well")
PACE_HALF = Number(2, "makes", "after so many timed makes a maker's own pace counts as much as the house's")
PACE_TRUSTED = Number(
    3, "times", "a step that took more than so many times what is usual for this maker was not only that step"
)
SEWN_OFF_LEAST = Number(0.5, "mm", "an allowance that is off by less is nothing a guide could be moved by")
EASE_STEP = Number(
    0.03, "share", "of the girth: so much more or less is tried where every ease so far was too little or too much"
)
EASE_LEAST = Number(0.01, "share", "of the girth: an ease that differs by less is the same")

# Many makes at once ------------------------------------------------------------------------------
CHANGE_PLACE = Number(1, "min", "to clear one place and set up at the next: cutting table, iron, machine, by hand")
CHANGE_FOOT = Number(2, "min", "to change the foot, and try it on a scrap")
CHANGE_STITCH = Number(0.5, "min", "to set another stitch length, and try it on a scrap")
CHANGE_THREAD = Number(3, "min", "to thread the machine anew, bobbin too")
MOST_TASKS = Number(1500, "times", "more things to do than so many are planned in parts")
EVENING = Number(120, "min", "an evening at the sewing table")
