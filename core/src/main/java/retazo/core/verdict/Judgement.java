package retazo.core.verdict;

/** What is said of a printed figure. */
public enum Judgement {
    AGREES,
    /** More than is needed, by so much. */
    GENEROUS,
    /** Less than is needed, by so much. */
    TOO_LITTLE,
    /** No way of working can make do with it. */
    IMPOSSIBLE
}
