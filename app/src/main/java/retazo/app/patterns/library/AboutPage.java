package retazo.app.patterns.library;

import java.util.List;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.file.PatternFileWriter;
import retazo.app.shared.Choice;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.cloth.ShopPractice;

/**
 * What can be said about a pattern.
 *
 * @param ways     it can be planned from
 * @param settings that it may change, or has of its own
 */
record AboutPage(List<Choice> ways, List<Setting> settings) {

    /** One of them, with the shop's. */
    record Setting(String key, LengthView shop) {
    }

    static AboutPage of(PatternVersion pattern, ShopPractice shop, Words words) {
        return new AboutPage(
                pattern.design().ways().stream().map(PatternFileWriter::code)
                        .map(code -> new Choice(code, words.text("way." + code))).toList(),
                AboutForm.settingsOf(pattern.design()).stream()
                        .map(measure -> new Setting(measure.key(), LengthView.cut(shop.length(measure)))).toList());
    }
}
