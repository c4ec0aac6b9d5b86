package lehrgang.documents.handout.tex;

/// What stands before a document.
final class TexPreamble {
  static final String PACKAGES =
      """
      \\usepackage{iftex}
      \\ifpdftex
        \\usepackage[utf8]{inputenc}
        \\usepackage[T1]{fontenc}
        \\usepackage{lmodern}
        \\newcommand{\\foreignsign}[2]{\\texttt{[U+#1]}}
      \\else
        \\usepackage{fontspec}
        \\newcommand{\\foreignsign}[2]{#2}
      \\fi
      \\usepackage{textcomp}
      \\usepackage[margin=22mm]{geometry}
      \\usepackage{amsmath,amssymb}
      \\usepackage{array,longtable,graphicx,xcolor,tikz}
      \\usepackage{fancyhdr,lastpage}
      """;

  static final String COMMANDS =
      """
      \\setlength{\\parindent}{0pt}
      \\setlength{\\parskip}{4pt plus 1pt}
      \\setlength{\\tabcolsep}{5pt}
      \\renewcommand{\\arraystretch}{1.3}
      \\newcommand{\\working}[1]{\\par\\smallskip\\(\\begin{aligned}#1\\end{aligned}\\)\\par\\smallskip}
      \\newcommand{\\behind}[1]{{\\small\\(\\begin{aligned}#1\\end{aligned}\\)\\par}}
      \\pagestyle{fancy}
      \\fancyhf{}
      \\renewcommand{\\headrulewidth}{0pt}
      \\newcommand{\\points}[1]{\\enspace{\\normalfont\\footnotesize\\sffamily\\color{lgsoft} #1}}
      \\newcommand{\\aside}[1]{{\\footnotesize\\sffamily\\color{lgsoft} #1\\par}\\nopagebreak}
      \\newcommand{\\checked}[1]{{\\small\\sffamily\\color{lgfine}\\ensuremath{\\checkmark}\\enspace #1\\par}}
      \\newcommand{\\warned}[1]{{\\small\\sffamily\\color{lgrejection}\\textbf{!}\\enspace #1\\par}}
      \\newcommand{\\tabletitle}[1]{{\\footnotesize\\sffamily\\bfseries\\color{lgsoft} #1}}
      \\newcommand{\\columnhead}[1]{{\\footnotesize\\sffamily\\color{lgsoft} #1}}
      \\newcommand{\\rowhead}[1]{{\\footnotesize\\sffamily\\bfseries #1}}
      \\newcommand{\\answer}[1]{\\textbf{\\color{lgrejection}#1}}
      \\newcommand{\\picked}[1]{\\fbox{\\textbf{#1}}}
      \\newcommand{\\summed}[1]{\\colorbox{lgrejectionsoft}{#1}}
      \\newcommand{\\faint}[1]{{\\color{lgsoft}#1}}
      \\newcommand{\\fitted}[1]{\\sbox0{#1}\\ifdim\\wd0>\\textwidth\\resizebox{\\textwidth}{!}{\\usebox0}\\else\\usebox0\\fi}
      % Room for an answer: its number, and how wide it is in ems.
      \\newcommand{\\blank}[2]{{\\setlength{\\fboxsep}{1pt}\\setlength{\\fboxrule}{0.3pt}\\fcolorbox{lgfaint}{white}{\\makebox[#2em][l]{\\rule[-0.35em]{0pt}{1.35em}\\raisebox{0.55em}{\\normalfont\\tiny\\sffamily\\color{lgfaint}#1}}}}}
      """;

  static final String GRID =
      "\\par\\medskip\\noindent\\begin{tikzpicture}\\draw[step=5mm,lgline,very thin](0,0) grid"
          + " (16.5,0.5*#1);\\draw[lgfaint](0,0) rectangle (16.5,0.5*#1);\\end{tikzpicture}\\par";

  static final String LINES =
      "\\par\\medskip\\noindent\\begin{tikzpicture}\\draw[ystep=9mm,xstep=200mm,lgfaint,very thin]"
          + "(0,0) grid (16.5,0.5*#1);\\end{tikzpicture}\\par";

  private TexPreamble() {}
}
