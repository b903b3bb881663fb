/**
 * Every tolerance and default of the trade, in one place, each with what it means and where it comes from.
 * "Common practice" and "from memory" mean that no published source is known; the maker can change them.
 */

/** Reading a tape laid on crochet: the limit of the error, mm. From memory; usual for a soft tape. */
export const TAPE_ERROR_MM = 1;

/** Reading a count over a length: the limit of the error, in stitches or rows. From memory. */
export const COUNT_ERROR = 0.25;

/** Reading a kitchen scale: the limit of the error, g. From memory. */
export const SCALE_ERROR_G = 1;

/** Confidence of every ± in a plan. The usual 95 %. */
export const CONFIDENCE = 0.95;

/**
 * How uneven crochet usually is: one standard deviation of a reading over so many mm, as a share of the gauge, and how many readings
 * that is worth beside those that were taken. From memory.
 */
export const ASSUMED_SPREAD = { share: 0.03, overMm: 100, worthReadings: 4 } as const;

/** Two readings of one swatch further apart than this share of their mean deserve a second look. From memory. */
export const READINGS_FAR_APART = 0.12;

/**
 * Rows of a stitch, against its width, by more than this factor higher or lower than is usual are asked about: they were probably
 * counted in another stitch. From memory.
 */
export const PROPORTION_FACTOR = 1.5;

/** What is not known of a gauge that is taken from the yarn's class and the hook alone: the 95 % limit as a share of it. From memory. */
export const ROUGH_SHARE = 0.15;

/** Thickness of single crochet against the width of its stitch, where it was not measured. From memory. */
export const ROUGH_THICKNESS_TO_STITCH = 0.45;

/** By how much a plain strap grows when fully pulled, where no trial strip was worked, with its 95 % limit. From memory. */
export const ROUGH_STRAP_GROWTH = { share: 0.12, plusMinus: 0.1 } as const;

/**
 * The pull that brings a strap to 63 % of what it stretches at most, N, where no weight was hung on it, and by what factor that may be
 * wrong either way. From memory.
 */
export const ROUGH_STRAP_PULL = { newton: 10, factor: 2 } as const;

/** What a strap gains in time under its load, as a share of what it has stretched. From memory: cotton gives a little for weeks. */
export const STRAP_CREEP_SHARE = 0.1;

/** Pull of a mass at rest, N/kg: standard gravity (BIPM, The International System of Units, 9th edition; 3rd CGPM, 1901). */
export const STANDARD_GRAVITY = 9.80665;

/**
 * What is not known of the gauge in another stitch pattern, or for another piece, than the swatch's: the 95 % limit as a share of
 * it. Common practice for pieces: a narrow strip differs by about a tenth in rows. From memory for patterns.
 */
export const OTHER_STITCH_SHARE = 0.12;
export const OTHER_PIECE_SHARE = 0.1;

/**
 * How far a piece may be from the swatch that stands for it, the 95 % limit as a share of the gauge: hands settle, tire and change over days of work, by as much as from one
 * kind of piece to another. It is what the first measure of a piece is weighed against. From memory.
 */
export const PIECE_FROM_SWATCH_SHARE = 0.1;

/** A piece that differs from its swatch by more than this share of it was probably miscounted. From memory. */
export const PIECE_FAR_FROM_SWATCH = 0.5;

/** What two swatches of a yarn leave open of a third on another hook, as a share of its gauge (95 %). From memory. */
export const GAUGE_FROM_HOOK_SHARE = 0.05;

/** What a whipped side seam takes on each side, in stitches. Common practice: nothing to half a stitch. */
export const WHIP_TAKE_UP_STITCHES = 0.25;

/** The flap's drop as a share of the front's height that looks right and holds. From memory. */
export const FLAP_DROP_SHARE = { least: 0.4, most: 0.85 } as const;

/** A mouth without a flap that the load holds open by more than this lets small things out, mm. From memory. */
export const GAP_WITHOUT_FLAP_MM = 25;

/** A load that takes more than this share of a flat bag's width is better carried in one with a depth of its own. From memory. */
export const NARROWER_SHARE = 0.2;

/** A flap wider than this is held better by two snaps, mm. Common practice. */
export const ONE_SNAP_FLAP_WIDTH_MM = 180;

/** From the flap's edge in to the middle of a snap, mm. Common practice: 20 to 25 mm. */
export const SNAP_INSET_MM = 22;

/** By so much a flap can be drawn to what it is fastened on, mm. From memory. */
export const FLAP_GIVES_MM = 4;

/** A tab reaches so far beyond the middle of its button, or is tucked so far through its slot, mm. From memory. */
export const TAB_END_MM = 12;
export const TAB_TUCKED_MM = 25;

/** A zipper leaves so much of the opening clear at each end, mm: about 25 mm in all. Common practice, no source. */
export const ZIPPER_CLEAR_MM = 12;

/** A cord that is tied in a bow is so many times as long as what it goes round. Common practice, no source. */
export const TIED_CORD_TIMES = 2.5;

/** Strands that a bead slides on leave the mouth by so much each when it stands open, mm. From memory. */
export const CORD_TAIL_MM = 150;

