#!/usr/bin/env python3
"""Makes the serif that ships with the program from STIX Two Text and STIX Two Math.

The published files of STIX Two Text are split by script, and its mathematical signs stand in a
font of their own. Here they become one file for each style, without layout tables, so that every
reader of the font (window, PDF) sets a line in the same width. Tall brackets and roots, which have
no code points, take places from U+E000 on; `TallSigns.java` lists them.

The fonts for web pages come in two parts: the signs of nearly every sheet (listed in `web-basic.txt`
and `web-math-basic.txt`), and the rest. The mathematical one keeps its MATH table and only the signs that formulas use.

    apt-get install python3-fonttools python3-brotli
    npm pack @fontsource/stix-two-text @fontsource/stix-two-math    (unpacked into TEXT and MATH)
    tools/fonts/make-fonts.py TEXT MATH OUT

Both fonts are under the SIL Open Font License 1.1 without reserved names. The sans for web pages is
made from Source Sans 3 in OUT and has a name of its own, since "Source" is reserved.
"""
import copy
import os
import sys

from fontTools import subset
from fontTools.merge import Merger
from fontTools.ttLib import TTFont

SCRIPTS = ["latin", "latin-ext", "greek", "cyrillic", "cyrillic-ext", "vietnamese"]
STYLES = {"Regular": "400-normal", "Italic": "400-italic", "Bold": "700-normal", "BoldItalic": "700-italic"}
SIGNS = (
    list(range(0x2070, 0x209D)) + list(range(0x2190, 0x219A)) + list(range(0x2200, 0x2300))
    + [0x302, 0x2032, 0x2044, 0x21D2, 0x27E8, 0x27E9, 0x2713, 0x25CF, 0x25CB])
TALL = (
    [("parenleft.s%d" % k, 0xE000 + k) for k in range(1, 13)]
    + [("parenright.s%d" % k, 0xE010 + k) for k in range(1, 13)]
    + [("uni221A.s%d" % k, 0xE020 + k) for k in range(1, 4)]
    + [("uni2211.s1", 0xE031)])
DROPPED = ["GDEF", "GPOS", "GSUB", "STAT", "MATH", "DSIG"]


def text_part(folder, style, script):
    font = TTFont(os.path.join(folder, "package/files/stix-two-text-%s-%s.woff2" % (script, style)))
    for table in DROPPED:
        if table in font:
            del font[table]
    font.flavor = None
    return font


def math_part(folder, known):
    font = TTFont(os.path.join(folder, "package/files/stix-two-math-latin-400-normal.woff2"))
    tall = [(glyph, code) for glyph, code in TALL if glyph in font.getGlyphOrder()]
    for table in font["cmap"].tables:
        if table.isUnicode():
            for glyph, code in tall:
                table.cmap[code] = glyph
    options = subset.Options(layout_features=[], drop_tables=DROPPED + ["cvt ", "fpgm", "prep", "gasp"], hinting=False)
    subsetter = subset.Subsetter(options)
    wanted = [code for code in SIGNS if code not in known] + [code for _, code in tall]
    subsetter.populate(unicodes=wanted)
    subsetter.subset(font)
    font.flavor = None
    return font


def name(font, style):
    table = font["name"]
    family = "STIX Two Text"
    words = {"Regular": "Regular", "Italic": "Italic", "Bold": "Bold", "BoldItalic": "Bold Italic"}[style]
    for record in list(table.names):
        if record.nameID not in (0, 5, 13, 14):
            table.names.remove(record)
    for number, text in ((1, family), (2, words), (3, "Lehrgang " + family + " " + words),
                         (4, (family + " " + words).replace(" Regular", "")), (6, "STIXTwoText-" + style)):
        table.setName(text, number, 3, 1, 0x409)
        table.setName(text, number, 1, 0, 0)


def make_text(text, math, out, style):
    parts = []
    for script in SCRIPTS:
        parts.append(text_part(text, STYLES[style], script))
    known = set().union(*(set(part.getBestCmap()) for part in parts))
    parts.append(math_part(math, known))
    # The same sign in two parts would be merged into alternatives; the first part that has it keeps it.
    seen, files = set(), []
    for i, part in enumerate(parts):
        keep = [code for code in part.getBestCmap() if code not in seen]
        seen.update(keep)
        options = subset.Options(notdef_outline=True, glyph_names=False, hinting=False)
        one = subset.Subsetter(options)
        one.populate(unicodes=keep)
        one.subset(part)
        path = os.path.join(out, "part-%d.ttf" % i)
        part.save(path)
        files.append(path)
    merged = Merger().merge(files)
    name(merged, style)
    merged["OS/2"].fsSelection = {"Regular": 0x40, "Italic": 1, "Bold": 0x20, "BoldItalic": 0x21}[style]
    merged["head"].macStyle = {"Regular": 0, "Italic": 2, "Bold": 1, "BoldItalic": 3}[style]
    merged["post"].formatType = 3.0
    merged["post"].italicAngle = -12.0 if "Italic" in style else 0.0
    merged.save(os.path.join(out, "STIXTwoText-%s.ttf" % style))
    for path in files:
        os.remove(path)


