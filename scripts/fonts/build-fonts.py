#!/usr/bin/python3
"""Makes the two font families that ship with Amber Fence.

Takes the Latin subsets of EB Garamond and Inter and the note signs of Noto Music (all SIL Open Font
License 1.1) from the npm packages @fontsource/eb-garamond, @fontsource/inter and @fontsource/noto-music,
unpacked below the folder given as the first argument, and writes TrueType files to the second.
The families get names of their own, as the licence asks for changed fonts. Needs Debian's python3-fonttools.

    build-fonts.py UNPACKED_PACKAGES core/src/main/resources/amberfence/words/fonts
"""
import glob
import sys

from fontTools import subset
from fontTools.merge import Merger, Options
from fontTools.pens.recordingPen import DecomposingRecordingPen
from fontTools.pens.transformPen import TransformPen
from fontTools.pens.ttGlyphPen import TTGlyphPen
from fontTools.ttLib import TTFont

SOURCE, TARGET = sys.argv[1], sys.argv[2]
FACES = [
    ("eb-garamond", "500-normal", "Ferry Serif", "Regular", "FerrySerif-Regular.ttf"),
    ("eb-garamond", "600-normal", "Ferry Serif", "Bold", "FerrySerif-Bold.ttf"),
    ("inter", "400-normal", "Ferry Sans", "Regular", "FerrySans-Regular.ttf"),
    ("inter", "600-normal", "Ferry Sans", "Bold", "FerrySans-Bold.ttf"),
]
# Note signs and double accidentals, with the share of the cap height that each should have.
MUSIC = {"𝄪": 0.62, "𝄫": 1.12, "♩": 1.1, "♪": 1.1}
SUPERSCRIPTS = {"⁰": "0", "¹": "1", "²": "2", "³": "3", "⁴": "4", "⁵": "5", "⁶": "6", "⁷": "7", "⁸": "8",
                "⁹": "9", "⁺": "+"}
# Marks of the direction of writing, which nobody sees: a font without them draws boxes in their place.
UNSEEN = "\u200e\u200f"
# Simple signs, drawn on a square of 100 units standing on the baseline.
SHAPES = {
    "→": [[(4, 31), (72, 31), (72, 39), (4, 39)], [(60, 12), (66, 7), (96, 35), (66, 63), (60, 58), (84, 35)]],
    "▲": [[(10, 8), (90, 8), (50, 72)]],
    "▼": [[(10, 68), (50, 4), (90, 68)]],
    "▾": [[(22, 52), (50, 16), (78, 52)]],
    "▸": [[(28, 6), (72, 36), (28, 66)]],
    "✓": [[(6, 34), (14, 41), (34, 18), (80, 72), (88, 65), (34, 3)]],
    "✕": [[(14, 10), (21, 3), (50, 31), (79, 3), (86, 10), (57, 38), (86, 66), (79, 73), (50, 45), (21, 73),
           (14, 66), (43, 38)]],
}


def accidentals(stem, bar):
    """♯ ♮ ♭ drawn on a cap height of 72 with stems and bars of these widths: (straight contours, curved ones, advance)."""
    def box(x, low, high):
        return [(x, low), (x + stem, low), (x + stem, high), (x, high)]

    def slanted(x0, x1, y, rise):
        return [(x0, y), (x1, y + rise), (x1, y + rise + bar), (x0, y + bar)]
    bowl = [((6 + stem, 38), [((14, 48), (24, 48)), ((41, 48), (39, 31)), ((37, 14), (6 + stem, -3))]),
            ((6 + stem, 8), [((29 - stem / 2, 20), (30 - stem / 2, 31)), ((31 - stem / 2, 41), (21, 41)),
                             ((13, 41), (6 + stem, 31))])]
    return {
        "♯": ([box(14, -8, 74), box(30, -2, 80), slanted(4, 44 + stem / 2, 17, 7), slanted(4, 44 + stem / 2, 44, 7)], [],
              44 + stem),
        "♮": ([box(7, 10, 88), box(29, -16, 62), slanted(7, 29 + stem, 10, 6), slanted(7, 29 + stem, 46, 6)], [], 36 + stem),
        "♭": ([box(6, -3, 88)], bowl, 44),
    }


def path_of(package, pattern):
    found = glob.glob(f"{SOURCE}/**/{package}-{pattern}.woff", recursive=True)
    if not found:
        raise SystemExit(f"no {package}-{pattern}.woff below {SOURCE}")
    return found[0]


def clockwise(points):
    area = sum(a[0] * b[1] - b[0] * a[1] for a, b in zip(points, points[1:] + points[:1]))
    return points if area < 0 else points[::-1]


def polygons(pen, contours, scale):
    for contour in contours:
        points = [(round(x * scale), round(y * scale)) for x, y in clockwise(contour)]
        pen.moveTo(points[0])
        for point in points[1:]:
            pen.lineTo(point)
        pen.closePath()


def add(font, character, draw, advance):
    name = f"u{ord(character):04X}"
    pen = TTGlyphPen(None)
    draw(pen)
    font["glyf"][name] = pen.glyph()
    font["hmtx"][name] = (int(advance), getattr(font["glyf"][name], "xMin", 0))
    for table in font["cmap"].tables:
        if table.isUnicode() and (ord(character) <= 0xFFFF or table.format == 12):
            table.cmap[ord(character)] = name