/** Beads whose hole is between these times the thickness of one strand grip two of them. From memory. */
export const BEAD_GRIPS = { least: 1.4, most: 2 } as const;

/** An edge that is sewn into a frame is as long as that, or gathered to so many times its length. From memory. */
export const FRAME_FULLNESS = { least: 0.98, most: 1.3 } as const;

/** A hand goes through a mouth of this width, mm. From memory. */
export const HAND_MM = 90;

/** Yarn of a chain, as so many times the length that it is worked to. From memory. */
export const CHAIN_YARN_TIMES = 3;

/** Yarn that ties a tassel or a pompon, or is left at an end of a small piece, mm. From memory. */
export const TIE_MM = 250;

/** Yarn of a line of slip stitch on a face, as so many times its length. From memory. */
export const SLIP_LINE_TIMES = 4;

/** Yarn that the knot of a strand of fringe takes, mm. From memory. */
export const KNOT_MM = 20;

/** A ring's tab, folded in two, reaches so far on to the bag, mm. Common practice, no source. */
export const RING_TAB_MM = 25;

/** How far a sewn strap foot overlaps the bag, mm a side. Common practice. */
export const STRAP_OVERLAP_MM = 25;

/** What a bow takes of each end that is tied, as so many times the length of its loop. Common practice, no source. */
export const BOW_TIMES = 2.5;

/**
 * Strap that its adjusting keeps even where it is let out fully, mm: folded through a slider, put through two rings, beyond a button, and the two
 * ends of a knot. From memory.
 */
export const KEPT_BY_MM = { slider: 30, 'two-rings': 60, buttonholes: 25, knot: 100 } as const;

/** A strap that grows by more than this share when pulled is better reinforced. From memory. */
export const STRAP_STRETCH_ADVICE = 0.3;

/** Cloth left outside the lining's finished edge, less the inset, mm. Common practice: 12 to 25 mm. */
export const LINING_ALLOWANCE_MM = 16;

/** How far the pressed lining stays inside the crochet's edge, mm. From memory. */
export const LINING_INSET_MM = 4;

/** Plain lining cotton, mm thick. From memory. */
export const LINING_THICKNESS_MM = 0.3;

/** Yarn to sew a whipped seam, as a multiple of the seam's length. Common practice: 3.6 to 3.9; the safe end. */
export const SEAM_YARN_RATIO = 3.9;

/** A tail left at each end of a yarn, mm. Common practice. */
export const TAIL_MM = 150;

/** A tail left where it will sew, mm. Common practice: 200 to 250 mm. */
export const SEWING_TAIL_MM = 220;

/** Edges that are joined are clipped together about so often. Common practice, no source. */
export const CLIPS_EVERY_MM = 50;

/** Yarn to have beyond what is computed, as a share. Common practice. */
export const YARN_RESERVE = 0.1;

/** Room left across and up beside what is carried, mm. Common practice: 15 for something about as thick as a finger. */
export const EASE_MM = 15;

/** The widest and tallest inside of a bag that is planned, and the thickest load, mm: the limits of the file, less a thick fabric. */
export const LARGEST_BAG_MM = 780;
export const THICKEST_LOAD_MM = 190;

/** The smallest and the largest outside size that a design can wish for, mm. Ours. */
export const LEAST_SIZE_MM = 20;
export const MOST_SIZE_MM = 800;

/** The most rows that can be settled on for one part: twice what one is planned with, so that a fold can be moved all the way. Ours. */
export const MOST_CHOSEN_ROWS = 1200;

/** The shortest flap, and the smallest size of its shape, that a design can wish for, mm. Ours. */
export const LEAST_DROP_MM = 10;
export const LEAST_SHAPE_MM = 5;

/** The widest hem that can be wished for, mm: on no flap that holds up is more turned back. Ours. */
export const MOST_HEM_MM = 100;

/** The least and the most depth that a design can wish for, mm. Ours. */
export const LEAST_DEPTH_MM = 10;
export const MOST_DEPTH_MM = 400;

/** Limits of the file that a repair must keep to as well. */
export const LEAST_WORN_MM = 50;
export const MOST_WORN_MM = 2500;
export const LEAST_CHOSEN_STITCHES = 2;
export const MOST_CHOSEN_STITCHES = 600;
export const LEAST_NARROWING = 2;
export const MOST_NARROWING = 40;

/** A finished size that is off by more than this is noticed, mm: less than a tape laid on crochet tells. From memory. */
export const NOTICED_MM = 3;

/** How deep a bag is made at first where its construction gives it a depth, mm outside. Ours. */
export const GUSSET_DEPTH_MM = 52;

/**
 * How much the height of a row changes from the first row of a bag to the last, as hands warm up or tire: the 95 % limit as a share of
 * it. From memory.
 */
export const TENSION_DRIFT_SHARE = 0.03;

/** The normal quantile of 95 %: a ± is so many standard deviations. */
export const DEVIATIONS_IN_PLUS_MINUS = 1.959964;

/** How often a row is counted once too often or not at all: the chance for each row. From memory. */
export const ROW_SLIP_CHANCE = 0.002;
