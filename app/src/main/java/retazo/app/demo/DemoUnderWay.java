package retazo.app.demo;

import retazo.app.patterns.PatternVersion;

/** Work of the demo shop that is under way, in kits of its own. */
interface DemoUnderWay {

    /** @param pattern the one that the demo's runs make */
    void fill(PatternVersion pattern, DemoRuns.Crew crew);
}
