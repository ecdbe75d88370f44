package retazo.core.quilt.finish;

/** How binding strips are cut. */
public enum BindingCut {
    /** Across the width, joined on the diagonal. */
    STRAIGHT,
    /** On the bias, as one continuous strip from sewn squares. */
    BIAS
}
