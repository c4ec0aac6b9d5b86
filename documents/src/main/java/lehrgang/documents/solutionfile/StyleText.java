package lehrgang.documents.solutionfile;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import java.util.Map;
import java.util.Optional;
import lehrgang.core.solution.StudyDesign;
import lehrgang.documents.solutionfile.SolutionText.MarkingText;
import lehrgang.documents.solutionfile.SolutionText.SheetText;
import lehrgang.documents.solutionfile.SolutionText.StepsText;

/// A course's style as its file has it.
///
/// @param wording  sentences by key
/// @param steps    their order and titles
/// @param symbols  by what they stand for
/// @param decimals places by kind of number
/// @param design   of the studies that the course speaks of
/// @param choices  the level, rounding on the way, and choices of procedure by id
@JsonInclude(Include.NON_EMPTY)
record StyleText(
    @JsonInclude String format,
    Map<String, Object> wording,
    Optional<StepsText> steps,
    Map<String, Object> symbols,
    Map<String, Object> decimals,
    Map<String, Object> choices,
    Optional<SheetText> sheet,
    Optional<MarkingText> marking,
    Optional<StudyDesign> design) {}
