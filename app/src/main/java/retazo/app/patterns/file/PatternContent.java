package retazo.app.patterns.file;

import retazo.core.quilt.design.QuiltDesign;

/** All that a version of a pattern says. */
public record PatternContent(String name, PatternAbout about, QuiltDesign design) {

    public static final int LONGEST_NAME = 80;

    /** A design of the shop's own. */
    public static PatternContent own(String name, QuiltDesign design) {
        return new PatternContent(name, PatternAbout.OWN, design);
    }

    public PatternContent with(QuiltDesign newDesign) {
        return new PatternContent(name, about, newDesign);
    }

    public PatternContent by(PatternAbout others) {
        return new PatternContent(name, others, design);
    }

    /** The same by whoever designed it, as that is known now. */
    public PatternContent by(String designer) {
        return new PatternContent(name, new PatternAbout(designer, about.tools(), about.notes()), design);
    }

    public PatternContent named(String newName) {
        return new PatternContent(newName, about, design);
    }
}