def add_format_12(font):
    from fontTools.ttLib.tables._c_m_a_p import CmapSubtable
    wide = CmapSubtable.newSubtable(12)
    wide.platformID, wide.platEncID, wide.language = 3, 10, 0
    wide.cmap = dict(font.getBestCmap())
    font["cmap"].tables.append(wide)


def bounds(font, name):
    glyph = font["glyf"][name]
    glyph.recalcBounds(font["glyf"])
    return glyph.xMin, glyph.yMin, glyph.xMax, glyph.yMax


def build(package, style, family, face, file):
    options = Options(drop_tables=["vmtx", "vhea", "GPOS", "GSUB", "GDEF", "STAT"])
    parts = [path_of(package, f"{subset}-{style}") for subset in ("latin", "latin-ext")]
    font = Merger(options=options).merge(parts)
    units = font["head"].unitsPerEm
    add_format_12(font)
    capital = bounds(font, font.getBestCmap()[ord("H")])[3]
    music = TTFont(path_of("noto-music", "music-400-normal"))
    for character, share in MUSIC.items():
        name = music.getBestCmap()[ord(character)]
        x0, y0, x1, y1 = bounds(music, name)
        scale = capital * share / (y1 - y0)
        lift = (capital - capital * share) / 2 - y0 * scale + (capital * 0.06 if character == "♭" else 0)
        side = 0.06 * capital
        recording = DecomposingRecordingPen(music.getGlyphSet())
        music.getGlyphSet()[name].draw(recording)
        add(font, character, lambda pen: recording.replay(
            TransformPen(pen, (scale, 0, 0, scale, side - x0 * scale, lift))), (x1 - x0) * scale + 2 * side)
    stem, bar = {"Ferry Serif": (5, 8), "Ferry Sans": (6.5, 8)}[family]
    if face == "Bold":
        stem, bar = stem * 1.4, bar * 1.25
    scale = capital / 72
    for character, (straight, curved, width) in accidentals(stem, bar).items():
        def draw(pen, straight=straight, curved=curved):
            polygons(pen, straight, scale)
            for start, curves in curved:
                pen.moveTo((round(start[0] * scale), round(start[1] * scale)))
                for control, end in curves:
                    pen.qCurveTo(*[(round(x * scale), round(y * scale)) for x, y in (control, end)])
                pen.closePath()
        add(font, character, draw, width * scale)
    glyphs = font.getGlyphSet()
    for character, plain in SUPERSCRIPTS.items():
        name = font.getBestCmap()[ord(plain)]
        recording = DecomposingRecordingPen(glyphs)
        glyphs[name].draw(recording)
        add(font, character, lambda pen: recording.replay(TransformPen(pen, (0.6, 0, 0, 0.6, 0, capital * 0.45))),
            font["hmtx"][name][0] * 0.6)
    for character, contours in SHAPES.items():
        scale = capital / 72 * 0.95

        def draw(pen, contours=contours, scale=scale):
            polygons(pen, contours, scale)
        add(font, character, draw, 100 * scale)
    for character in UNSEEN:
        add(font, character, lambda pen: None, 0)
    for record in list(font["name"].names):
        text = {1: family, 2: face, 3: f"{family} {face} for Amber Fence", 4: f"{family} {face}",
                6: f"{family.replace(' ', '')}-{face}"}.get(record.nameID)
        if text:
            font["name"].setName(text, record.nameID, record.platformID, record.platEncID, record.langID)
        elif record.nameID in (16, 17, 21, 22, 25):
            font["name"].removeNames(nameID=record.nameID)
    font["OS/2"].usWeightClass = 700 if face == "Bold" else 400
    font["OS/2"].fsSelection = {"Bold": 0x20, "Italic": 0x01}.get(face, 0x40)
    font["head"].macStyle = {"Bold": 1, "Italic": 2}.get(face, 0)
    font.setGlyphOrder(list(font["glyf"].glyphOrder))
    if hasattr(font, "_reverseGlyphOrderDict"):
        del font._reverseGlyphOrderDict
    font["maxp"].numGlyphs = len(font.getGlyphOrder())
    font.flavor = None
    font.save(f"{TARGET}/{file}")
    print(file, len(font.getBestCmap()), "characters")


for row in FACES:
    build(*row)


def sheet_signs():
    """Clefs, heads, flags, rests and signs for notes on staves, as Noto Music has them."""
    font = TTFont(glob.glob(f"{SOURCE}/**/noto-music-music-400-normal.woff2", recursive=True)[0])
    options = subset.Options(layout_features=[], notdef_outline=True, glyph_names=False)
    chooser = subset.Subsetter(options)
    chooser.populate(unicodes=[0x1D11E, 0x1D122, 0x1D125, 0x1D13B, 0x1D13C, 0x1D13D, 0x1D13E, 0x1D13F, 0x1D157, 0x1D158, 0x1D15D,
                               0x1D16E, 0x1D16F, 0x266D, 0x266E, 0x266F, 0x1D12A, 0x1D12B])
    chooser.subset(font)
    for record in font["name"].names:
        if record.nameID in (1, 3, 4, 6, 16):
            record.string = "FerryMusic" if record.nameID in (3, 6) else "Ferry Music"
    font.flavor = None
    font.save(f"{TARGET}/FerryMusic.ttf")


sheet_signs()