MATH_FEATURES = ["ssty", "ccmp", "mark", "mkmk"]
MATH_SIGNS = (
    [0xA0, 0xB1, 0xB2, 0xB7, 0xBD, 0xD7, 0x302, 0x304, 0x2C6, 0x2009, 0x2026, 0x2032]
    + [0x2208, 0x2211, 0x2212, 0x221A, 0x221E, 0x2223, 0x2248, 0x2260, 0x2264, 0x2265, 0x22C5, 0x22EF])
MATH = (
    list(range(0x20, 0x7F)) + MATH_SIGNS + list(range(0x391, 0x3CA)) + list(range(0x2070, 0x209D))
    + list(range(0x1D434, 0x1D468)) + [0x210E] + list(range(0x1D6E2, 0x1D71C)))

# The Greek of the usual symbols; their italics stand in a block of their own.
GREEK = [ord(letter) for letter in "ΓΣΦαβθλμπρσφχ"]
MATH_BASIC = (
    list(range(0x20, 0x7F)) + MATH_SIGNS + GREEK + [letter - 0x391 + 0x1D6E2 for letter in GREEK]
    + list(range(0x1D434, 0x1D468)) + [0x210E])


def part_of(font, codes, features, out, name):
    options = subset.Options(layout_features=features, hinting=False, flavor="woff2")
    subsetter = subset.Subsetter(options)
    subsetter.populate(unicodes=codes)
    subsetter.subset(font)
    font.flavor = "woff2"
    font.save(os.path.join(out, name + ".woff2"))


def list_signs(out, name, codes):
    with open(os.path.join(out, name + ".txt"), "w", encoding="utf-8") as signs:
        signs.write("".join(chr(code) for code in sorted(set(codes))) + "\n")


def make_math(math, out):
    file = os.path.join(math, "package/files/stix-two-math-latin-400-normal.woff2")
    part_of(TTFont(file), MATH_BASIC, MATH_FEATURES, out, "web-math")
    list_signs(out, "web-math-basic", MATH_BASIC)
    part_of(TTFont(file), set(MATH) - set(MATH_BASIC), MATH_FEATURES, out, "web-math-more")


WEB = (
    list(range(0x20, 0x7F)) + list(range(0xA0, 0x180)) + list(range(0x391, 0x3CA))
    + [0x2C6, 0x302, 0x2002, 0x2009, 0x2013, 0x2014,
       0x2018, 0x2019, 0x201A, 0x201C, 0x201D, 0x201E, 0x2020, 0x2022, 0x2026, 0x2032, 0x2039, 0x203A, 0x20AC,
       0x2190, 0x2192, 0x2211, 0x2212, 0x221A, 0x221E, 0x2248, 0x2260, 0x2264, 0x2265, 0x22EF, 0x2713]
    + [0x2070] + list(range(0x2074, 0x208A)) + [0x208B])


# What nearly every sheet is written with, formulas apart. A sheet with other signs brings a second
# file of each font.
WEB_BASIC = (
    list(range(0x20, 0x7F))
    + [ord(sign) for sign in "\u00a0²·×ÄÖÜßäöü\u0302\u0304Σαθλχ\u2009\u2012–—‘’“”„…₀→−√≈≠≤≥✓"])


def make_web(out):
    faces = {"STIXTwoText-Regular": "serif", "STIXTwoText-Italic": "serif-italic", "STIXTwoText-Bold": "serif-bold",
             "SourceSans3-Regular": "sans", "SourceSans3-Semibold": "sans-semibold"}
    for file, face in faces.items():
        for codes, part in ((WEB_BASIC, ""), (set(WEB) - set(WEB_BASIC), "-more")):
            font = TTFont(os.path.join(out, file + ".ttf"))
            if "sans" in face:
                for record in font["name"].names:
                    if record.nameID in (1, 3, 4, 6, 16):
                        record.string = record.toUnicode().replace("Source Sans 3", "Lehrgang Sans").replace(
                            "SourceSans3", "LehrgangSans")
            part_of(font, codes, ["kern"], out, "web-" + face + part)
    list_signs(out, "web-basic", WEB_BASIC)


def main():
    text, math, out = sys.argv[1:]
    os.makedirs(out, exist_ok=True)
    for style in STYLES:
        make_text(text, math, out, style)
    make_math(math, out)
    make_web(out)


if __name__ == "__main__":
    main()
